<?php

declare(strict_types=1);

namespace Loftrin\Core\Day;

use InvalidArgumentException;

/** A stretch of undisturbed work: one round, or several with breaks between them. In seconds from its beginning. */
final readonly class FocusRounds
{
    public const MINUTES = [1, 240];

    public const ROUNDS = [1, 12];

    public const BREAK = [0, 60];

    /**
     * @param int $minutes of each round
     * @param int $break minutes between two rounds
     *
     * @throws InvalidArgumentException outside of these limits
     */
    public function __construct(public int $minutes, public int $rounds = 1, public int $break = 0)
    {
        foreach ([[$minutes, self::MINUTES], [$rounds, self::ROUNDS], [$break, self::BREAK]] as [$number, [$least, $most]]) {
            if ($number < $least || $number > $most) {
                throw new InvalidArgumentException("$number is not between $least and $most.");
            }
        }
    }

    /** @return list<FocusPart> in order; after the last round there is no break */
    public function parts(): array
    {
        $parts = [];
        $at = 0;

        for ($round = 1; $round <= $this->rounds; $round++) {
            $parts[] = new FocusPart($at, $at + 60 * $this->minutes, $round, false);
            $at += 60 * $this->minutes;

            if ($round < $this->rounds && $this->break > 0) {
                $parts[] = new FocusPart($at, $at + 60 * $this->break, $round, true);
                $at += 60 * $this->break;
            }
        }

        return $parts;
    }

    /** How long all of it is meant to take, breaks included. */
    public function length(): int
    {
        return 60 * ($this->rounds * $this->minutes + ($this->rounds - 1) * $this->break);
    }

    /**
     * Whether a session that is still running was forgotten.
     *
     * @param int $elapsed seconds since it began
     */
    public function isForgotten(int $elapsed): bool
    {
        return $elapsed > 2 * $this->length();
    }

    /**
     * When a session that is ended now did end: now, also when it ran over. One that was forgotten, left running for more than
     * twice its length, ended when it was meant to.
     *
     * @param int $elapsed seconds since it began
     */
    public function endedAfter(int $elapsed): int
    {
        return $this->isForgotten($elapsed) ? $this->length() : max(0, $elapsed);
    }

    /** The seconds of work, breaks left out, of a session that ended after so many. */
    public function worked(int $elapsed): int
    {
        $rested = 0;

        foreach ($this->parts() as $part) {
            if ($part->isBreak) {
                $rested += max(0, min($elapsed, $part->until) - $part->from);
            }
        }

        return max(0, $elapsed - $rested);
    }
}
