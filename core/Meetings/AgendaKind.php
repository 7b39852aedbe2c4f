<?php

declare(strict_types=1);

namespace Loftrin\Core\Meetings;

/** What a line of an agenda is. */
enum AgendaKind: string
{
    case Opening = 'opening';
    case Standing = 'standing';
    case FollowUps = 'follow_ups';
    case Issue = 'issue';
    case Closing = 'closing';

    /**
     * The parts in an order of one's own: what it names of those between opening and closing, then the others
     * as they are proposed: what waiting makes dearer first, what comes every time last. It changes nothing in what fits. Rules:
     * computation 11.
     *
     * @param ?string $parts their values with commas between them
     *
     * @return list<self>
     */
    public static function ordered(?string $parts): array
    {
        $between = [self::Issue, self::FollowUps, self::Standing];
        $own = array_map(self::tryFrom(...), explode(',', $parts ?? ''));
        $order = array_filter($own, static fn(?self $part): bool => in_array($part, $between, true));

        return array_values(array_unique([self::Opening, ...$order, ...$between, self::Closing], SORT_REGULAR));
    }
}
