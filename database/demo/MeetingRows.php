<?php

declare(strict_types=1);

namespace Database\Demo;

use DateTimeImmutable;

/** What every meeting is made of: agenda items with their lines, and issues. */
final readonly class MeetingRows
{
    public function __construct(private Rows $rows, private People $people)
    {
    }

    /**
     * @param array<string, mixed> $columns
     * @param list<array{string, string}> $lines who wrote what
     */
    public function item(int $meeting, int $position, DateTimeImmutable $at, int $spent, array $columns, array $lines = []): int
    {
        $id = $this->rows->add('agenda_items', [
            'meeting_id' => $meeting,
            'position' => $position,
            'owner_id' => null,
            'goal_id' => null,
            'issue_id' => null,
            'begun_at' => $at->format('Y-m-d H:i:s'),
            'ended_at' => $at->modify("+$spent minutes")->format('Y-m-d H:i:s'),
            'outcome' => null,
            ...$columns,
        ]);

        foreach ($lines as $place => [$who, $words]) {
            $this->rows->add('note_lines', [
                'agenda_item_id' => $id,
                'key' => self::key("$id $place"),
                'person_id' => $this->people->id($who),
                'words' => $words,
                'version' => 1,
                'written_at' => $at->modify('+'.min($spent, 1 + $place).' minutes')->format('Y-m-d H:i:s'),
            ]);
        }

        return $id;
    }

    /** Shaped like those that browsers make, and the same at every load. */
    private static function key(string $of): string
    {
        return (string) preg_replace('/^(.{8})(.{4})(.{4})(.{4})(.{12}).*$/', '$1-$2-$3-$4-$5', hash('sha256', $of));
    }

    /** @param array<string, mixed> $columns */
    public function issue(int $series, array $columns): int
    {
        return $this->rows->add('issues', [
            'series_id' => $series,
            'need' => 'decision',
            'goal_id' => null,
            'project_id' => null,
            'waited' => 0,
            'outcome' => null,
            'settled_on' => null,
            ...$columns,
        ]);
    }
}
