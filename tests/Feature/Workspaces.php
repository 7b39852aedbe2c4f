<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Meetings\KeepMinutes;
use App\Models\Absence;
use App\Models\Appointment;
use App\Models\Area;
use App\Models\Assumption;
use App\Models\Attendance;
use App\Models\Comment;
use App\Models\Contact;
use App\Models\Decision;
use App\Models\Estimate;
use App\Models\Field;
use App\Models\File;
use App\Models\FocusSession;
use App\Models\Group;
use App\Models\Habit;
use App\Models\Issue;
use App\Models\Jot;
use App\Models\Judgement;
use App\Models\LogLine;
use App\Models\LongTermGoal;
use App\Models\MainEffort;
use App\Models\MeetingException;
use App\Models\Membership;
use App\Models\Milestone;
use App\Models\Person;
use App\Models\PlanLine;
use App\Models\Point;
use App\Models\ProtectedHours;
use App\Models\Reading;
use App\Models\RecurringTask;
use App\Models\RecurringTaskStep;
use App\Models\Reference;
use App\Models\Report;
use App\Models\SavedList;
use App\Models\Step;
use App\Models\Template;
use App\Models\TradeOff;

/** A workspace in which there is one of everything, all of it somebody's. */
final class Workspaces
{
    /** @return array<string, int|string> what stands for each parameter of a route; one of a certain route under its name too */
    public static function full(Person $owner): array
    {
        $today = Made::TODAY;
        $of = ['person_id' => $owner->id, 'on' => $today];
        $area = Area::query()->create(['name' => 'Yard', 'kind' => 'area', 'owner_id' => $owner->id]);
        $goal = Made::goal($owner, '2027-Q1', ['measure' => 'number', 'start_value' => 0, 'target_value' => 10, 'area_id' => $area->id]);
        $judged = Made::goal($owner, '2027-Q1', ['measure' => 'judged']);
        $closed = Made::goal($owner, '2027-Q1', ['closed_on' => $today, 'result' => 'met']);
        $shelved = Made::goal($owner, '2027-Q1', ['closed_on' => $today, 'result' => 'not_met', 'shelved_on' => $today]);
        $project = Made::project($owner, [$goal], ['Prepare', 'At sea'], ['area_id' => $area->id]);
        $task = Made::task($owner, ['project_id' => $project->id]);
        $series = Made::series([$owner], ['owner_id' => $owner->id]);
        $group = Group::query()->create(['name' => 'Leads']);
        Membership::query()->create(['group_id' => $group->id, 'person_id' => $owner->id]);
        $template = Template::query()->create(['title' => 'Demo', 'weighing' => 'count', 'order' => 'any']);
        $recurringTask = RecurringTask::query()
            ->create([
                'title' => 'Grease',
                'kind' => 'task',
                'owner_id' => $owner->id,
                'words' => 'every week',
                'rule' => 'FREQ=WEEKLY',
                'starts_on' => $today,
                'is_shared' => false,
            ])
            ->refresh();
        $meeting = $series->meetings()->create(['on' => '2027-02-08', 'time' => '09:15', 'minutes' => 30, 'opened_at' => now()]);
        $held = $series->meetings()->create([
            'on' => '2027-02-01',
            'time' => '09:15',
            'minutes' => 30,
            'opened_at' => now(),
            'closed_at' => now(),
        ]);
        $held->items()->create(['kind' => 'standing', 'title' => 'Figures', 'minutes' => 5, 'position' => 0]);
        app(KeepMinutes::class)($held);
        $item = $meeting->items()->create(['kind' => 'standing', 'title' => 'Figures', 'minutes' => 5, 'position' => 0]);

        return [
            'area' => $area->id,
            'goal' => $goal->id,
            'judgements.store goal' => $judged->id,
            'goals.reopen goal' => $closed->id,
            'project' => $project->id,
            'task' => $task->id,
            'work' => $task->id,
            'kind' => 'tasks',
            'series' => $series->id,
            'series.restore day' => tap(
                '2027-03-01',
                static fn(string $day) => MeetingException::query()->create(['series_id' => $series->id, 'on' => $day]),
            ),
            'series.change day' => '2027-02-22',
            'decision' => Decision::query()->create([
                'words' => 'Cash only.',
                'decided_on' => $today,
                'person_id' => $owner->id,
            ])->id,
            'point' => Point::query()->create([
                'person_id' => $owner->id,
                'about_id' => $owner->id,
                'words' => 'Rest',
                'noted_on' => $today,
            ])->id,
            'meeting' => $meeting->id,
            'meetings.markdown meeting' => $held->id,
            'meetings.pdf meeting' => $held->id,
            'item' => $item->id,
            'noteLine' => $item->lines()->create([
                'key' => '3f0c7c1e-8b0f-4a53-9f39-0a1c1f6f4a01',
                'person_id' => $owner->id,
                'words' => 'Forty.',
                'version' => 1,
                'written_at' => now(),
            ])->id,
            'attendance' => Attendance::query()->create(['meeting_id' => $meeting->id, 'person_id' => $owner->id, 'was_there' => true])->id,
            'issue' => Issue::query()->create([
                'series_id' => $series->id,
                'title' => 'Key',
                'need' => 'decision',
                'raised_by' => $owner->id,
                'raised_on' => $today,
                'waited' => 0,
            ])->id,
            'report' => Report::query()->create([
                'person_id' => $owner->id,
                'title' => 'The quarter',
                'audience' => 'team',
                'first' => '2027-01-01',
                'last' => $today,
                'words' => 'We finished {done}.',
            ])->id,
            'retrospective' => Made::retrospective($owner)->id,
            'retrospectives.finish retrospective' => Made::retrospective($owner, ['shown_at' => now()])->id,
            'retrospectives.reopen retrospective' => ($over = Made::retrospective($owner, ['shown_at' => now(), 'finished_at' => now()]))
                ->id,
            'agreed' => $over->changes()->create(['task_id' => Made::task($owner)->id, 'sign' => 'No day lost.'])->id,
            'group' => $group->id,
            'template' => $template->id,
            'recurringTask' => $recurringTask->id,
            'recurring-task-steps.tick step' => RecurringTaskStep::query()->create([
                'recurring_task_id' => $recurringTask->id,
                'position' => 0,
                'title' => 'Wipe',
            ])->id,
            'step' => Step::query()->create(['task_id' => $task->id, 'position' => 0, 'title' => 'Ask'])->id,
            'contact' => Contact::query()->create(['area_id' => $area->id, 'name' => 'Sten', 'person_id' => $owner->id])->id,
            'longTermGoal' => LongTermGoal::query()->create(['title' => 'North', 'on' => '2030-01-01'])->id,
            'mainEffort' => MainEffort::query()->create([
                'goal_id' => $goal->id,
                'title' => 'Visits',
                'hours' => 4,
                'person_id' => $owner->id,
            ])->id,
            'assumption' => Assumption::query()->create([
                'goal_id' => $goal->id,
                'title' => 'A tide',
                'test_on' => $today,
                'person_id' => $owner->id,
            ])->id,
            'tradeOff' => TradeOff::query()->create(['goal_id' => $goal->id, 'title' => 'Fairs', 'person_id' => $owner->id])->id,
            'reading' => Reading::query()->create(['goal_id' => $goal->id, 'on' => $today, 'value' => 4, 'entered_by' => $owner->id])->id,
            'comment' => Comment::query()->create(['goal_id' => $goal->id, 'words' => 'x', ...$of])->id,
            'estimate' => Estimate::query()->create(['goal_id' => $goal->id, 'chance' => 50, ...$of])->id,
            'judgement' => Judgement::query()->create(['goal_id' => $judged->id, 'direction' => 'forward', 'line' => 'x', ...$of])->id,
            'saved' => SavedList::query()->create([
                'title' => 'Mine',
                'owner_id' => $owner->id,
                'visibility' => 'only_me',
                'conditions' => [],
            ])->id,
            'field' => Field::query()->create(['name' => 'Berth', 'kind' => 'text'])->id,
            'milestone' => Milestone::query()->create(['project_id' => $project->id, 'title' => 'Wet', 'on' => '2027-03-01'])->id,
            'line' => PlanLine::query()->create(['project_id' => $project->id, 'title' => 'Survey'])->id,
            'file' => File::query()->create([
                'task_id' => $task->id,
                'person_id' => $owner->id,
                'name' => 'a.txt',
                'bytes' => 1,
                'path' => 'files/a',
            ])->id,
            'reference' => Reference::query()->create([
                'task_id' => $task->id,
                'person_id' => $owner->id,
                'title' => 'x',
                'address' => 'https://saltglass.example',
            ])->id,
            'day' => $today,
            'month' => '2027-02',
            'logLine' => LogLine::query()->create(['at' => '09:00', 'words' => 'Fog', ...$of])->id,
            'focusSession' => FocusSession::query()->create([
                'intent' => 'Read',
                'minutes' => 50,
                'rounds' => 1,
                'break_minutes' => 0,
                'begun_at' => now()->subHours(5),
                ...$of,
            ])->id,
            'habit' => Habit::query()->create([
                'person_id' => $owner->id,
                'title' => 'Walk',
                'per' => 'day',
                'times' => 1,
                'weekdays' => [],
                'began_on' => $today,
            ])->id,
            'appointment' => Appointment::query()->create(['title' => 'Dentist', 'at' => '16:00', 'minutes' => 45, ...$of])->id,
            'protectedHours' => ProtectedHours::query()->create([
                'person_id' => $owner->id,
                'weekday' => 'monday',
                'from' => '09:00',
                'until' => '11:00',
                'kind' => 'work',
            ])->id,
            'absence' => Absence::query()->create(['person_id' => $owner->id, 'first_on' => $today, 'last_on' => $today])->id,
            'jot' => Jot::query()->create(['person_id' => $owner->id, 'words' => 'x', 'jotted_on' => $today])->id,
            'shelf.put kind' => 'task',
            'shelf.put shelved' => $task->id,
            'shelf.back kind' => 'task',
            'shelf.back shelved' => Made::task($owner, ['shelved_on' => $today])->id,
            'shelf.go kind' => 'goal',
            'shelf.go shelved' => $shelved->id,
            'period' => '2027-Q1',
            'week.show period' => '2027-W06',
            'week.words period' => '2027-W06',
            'direction period' => '2027',
            'week' => '2027-W05',
            'stretch' => '2027-Q1',
            'planning step' => 'goals',
            'planning.step step' => 'goals',
            'list' => 'today',
            'token' => 'none',
            'person' => $owner->id,
            'batch' => '00000000-0000-0000-0000-000000000000',
        ];
    }
}
