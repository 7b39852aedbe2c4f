<?php

declare(strict_types=1);

namespace Loftrin\Core\Meetings;

/** Issues ranked, and fitted whole into the time that is there. Rules: computation 11. */
final readonly class Agenda
{
    /** What one follow-up takes, in minutes. */
    public const FOLLOW_UP_MINUTES = 1;

    /** What the closing of a meeting takes, in minutes. */
    public const CLOSING_MINUTES = 2;

    /**
     * @param list<RankedIssue> $fits in order
     * @param list<RankedIssue> $wontFit in order: the first that did not fit, and all behind it
     * @param int $spare minutes of issue time that are left; below 0 when there was none to begin with
     */
    private function __construct(public array $fits, public array $wontFit, public int $spare)
    {
    }

    /**
     * @param int $minutes time for issues: of the meeting − opening − standing items − follow-ups − closing
     * @param list<RankedIssue> $issues in any order
     */
    public static function of(int $minutes, array $issues): self
    {
        $ranked = self::rank($issues);
        $fits = [];

        foreach ($ranked as $issue) {
            if ($issue->minutes > $minutes) {
                break;
            }

            $fits[] = $issue;
            $minutes -= $issue->minutes;
        }

        return new self($fits, array_slice($ranked, count($fits)), $minutes);
    }

    /**
     * Those with a place given by hand first, then what waiting costs, then those tied to an open goal, then the
     * longest waiting, then the order raised.
     *
     * @param list<RankedIssue> $issues
     *
     * @return list<RankedIssue>
     */
    public static function rank(array $issues): array
    {
        $place = static fn(RankedIssue $issue): array => [
            $issue->place ?? PHP_INT_MAX,
            $issue->rank->value ?? 'Z',
            $issue->servesGoal ? 0 : 1,
            -$issue->waited,
            $issue->raised,
        ];
        usort($issues, static fn(RankedIssue $a, RankedIssue $b): int => $place($a) <=> $place($b));

        return $issues;
    }

    /**
     * Before which of the issues that still wait one is taken up: the first that ranks behind it, however the others were put.
     *
     * @param list<RankedIssue> $waiting in the order in which they stand
     *
     * @return ?string its id; null for behind all of them
     */
    public static function before(array $waiting, RankedIssue $taken): ?string
    {
        foreach ($waiting as $issue) {
            if (self::rank([$issue, $taken])[0] === $taken) {
                return $issue->id;
            }
        }

        return null;
    }
}
