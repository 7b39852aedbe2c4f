<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use App\Models\Person;
use App\Models\Relations\Everybody;
use App\Models\Workspace;
use App\Queries\Meetings\Answers\LineRow;
use App\Queries\Parts\Answers\PersonTag;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;

/** The lines of a running meeting as plain rows: every open page asks for them each time that somebody writes one. */
final readonly class RoomLines
{
    public function __construct(private Workspace $workspace, private Everybody $everybody)
    {
    }

    /**
     * @param array<array-key, int> $items
     *
     * @return array<int, list<LineRow>> by agenda item, in the order in which they arrived
     */
    public function of(array $items, Person $viewer): array
    {
        $people = $this->everybody->all()->map(PersonTag::of(...));
        $zones = [new DateTimeZone('UTC'), new DateTimeZone($this->workspace->timezone)];
        $found = [];

        foreach (DB::table('note_lines')->whereIn('agenda_item_id', $items)->orderBy('id')->get() as $line) {
            $found[(int) $line->agenda_item_id][] = new LineRow(
                id: (int) $line->id,
                key: (string) $line->key,
                version: (int) $line->version,
                words: (string) $line->words,
                who: $people->get((int) $line->person_id),
                at: (new DateTimeImmutable((string) $line->written_at, $zones[0]))->setTimezone($zones[1])->format('H:i'),
                isMine: (int) $line->person_id === $viewer->id,
                correctedBy: $people->get((int) $line->corrected_by)?->name,
                became: match (true) {
                    $line->decision_id !== null => 'decision',
                    $line->task_id !== null => 'next step',
                    default => null,
                },
            );
        }

        return $found;
    }
}
