<?php

declare(strict_types=1);

namespace App\Actions\Meetings;

use App\Models\AgendaItem;
use App\Models\Attendance;
use App\Models\Issue;
use App\Models\Meeting;
use App\Models\Person;
use App\Models\PrivateNote;
use App\Queries\Meetings\AgendaInStore;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Illuminate\Support\Carbon;
use Loftrin\Core\Meetings\Agenda;
use Loftrin\Core\Meetings\AgendaKind;
use Loftrin\Core\Meetings\RankedIssue;

/** What is done while a meeting runs: turn to an item, give it more time, pause, say who is there. */
final readonly class RunMeeting
{
    public function __construct(private ChangeLog $log)
    {
    }

    /**
     * Turns the room to an item and ends the one before. Turning back to an item goes on with it. A paused meeting goes on.
     *
     * @throws RefusedChange when the minutes are final
     */
    public function turnTo(Person $who, AgendaItem $item): void
    {
        self::refuseFinal($item->meeting);

        $this->log->change(
            $who,
            "Started “{$item->title}”",
            static function () use ($item): void {
                self::goOn($item->meeting);
                $now = Carbon::now();
                $item->refresh();

                if ($item->begun_at !== null && $item->ended_at === null) {
                    return;
                }

                foreach (self::running($item->meeting) as $other) {
                    $other->update(['ended_at' => $now]);
                }

                $item->update(['begun_at' => $now->copy()->subSeconds($item->spent($now)), 'ended_at' => null]);
            },
            isStep: false,
        );
    }

    /**
     * Stops the clock, or lets it run on from where it stood.
     *
     * @throws RefusedChange when the minutes are final
     */
    public function pause(Person $who, Meeting $meeting, bool $isPaused): void
    {
        self::refuseFinal($meeting);

        $this->log->change(
            $who,
            $isPaused ? 'Paused the meeting' : 'Went on with the meeting',
            static function () use ($meeting, $isPaused): void {
                if (! $isPaused) {
                    self::goOn($meeting);
                } elseif ($meeting->paused_at === null) {
                    $meeting->update(['paused_at' => Carbon::now()]);
                }
            },
            isStep: false,
        );
    }

    /**
     * Gives an item more minutes. What comes behind it has less.
     *
     * @throws RefusedChange when the minutes are final
     */
    public function extend(Person $who, AgendaItem $item, int $minutes): void
    {
        self::refuseFinal($item->meeting);

        $this->log->change(
            $who,
            "Gave $minutes more min to “{$item->title}”",
            static fn() => $item->update(['extra' => $item->extra + $minutes]),
        );
    }

    /**
     * Puts an item that is still to come before another, or behind all others but the closing.
     *
     * @throws RefusedChange when the minutes are final, or it was begun already
     */
    public function move(Person $who, AgendaItem $item, ?int $before): void
    {
        self::refuseFinal($item->meeting);

        if ($item->begun_at !== null || $item->kind === AgendaKind::Closing) {
            throw new RefusedChange('before', "“{$item->title}” keeps its place.");
        }

        $this->log->change($who, "Moved “{$item->title}” on the agenda", static function () use ($item, $before): void {
            $others = $item->meeting->items()->whereKeyNot($item->id)->get()->values();
            $place = $others->search(
                static fn(AgendaItem $other): bool => $before === null ? $other->kind === AgendaKind::Closing : $other->id === $before,
            );
            $others->splice(is_int($place) ? $place : $others->count(), 0, [$item]);

            foreach ($others->values() as $position => $each) {
                if ($each->position !== $position) {
                    $each->update(['position' => $position]);
                }
            }
        });
    }

    /**
     * Takes an issue that was raised meanwhile into the running meeting: by its rank among those that are still to come.
     *
     * @throws RefusedChange when the minutes are final, or it is on the agenda
     */
    public function takeUp(Person $who, Meeting $meeting, Issue $issue): void
    {
        self::refuseFinal($meeting);

        if ($issue->series_id !== $meeting->series_id || $meeting->items()->where('issue_id', $issue->id)->exists()) {
            throw new RefusedChange('issue', "“{$issue->title}” is on the agenda already.");
        }

        $this->log->change($who, "Took up “{$issue->title}”", function () use ($who, $meeting, $issue): void {
            $item = AgendaItem::query()->create([
                'meeting_id' => $meeting->id,
                'kind' => AgendaKind::Issue,
                'position' => $meeting->items()->count(),
                'title' => $issue->title,
                'minutes' => $issue->minutes ?? RankedIssue::USUAL_MINUTES,
                'owner_id' => $issue->raised_by,
                'goal_id' => $issue->goal_id,
                'issue_id' => $issue->id,
            ]);
            $this->move($who, $item->load('meeting'), $this->before($meeting, $issue));
        });
    }

    /** The item before which an issue takes its place; null for before the closing. */
    private function before(Meeting $meeting, Issue $issue): ?int
    {
        $items = $meeting->items()->whereNull('begun_at')->with(['issue.goal', 'issue.project.contributions.goal']);
        $waiting = [];

        foreach ($items->where('issue_id', '!=', $issue->id)->get() as $item) {
            if ($item->issue !== null) {
                $waiting[$item->id] = AgendaInStore::rankedIssue($item->issue);
            }
        }

        $before = Agenda::before(array_values($waiting), AgendaInStore::rankedIssue($issue));

        return array_key_first(array_filter($waiting, static fn(RankedIssue $each): bool => $each->id === $before));
    }

    public function attend(Person $who, Attendance $attendance, bool $wasThere): void
    {
        $this->log->change($who, 'Changed who is present', static fn() => $attendance->update(['was_there' => $wasThere]));
    }

    /** What somebody notes for themselves beside the notes that all see. It stays theirs when the minutes are final. */
    public function noteForOneself(Person $who, AgendaItem $item, string $words): void
    {
        $this->log->change(
            $who,
            'Wrote a note of your own',
            static function () use ($who, $item, $words): void {
                $note = PrivateNote::query()->firstOrNew(['agenda_item_id' => $item->id, 'person_id' => $who->id]);
                $note->fill(['words' => $words])->save();
            },
            isStep: false,
        );
    }

    /** @throws RefusedChange when the meeting is closed */
    public static function refuseFinal(Meeting $meeting): void
    {
        if ($meeting->closed_at !== null) {
            throw new RefusedChange('meeting', 'These minutes are final.');
        }
    }

    /** Of a paused meeting, the item that is on has not taken the time since. */
    private static function goOn(Meeting $meeting): void
    {
        if ($meeting->paused_at === null) {
            return;
        }

        $paused = (int) $meeting->paused_at->diffInSeconds(Carbon::now());

        foreach (self::running($meeting) as $item) {
            $item->update(['begun_at' => $item->begun_at?->copy()->addSeconds($paused)]);
        }

        $meeting->update(['paused_at' => null]);
    }

    /** @return iterable<AgendaItem> */
    private static function running(Meeting $meeting): iterable
    {
        return $meeting->items()->whereNotNull('begun_at')->whereNull('ended_at')->get();
    }
}
