<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use App\Models\AgendaItem;
use App\Models\Decision;
use App\Models\Meeting;
use App\Models\Person;
use App\Models\PrivateNote;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Meetings\Answers\DecisionRow;
use App\Queries\Meetings\Answers\DropPrice;
use App\Queries\Meetings\Answers\IssueRow;
use App\Queries\Meetings\Answers\ItemRow;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Plan\Threads;
use Illuminate\Support\Carbon;
use Loftrin\Core\Meetings\Agenda;
use Loftrin\Core\Meetings\AgendaKind;
use Loftrin\Core\Meetings\RankedIssue;

/** The agenda of a meeting that runs: what was dealt with, what is on, what still fits. Rules: computation 11. */
final readonly class RoomItems
{
    public function __construct(private Workspace $workspace, private RoomLines $lines)
    {
    }

    /** @return list<ItemRow> in order; what will not fit comes last */
    public function of(Meeting $meeting, Threads $threads, Person $viewer): array
    {
        $now = $meeting->clock();
        $wontFit = array_flip(array_map(static fn(RankedIssue $issue): int => (int) $issue->id, $this->fit($meeting)->wontFit));
        $ordered = $meeting->items->sortBy(
            static fn(AgendaItem $item): array => [
                $item->begun_at === null,
                isset($wontFit[$item->id]),
                $item->begun_at?->getTimestamp() ?? $item->position,
            ],
        );
        $notes = PrivateNote::query()
            ->where('person_id', $viewer->id)
            ->whereIn('agenda_item_id', $meeting->items->modelKeys())
            ->pluck('words', 'agenda_item_id');
        $visible = Task::query()->visibleTo($viewer)->whereIn('agenda_item_id', $meeting->items->modelKeys());
        $steps = array_column(TaskRow::all($visible, $threads, $this->workspace), null, 'id');
        $lines = $this->lines->of($meeting->items->modelKeys(), $viewer);
        $at = $meeting->opened_at->copy();
        $rows = [];

        foreach ($ordered as $item) {
            $at = $item->begun_at ?? $at;
            $own = $notes->get($item->id);
            $rows[] = new ItemRow(
                id: $item->id,
                kind: $item->kind,
                title: $item->title,
                state: self::state($item, isset($wontFit[$item->id])),
                at: $this->workspace->wallTime($at),
                minutes: $item->minutes,
                extra: $item->extra,
                spent: $item->begun_at === null ? null : $item->spent($now),
                who: $item->owner?->name,
                cord: $item->issue?->project_id !== null ? $threads->ofProject($item->issue->project_id) : $threads->ofGoal($item->goal_id),
                look: LookedAt::of($item, $threads),
                issue: $item->issue === null ? null : IssueRow::of($item->issue, $threads),
                outcome: $item->outcome,
                lines: $lines[$item->id] ?? [],
                ownNotes: is_string($own) ? $own : '',
                decisions: self::decisions($item),
                nextSteps: array_values(array_intersect_key($steps, array_flip($item->nextSteps->modelKeys()))),
            );
            $at = self::endOf($item, $at, $now);
        }

        return $rows;
    }

    private static function state(AgendaItem $item, bool $isLeftOut): string
    {
        return match (true) {
            $item->ended_at !== null => 'done',
            $item->begun_at !== null => 'current',
            $isLeftOut => 'wont_fit',
            default => 'coming',
        };
    }

    /** @return list<DecisionRow> */
    private static function decisions(AgendaItem $item): array
    {
        return array_values(
            $item->decisions
                ->map(static fn(Decision $each): DecisionRow => new DecisionRow($each->id, $each->words, $each->because))
                ->all(),
        );
    }

    /** What the next overrun costs: the last issue that still fits. */
    public function price(Meeting $meeting): ?DropPrice
    {
        $fits = $this->fit($meeting)->fits;
        $last = end($fits);

        if ($last === false) {
            return null;
        }

        $item = $meeting->items->find((int) $last->id);
        $taken = 60 * array_sum(array_map(static fn(RankedIssue $issue): int => $issue->minutes, $fits));

        return $item === null ? null : new DropPrice($item->title, max(0, $this->left($meeting) - $taken), $item->issue->waited ?? 0);
    }

    /** The issues that are still to come, fitted into the time that is left. */
    private function fit(Meeting $meeting): Agenda
    {
        $issues = $meeting->items
            ->filter(self::isWaitingIssue(...))
            // They stand in their order already: nothing but the place decides among them.
            ->map(
                static fn(AgendaItem $item): RankedIssue => new RankedIssue(
                    (string) $item->id,
                    raised: $item->position,
                    minutes: $item->minutes + $item->extra,
                ),
            );

        return Agenda::of((int) floor($this->left($meeting) / 60), array_values($issues->all()));
    }

    /** Seconds left for issues that are still to come, after what everything else still takes. */
    private function left(Meeting $meeting): int
    {
        $now = $meeting->clock();
        $left = (int) $now->diffInSeconds($meeting->end());

        foreach ($meeting->items as $item) {
            $left -= $item->ended_at !== null || self::isWaitingIssue($item) ? 0 : max(0, $item->allowed() - $item->spent($now));
        }

        return $left;
    }

    private static function isWaitingIssue(AgendaItem $item): bool
    {
        return $item->kind === AgendaKind::Issue && $item->begun_at === null && $item->issue !== null && $item->outcome === null;
    }

    private static function endOf(AgendaItem $item, Carbon $at, Carbon $now): Carbon
    {
        $planned = $at->copy()->addSeconds($item->allowed());

        return $item->ended_at ?? ($item->begun_at !== null && $planned->isBefore($now) ? $now->copy() : $planned);
    }
}
