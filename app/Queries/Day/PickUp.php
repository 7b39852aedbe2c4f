<?php

declare(strict_types=1);

namespace App\Queries\Day;

use App\Models\Goal;
use App\Models\Person;
use App\Models\Project;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Day\Answers\PickUpLine;
use App\Queries\Parts\Address;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Spatie\Activitylog\Models\Activity;

/** Where a person left off: the pages on which they changed something last. */
final readonly class PickUp
{
    /** So many changes are looked through, and so many pages shown. */
    private const CHANGES = 60;

    private const PAGES = 3;

    public function __construct(private Workspace $workspace)
    {
    }

    /** @return list<PickUpLine> what is still open and may still be seen, the last first */
    public function of(Person $person): array
    {
        $entries = Activity::query()
            ->where('causer_type', $person->getMorphClass())
            ->where('causer_id', $person->id)
            ->orderByDesc('id')
            ->limit(self::CHANGES)
            ->get(['id', 'subject_type', 'subject_id', 'description', 'created_at'])
            ->filter(static fn(Activity $entry): bool => in_array($entry->subject_type, [Task::class, Project::class, Goal::class], true))
            ->unique(static fn(Activity $entry): string => "$entry->subject_type $entry->subject_id");
        $open = self::stillOpen($person, $entries);
        $lines = [];

        foreach ($entries as $entry) {
            $record = ($open[$entry->subject_type] ?? collect())->get($entry->subject_id);
            // A task is taken up where it lies: on the page of its project.
            $page = $record instanceof Task ? $record->project ?? $record : $record;

            if ($page instanceof Task || $page instanceof Project || $page instanceof Goal) {
                $link = Address::of($page);
                $lines[$link] ??= $this->line(
                    $page->title,
                    $link,
                    $entry,
                    $record instanceof Task && $page !== $record ? $record->title : null,
                );
            }

            if (count($lines) === self::PAGES) {
                break;
            }
        }

        return array_values($lines);
    }

    /**
     * What of it is still open, and the person's to see.
     *
     * @param Collection<int, Activity> $entries
     *
     * @return array<string, Collection<(int|string), covariant (Task|Project|Goal)>> by their ids
     */
    private static function stillOpen(Person $person, Collection $entries): array
    {
        $ids = $entries->groupBy('subject_type')->map(static fn($of) => $of->pluck('subject_id'));

        return [
            Task::class => Task::query()
                ->visibleTo($person)
                ->onLists()
                ->whereKey($ids[Task::class] ?? [])
                ->with('project')
                ->get()
                ->keyBy('id'),
            Project::class => Project::query()
                ->visibleTo($person)
                ->where('state', 'active')
                ->whereKey($ids[Project::class] ?? [])
                ->get()
                ->keyBy('id'),
            Goal::class => Goal::query()
                ->visibleTo($person)
                ->whereNull('closed_on')
                ->whereKey($ids[Goal::class] ?? [])
                ->get()
                ->keyBy('id'),
        ];
    }

    private function line(string $title, string $link, Activity $entry, ?string $task): PickUpLine
    {
        return new PickUpLine(
            $title,
            $link,
            $task ?? $entry->description,
            $this->workspace->wallDay($entry->created_at ?? now()),
            $this->workspace->wallTime(Carbon::instance($entry->created_at ?? now())),
        );
    }
}
