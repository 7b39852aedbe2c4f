<?php

declare(strict_types=1);

namespace App\Actions\Meetings;

use App\Models\Addition;
use App\Models\AgendaItem;
use App\Models\Meeting;
use App\Models\NoteLine;
use App\Models\Person;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use App\Store\Stamp;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/**
 * Lines of notes, as they arrive: each has the key and the version that its browser gave it, so that one that is sent twice,
 * or arrives behind a newer one, changes nothing. What arrives when the minutes are final is added to them with its date.
 */
final readonly class WriteLine
{
    public function __construct(private ChangeLog $log, private Stamp $stamp)
    {
    }

    /**
     * @param string $words with their spaces; empty for an empty line
     *
     * @throws RefusedChange when the line is somebody else's, or of another item
     */
    public function __invoke(Person $who, AgendaItem $item, string $key, string $words, int $version): void
    {
        $line = NoteLine::query()->firstWhere('key', $key);

        match (true) {
            $line !== null && ($line->person_id !== $who->id || $line->agenda_item_id !== $item->id) => throw new RefusedChange(
                'words',
                'Only the person who wrote this line can change it.',
            ),
            $item->meeting->closed_at !== null => $this->addLate($who, $item, $line, $key, $words),
            $line === null => $this->save($item, $key, ['person_id' => $who->id, 'written_at' => Carbon::now()], $words, $version),
            $version > $line->version => $this->save($item, $key, ['corrected_by' => null], $words, $version),
            default => null,
        };
    }

    /**
     * Corrects a slip in somebody's line. It keeps its place among the texts of its writer: their next one replaces it.
     *
     * @throws RefusedChange when it is neither one's own nor one chairs the meeting or takes its minutes, or the minutes are final
     */
    public function correct(Person $who, NoteLine $line, string $words): void
    {
        $meeting = $line->agendaItem->meeting;
        RunMeeting::refuseFinal($meeting);

        if (! in_array($who->id, [$line->person_id, $meeting->chair_id, $meeting->minute_taker_id], true)) {
            throw new RefusedChange('words', 'Only its writer, the chair or the minute-taker can correct this line.');
        }

        $this->log->change(
            $who,
            'Corrected a line of the notes',
            static fn() => $line->update(['words' => $words, 'corrected_by' => $who->id === $line->person_id ? null : $who->id]),
        );
    }

    /** @throws RefusedChange when it is somebody else's, or the minutes are final */
    public function remove(Person $who, NoteLine $line): void
    {
        RunMeeting::refuseFinal($line->agendaItem->meeting);

        if ($line->person_id !== $who->id) {
            throw new RefusedChange('words', 'Only the person who wrote this line can delete it.');
        }

        $this->log->change($who, 'Deleted a line of the notes', static fn() => $line->delete());
    }

    /**
     * Adds a correction to final minutes.
     *
     * @throws RefusedChange while the meeting is still running
     */
    public function add(Person $who, Meeting $meeting, string $words, ?AgendaItem $item = null, ?string $key = null): void
    {
        if ($meeting->closed_at === null) {
            throw new RefusedChange('words', 'This meeting is still running: write a line in its notes.');
        }

        $this->log->change(
            $who,
            "Added to the minutes of “{$meeting->series->title}”",
            static fn(): Addition => Addition::query()->firstOrCreate(
                ['key' => $key ?? Str::uuid()->toString()],
                [
                    'meeting_id' => $meeting->id,
                    'agenda_item_id' => $item?->id,
                    'person_id' => $who->id,
                    'words' => $words,
                    'written_at' => Carbon::now(),
                ],
            ),
            isStep: false,
        );
    }

    /** The text that was written last, unless the minutes have it. */
    private function addLate(Person $who, AgendaItem $item, ?NoteLine $line, string $key, string $words): void
    {
        if (trim($words) === '' || $line?->words === $words) {
            return;
        }

        $before = Addition::query()->where('key', $key)->value('words');

        if ($before !== $words) {
            $this->add($who, $item->meeting, $words, $item, $before === null ? $key : hash('sha256', "$key $words"));
        }
    }

    /**
     * What is written while one types is no step of its own: the line says who wrote it, and when.
     *
     * @param array<string, mixed> $columns
     */
    private function save(AgendaItem $item, string $key, array $columns, string $words, int $version): void
    {
        NoteLine::withoutEvents(
            static fn(): NoteLine => NoteLine::query()->updateOrCreate(
                ['key' => $key],
                ['agenda_item_id' => $item->id, 'words' => $words, 'version' => $version, ...$columns],
            ),
        );
        $this->stamp->renew(past: false);
    }
}
