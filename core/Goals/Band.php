<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Fraction;

/** Where something stands against its pace, or how it was closed. Rules: computation 5. */
enum Band: string
{
    case NotBegun = 'not_begun';
    case Unmeasured = 'unmeasured';
    case Ahead = 'ahead';
    case OnPace = 'on_pace';
    case Behind = 'behind';
    case FarBehind = 'far_behind';
    case Reached = 'reached';
    case Met = 'met';
    case InPart = 'in_part';
    case NotMet = 'not_met';
    case Stopped = 'stopped';

    public static function ofResult(Result $result): self
    {
        return self::from($result->value);
    }

    /** Whether it says how a goal was closed. */
    public function isResult(): bool
    {
        return Result::tryFrom($this->value) !== null;
    }

    /** Whether it says that somebody should look: behind or far behind. */
    public function isBehind(): bool
    {
        return $this === self::Behind || $this === self::FarBehind;
    }

    /** The band of an open goal or project over its span, from its exact progress and expected. */
    public static function at(?Fraction $progress, ?Fraction $expected, Span $span, Day $on, ?Horizon $horizon = null): self
    {
        if ($on->isBefore($span->first) && ($progress === null || $progress->isZero())) {
            return self::NotBegun;
        }

        if ($progress === null || $expected === null) {
            return self::Unmeasured;
        }

        $week = $horizon === Horizon::Week;
        $near = Fraction::of($week ? 20 : 10, 100);
        $far = Fraction::of($week ? -50 : -25, 100);
        $gap = $progress->minus($expected);

        return match (true) {
            $progress->isAtLeast(Fraction::one()) => self::Reached,
            $on->isAfter($span->last) => $gap->isAtLeast($far) ? self::Behind : self::FarBehind,
            $gap->isAtLeast($near) => self::Ahead,
            $gap->isAtLeast($near->negated()) => self::OnPace,
            $gap->isAtLeast($far) => self::Behind,
            default => self::FarBehind,
        };
    }

    /** The band of an open limit to keep, from the share of the readings that kept it. */
    public static function ofKept(?Fraction $progress, Fraction $share, Span $span, Day $on): self
    {
        if ($progress === null || ($progress->isZero() && $on->isBefore($span->first))) {
            return $on->isBefore($span->first) ? self::NotBegun : self::Unmeasured;
        }

        $gap = $progress->minus($share);

        return match (true) {
            $gap->isAtLeast(Fraction::zero()) => $on->isAfter($span->last) ? self::Reached : self::OnPace,
            $gap->isAtLeast(Fraction::of(-1, 10)) => self::Behind,
            default => self::FarBehind,
        };
    }
}
