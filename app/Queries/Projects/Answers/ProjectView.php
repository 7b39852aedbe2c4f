<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Queries\Goals\Answers\ForecastView;
use App\Queries\Goals\Answers\GoalRow;
use App\Queries\Meetings\Answers\MeetingsBeside;
use App\Queries\Parts\Answers\Beside;
use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Props;
use App\Queries\Week\Answers\RecurringTaskRow;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\Focus;
use Loftrin\Core\Work\Rank;
use Loftrin\Core\Work\StageOrder;
use Loftrin\Core\Work\Weighing;

final readonly class ProjectView implements Props
{
    /**
     * @param list<CharterPart> $charter in its order, and the notes
     * @param list<MilestoneRow> $milestones
     * @param list<PlanLineRow> $lines of its plan
     * @param list<GoalRow> $quarterGoals of one that is not taken on yet: does it serve them?
     * @param list<GoalRow> $serves
     * @param list<ContributionValues> $weights how much it counts under each of those
     * @param list<StageRow> $stages
     * @param list<int> $now ids of the tasks that can start now
     * @param list<TaskRow> $aside dropped and shelved
     * @param list<HistoryRow> $history newest first
     * @param list<FieldEntry> $fields of one's own
     * @param list<Option> $collections that there are
     * @param list<int> $gathered those that it is in
     * @param list<RecurringTaskRow> $recurringTasks that run for it
     * @param string $sum how the progress adds up, in words
     * @param ?string $countsAlso why the share is another than that of the tasks done: "by estimated time"
     * @param ?ForecastView $forecast null without a pace, or when it is too early to say
     * @param list<PersonTag> $people
     * @param ?list<string> $seenBy names of the groups and people who may see it, its owner first; null for everyone
     */
    public function __construct(
        public RegisterRow $project,
        public array $charter,
        public ?string $learned,
        public array $milestones,
        public array $lines,
        public array $quarterGoals,
        public ?string $area,
        public ?Day $startsOn,
        public Weighing $weighing,
        public StageOrder $order,
        public bool $mayChange,
        public array $serves,
        public array $weights,
        public array $stages,
        public array $now,
        public array $aside,
        public string $sum,
        public ?string $countsAlso,
        public ?ForecastView $forecast,
        public array $people,
        public bool $lastIsDone,
        public ?Rank $rank,
        public ?Focus $focus,
        public Beside $beside,
        public array $history,
        public ?UsedTemplate $template,
        public array $recurringTasks,
        public array $fields,
        public array $collections,
        public array $gathered,
        public MeetingsBeside $meetings,
        public ?array $seenBy,
    ) {
    }
}
