<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use App\Models\AgendaItem;
use App\Models\Attendance;
use App\Models\Decision;
use App\Models\Meeting;
use App\Models\NoteLine;
use App\Models\Series;
use App\Models\Task;
use App\Models\Visibility;
use App\Models\Workspace;
use App\Queries\Meetings\Answers\MinutesDecision;
use App\Queries\Meetings\Answers\MinutesItem;
use App\Queries\Meetings\Answers\MinutesLine;
use App\Queries\Meetings\Answers\MinutesStep;
use App\Queries\Meetings\Answers\MinutesText;
use Illuminate\Support\Carbon;
use Loftrin\Core\Meetings\AgendaKind;
use Loftrin\Core\Meetings\FollowUpAnswer;

/** The minutes of a meeting: as they were made final, or as they would be now. */
final readonly class MinutesOf
{
    public function __construct(private Workspace $workspace, private AgendaInStore $agendas)
    {
    }

    /** As they are kept; a meeting that was closed before minutes were kept has them as its records say. */
    public function closed(Meeting $meeting): MinutesText
    {
        $kept = $meeting->loadMissing('finalMinutes')->finalMinutes;

        return $kept === null ? $this->now($meeting) : MinutesText::of($kept->text);
    }

    /** As the records say: what happened, in the order in which it did. */
    public function now(Meeting $meeting): MinutesText
    {
        $meeting->load([
            'series',
            'chair',
            'minuteTaker',
            'attendances.person',
            'followUps',
            'items.owner',
            'items.issue',
            'items.decisions',
            'items.lines.person',
            'items.lines.corrector',
            'items.nextSteps.owner',
            'items.nextSteps.project',
            'items.nextSteps.goal',
        ]);
        $end = $meeting->closed_at ?? Carbon::now();
        $names = static fn(bool $wasThere): array => array_values(
            $meeting->attendances
                ->where('was_there', $wasThere)
                ->map(static fn(Attendance $attendance): string => $attendance->name())
                ->all(),
        );
        $items = $meeting->items->sortBy(
            static fn(AgendaItem $item): array => [$item->begun_at === null, $item->begun_at?->getTimestamp(), $item->position],
        );

        return new MinutesText(
            title: $meeting->series->title,
            on: (string) $meeting->on,
            begins: $this->workspace->wallTime($meeting->opened_at),
            ends: $this->workspace->wallTime($end),
            planned: $meeting->minutes,
            took: self::minutes($meeting->opened_at, $end),
            chair: $meeting->chair?->name,
            minuteTaker: $meeting->minuteTaker?->name,
            present: $names(true),
            absent: $names(false),
            summary: $meeting->summary,
            items: array_values($items->map(fn(AgendaItem $item): MinutesItem => $this->item($meeting, $item, $end))->all()),
        );
    }

    private function item(Meeting $meeting, AgendaItem $item, Carbon $end): MinutesItem
    {
        return new MinutesItem(
            kind: $item->kind,
            title: $item->title,
            context: $item->issue?->context,
            at: $item->begun_at === null ? null : $this->workspace->wallTime($item->begun_at),
            planned: $item->minutes + $item->extra,
            took: $item->begun_at === null ? null : self::minutes($item->begun_at, $item->ended_at ?? $end),
            who: $item->owner?->name,
            outcome: $item->outcome,
            lines: array_values(
                $item->lines
                    ->map(
                        fn(NoteLine $line): MinutesLine => new MinutesLine(
                            $line->person?->name,
                            $this->workspace->wallTime($line->written_at),
                            $line->words,
                            $line->corrector?->name,
                        ),
                    )
                    ->all(),
            ),
            decisions: array_values(
                $item->decisions
                    ->map(static fn(Decision $decision): MinutesDecision => new MinutesDecision($decision->words, $decision->because))
                    ->all(),
            ),
            nextSteps: self::steps($item->nextSteps, $meeting->series),
            followUps: $item->kind === AgendaKind::FollowUps ? $this->followUps($meeting) : [],
        );
    }

    /** @return list<MinutesStep> with what was said of each: "held up by the mill, until 2027-02-15" */
    private function followUps(Meeting $meeting): array
    {
        $answers = [];

        foreach ($meeting->followUps as $said) {
            $answers[$said->task_id] =
                $said->answer->words().
                ($said->words === null ? '' : ($said->answer === FollowUpAnswer::HeldUp ? ' by ' : ': ').$said->words).
                ($said->until === null ? '' : ", until {$said->until}");
        }

        return self::steps($this->agendas->followUps($meeting->series, $meeting)->with('owner')->get(), $meeting->series, $answers);
    }

    /**
     * Those that all readers of the minutes may see.
     *
     * @param iterable<Task> $tasks
     * @param array<int, string> $answers what was said of them, by task
     *
     * @return list<MinutesStep>
     */
    public static function steps(iterable $tasks, Series $series, array $answers = []): array
    {
        $steps = [];

        foreach ($tasks as $task) {
            if ($series->is_private || $task->visibility !== Visibility::OnlyMe) {
                $steps[] = new MinutesStep(
                    task: $task->id,
                    what: $task->title,
                    who: $task->owner->name,
                    by: $task->due_on === null ? null : (string) $task->due_on,
                    for: $task->project?->openTitle() ?? $task->goal?->openTitle(),
                    answer: $answers[$task->id] ?? null,
                );
            }
        }

        return $steps;
    }

    private static function minutes(Carbon $from, Carbon $until): int
    {
        return (int) round($from->diffInSeconds($until) / 60);
    }
}
