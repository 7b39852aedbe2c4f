<?php

declare(strict_types=1);

namespace Loftrin\Core\Meetings;

/**
 * A role that goes round the attendees in a fixed order. Rules: computation 11.
 *
 * Who is absent is passed over and comes first at the next change at which they are there, after which
 * the order goes on from where it was.
 */
final class Rotation
{
    private int $next;

    /** @var list<string> who was passed over, longest ago first */
    private array $owed = [];

    /**
     * @param list<string> $order people, in the order of turns
     * @param int $first whose turn is first, by place in the order
     */
    public function __construct(private readonly array $order, int $first = 0)
    {
        $this->next = $order === [] ? 0 : $first % count($order);
    }

    /**
     * Whose turn it is among those present; the turn is then theirs. Null with nobody there.
     *
     * @param list<string> $present
     */
    public function turn(array $present): ?string
    {
        foreach ($this->owed as $place => $person) {
            if (in_array($person, $present, true)) {
                array_splice($this->owed, $place, 1);

                return $person;
            }
        }

        for ($passed = 0; $passed < count($this->order); $passed++) {
            $person = $this->order[$this->next];
            $this->next = ($this->next + 1) % count($this->order);

            if (in_array($person, $present, true)) {
                return $person;
            }

            if (! in_array($person, $this->owed, true)) {
                $this->owed[] = $person;
            }
        }

        return null;
    }

    /**
     * Chair and minute-taker of the last of the meetings, each role changing hands every so many.
     *
     * Nobody holds both unless alone: for the minutes, the chair counts as absent.
     *
     * @param list<string> $order the attendees, in the order of turns
     * @param list<list<string>> $meetings who was there, or is expected, at each meeting from the first
     * @param int $every meetings between two changes
     *
     * @return array{?string, ?string} chair, minute-taker
     */
    public static function roles(array $order, array $meetings, int $every = 1): array
    {
        $chairs = new self($order);
        $takers = new self($order, 1);
        $roles = [null, null];

        foreach ($meetings as $number => $present) {
            [$chair, $taker] = $roles;
            $changes = $number % $every === 0;
            $chair = $changes || ! in_array($chair, $present, true) ? $chairs->turn($present) : $chair;
            $others = array_values(array_diff($present, [$chair]));
            $taker = $changes || ! in_array($taker, $others, true) ? $takers->turn($others) : $taker;
            $roles = [$chair, $taker ?? $chair];
        }

        return $roles;
    }
}
