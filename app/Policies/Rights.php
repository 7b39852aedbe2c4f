<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Absence;
use App\Models\Addition;
use App\Models\AgendaItem;
use App\Models\AgreedChange;
use App\Models\Answer;
use App\Models\Appointment;
use App\Models\Assumption;
use App\Models\Attendance;
use App\Models\Attendee;
use App\Models\AttendingGroup;
use App\Models\Checkpoint;
use App\Models\Collection;
use App\Models\CollectionItem;
use App\Models\Contribution;
use App\Models\Dependency;
use App\Models\Entry;
use App\Models\EveningAnswer;
use App\Models\EveningQuestion;
use App\Models\Field;
use App\Models\FinalMinutes;
use App\Models\Finding;
use App\Models\FocusSession;
use App\Models\Following;
use App\Models\FollowUp;
use App\Models\FormerRule;
use App\Models\Goal;
use App\Models\Group;
use App\Models\Guest;
use App\Models\Habit;
use App\Models\HabitTick;
use App\Models\Helping;
use App\Models\Judgement;
use App\Models\Letter;
use App\Models\LogLine;
use App\Models\LongTermGoal;
use App\Models\MainEffort;
use App\Models\Meeting;
use App\Models\MeetingException;
use App\Models\Membership;
use App\Models\Milestone;
use App\Models\NoteLine;
use App\Models\Notification;
use App\Models\NotificationChoice;
use App\Models\Occurrence;
use App\Models\Participant;
use App\Models\PeriodWords;
use App\Models\Person;
use App\Models\PersonDay;
use App\Models\PersonWeek;
use App\Models\PlanLine;
use App\Models\Planning;
use App\Models\Point;
use App\Models\Presence;
use App\Models\PrivateNote;
use App\Models\Project;
use App\Models\ProtectedHours;
use App\Models\Reading;
use App\Models\Recipient;
use App\Models\Record;
use App\Models\RecurringTask;
use App\Models\RecurringTaskContribution;
use App\Models\RecurringTaskStep;
use App\Models\Report;
use App\Models\Retrospective;
use App\Models\RetrospectiveAnswer;
use App\Models\RetrospectiveQuestion;
use App\Models\Review;
use App\Models\ReviewQuestion;
use App\Models\Sending;
use App\Models\Series;
use App\Models\Share;
use App\Models\Stage;
use App\Models\StandingItem;
use App\Models\Stay;
use App\Models\Step;
use App\Models\Task;
use App\Models\Template;
use App\Models\TemplateDependency;
use App\Models\TemplateMilestone;
use App\Models\TemplateStage;
use App\Models\TemplateStep;
use App\Models\TemplateTask;
use App\Models\TradeOff;
use App\Models\Verdict;
use App\Models\Viewer;
use App\Models\Workspace;

/** Whose right over what lets a person change a record that has no policy of its own. docs/rights.md has it by what is done. */
final readonly class Rights
{
    /** Parts of something else: the right that is asked for, and over what, by the column that names it. */
    private const PARTS = [
        Viewer::class => ['update', ['goal_id' => Goal::class, 'project_id' => Project::class]],
        Checkpoint::class => ['update', ['goal_id' => Goal::class]],
        Judgement::class => ['update', ['goal_id' => Goal::class]],
        Reading::class => ['update', ['goal_id' => Goal::class]],
        MainEffort::class => ['update', ['goal_id' => Goal::class]],
        Assumption::class => ['update', ['goal_id' => Goal::class]],
        TradeOff::class => ['update', ['goal_id' => Goal::class]],
        Entry::class => ['update', ['project_id' => Project::class]],
        CollectionItem::class => ['update', ['project_id' => Project::class]],
        Milestone::class => ['update', ['project_id' => Project::class]],
        Contribution::class => ['update', ['project_id' => Project::class]],
        Stage::class => ['update', ['project_id' => Project::class]],
        PlanLine::class => ['view', ['project_id' => Project::class]],
        Helping::class => ['view', ['task_id' => Task::class, 'project_id' => Project::class]],
        Dependency::class => ['update', ['task_id' => Task::class]],
        Stay::class => ['update', ['task_id' => Task::class]],
        Step::class => ['update', ['task_id' => Task::class]],
        Meeting::class => ['run', ['series_id' => Series::class]],
        AgendaItem::class => ['update', ['meeting_id' => Meeting::class]],
        Attendance::class => ['update', ['meeting_id' => Meeting::class]],
        NoteLine::class => ['update', ['agenda_item_id' => AgendaItem::class]],
        FollowUp::class => ['update', ['meeting_id' => Meeting::class]],
        FinalMinutes::class => ['update', ['meeting_id' => Meeting::class]],
        Addition::class => ['update', ['meeting_id' => Meeting::class]],
        Presence::class => ['update', ['meeting_id' => Meeting::class]],
        MeetingException::class => ['update', ['series_id' => Series::class]],
        Sending::class => ['update', ['meeting_id' => Meeting::class]],
        Guest::class => ['update', ['series_id' => Series::class]],
        Attendee::class => ['update', ['series_id' => Series::class]],
        AttendingGroup::class => ['update', ['series_id' => Series::class]],
        FormerRule::class => ['update', ['series_id' => Series::class]],
        StandingItem::class => ['update', ['series_id' => Series::class]],
        Occurrence::class => ['view', ['recurring_task_id' => RecurringTask::class]],
        RecurringTaskContribution::class => ['update', ['recurring_task_id' => RecurringTask::class]],
        RecurringTaskStep::class => ['view', ['recurring_task_id' => RecurringTask::class]],
        HabitTick::class => ['update', ['habit_id' => Habit::class]],
        Answer::class => ['update', ['review_id' => Review::class]],
        Verdict::class => ['update', ['answer_id' => Answer::class]],
        AgreedChange::class => ['view', ['retrospective_id' => Retrospective::class]],
        Participant::class => ['update', ['retrospective_id' => Retrospective::class]],
        RetrospectiveQuestion::class => ['update', ['retrospective_id' => Retrospective::class]],
        Recipient::class => ['view', ['report_id' => Report::class]],
        Share::class => ['update', ['review_id' => Review::class, 'answer_id' => Answer::class]],
    ];

    /** One's own: the column that says whose. */
    private const OWN = [
        Absence::class => 'person_id',
        Appointment::class => 'person_id',
        EveningAnswer::class => 'person_id',
        EveningQuestion::class => 'person_id',
        FocusSession::class => 'person_id',
        Habit::class => 'person_id',
        LogLine::class => 'person_id',
        Following::class => 'person_id',
        Letter::class => 'person_id',
        PersonDay::class => 'person_id',
        PersonWeek::class => 'person_id',
        Point::class => 'person_id',
        PrivateNote::class => 'person_id',
        ProtectedHours::class => 'person_id',
        RetrospectiveAnswer::class => 'person_id',
        Review::class => 'person_id',
        ReviewQuestion::class => 'person_id',
        Finding::class => 'person_id',
        Notification::class => 'person_id',
        NotificationChoice::class => 'person_id',
    ];

    private const FOR_LEADS = [
        Group::class,
        Field::class,
        Membership::class,
        LongTermGoal::class,
        Person::class,
        Planning::class,
        Workspace::class,
    ];

    private const FOR_ALL = [
        Collection::class,
        Template::class,
        TemplateDependency::class,
        TemplateMilestone::class,
        TemplateStage::class,
        TemplateStep::class,
        TemplateTask::class,
    ];

    public static function cover(string $class): bool
    {
        return isset(self::PARTS[$class]) ||
            isset(self::OWN[$class]) ||
            $class === PeriodWords::class ||
            in_array($class, [...self::FOR_LEADS, ...self::FOR_ALL], true);
    }

    public static function isOwn(Record $record): bool
    {
        return isset(self::OWN[$record::class]);
    }

    public static function isOwnOf(Record $record, Person $person): bool
    {
        return $record->getAttribute(self::OWN[$record::class] ?? '') === $person->id;
    }

    public static function isForAll(Record $record): bool
    {
        return in_array($record::class, self::FOR_ALL, true) || ($record instanceof PeriodWords && str_contains($record->period, 'W'));
    }

    /** @return ?array{string, Record} the right and what it is over, of a part of something that is there */
    public static function over(Record $part): ?array
    {
        [$right, $wholes] = self::PARTS[$part::class] ?? [null, []];

        foreach ($wholes as $column => $class) {
            $whole = $class::query()->find($part->getAttribute($column));

            if ($right !== null && $whole instanceof Record) {
                return [$right, $whole];
            }
        }

        return null;
    }
}
