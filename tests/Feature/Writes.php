<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Day\BeginDay;
use App\Models\AccessLink;
use App\Models\Answer;
use App\Models\Issue;
use App\Models\Jot;
use App\Models\Person;
use App\Models\Project;
use App\Models\RecurringTask;
use App\Models\RetrospectiveQuestion;
use App\Models\Review;
use App\Models\ReviewQuestion;
use App\Models\Role;
use App\Models\Series;
use App\Models\Stage;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;

/** Something sensible to send to every route that writes, by the route's name: its owner, a lead, sends it. */
final class Writes
{
    /** Not changes of the plan, or tried on their own: who one is, previews, going back and forth. */
    public const BESIDE = [
        'access.accept',
        'workspace.start',
        'account.end',
        'account.password',
        'closing.preview',
        'forgotten.send',
        'meetings.here',
        'goals.close-preview',
        'goals.preview',
        'goals.preview-new',
        'updates.read',
        'people.link',
        'redo',
        'sign-in.store',
        'sign-out',
        'undo',
        'undo.all',
        'undo.last',
    ];

    /** That write themselves into what is told or known, and are no step to go back by. */
    public const NO_STEP = [
        'account.dates',
        'items.turn',
        'items.note',
        'lines.write',
        'meetings.add',
        'meetings.closing',
        'meetings.pause',
        'meetings.send',
        'reports.send',
        'reports.write',
        'retrospectives.answer',
        'reviews.answer',
        'planning.step',
        'evening.answer',
    ];

    /** What is final is out of the reach of undo. */
    public const FINAL = ['meetings.close' => 'These minutes are final.', 'reviews.hold' => 'This review is finished.'];

    /**
     * A workspace in which each of them can be sent.
     *
     * @return array{Person, array<string, int|string>, array<string, array<string, mixed>>} its lead, what stands for each
     *                                                                                       parameter of a route, what is sent by route
     */
    public static function prepared(): array
    {
        [$lead, $at, $sent] = Prepared::once('every write', static function (): array {
            Made::workspace();
            $lead = Made::person(Role::Lead, 'Noor Aksoy');
            $other = Made::person(name: 'Mei Tanaka');
            $at = self::workspace($lead, $other);
            $sent = self::all($lead, $other, $at);
            Made::task($lead, ['planned' => Made::TODAY]);
            // What is taken back after each question would begin the day anew for the next.
            app(BeginDay::class)();

            return [$lead->id, $at, $sent];
        });

        return [Person::query()->findOrFail($lead), $at, $sent];
    }

    /**
     * @param array<string, int|string> $at what stands for each parameter of a route
     *
     * @return array<string, array<string, mixed>> what is sent, by route
     */
    public static function all(Person $owner, Person $other, array $at): array
    {
        return [
            ...self::goals($owner, $at),
            ...self::work($owner, $other, $at),
            ...self::projects($at),
            ...self::rooms($owner, $other, $at),
        ];
    }

    /**
     * @param array<string, int|string> $at
     *
     * @return array<string, array<string, mixed>>
     */
    private static function goals(Person $owner, array $at): array
    {
        $goal = ['title' => 'Nine harbours', 'period' => '2027-Q1', 'measure' => 'number', 'start' => '0', 'target' => '9'];

        return [
            'goals.store' => $goal,
            'goals.update' => [...$goal, 'checkpoints' => [['on' => '2027-02-01', 'percent' => '40']]],
            'goals.close' => ['result' => 'not_met', 'rest' => 'carried', 'line' => 'Two are missing.'],
            'goals.reopen' => [],
            'goals.mark' => ['isMain' => true, 'isFirst' => true],
            'goals.place' => ['quarters' => [2, 3], 'longTermGoal' => $at['longTermGoal']],
            'goals.follow' => [],
            'goals.unfollow' => [],
            'closing.store' => ['goals' => [$at['goal'] => ['result' => 'in_part', 'score' => '40', 'rest' => 'shelved']]],
            'readings.store' => ['on' => '2027-02-09', 'value' => '5.5'],
            'readings.paste' => ['text' => "2\n3", 'last' => '2027-02-09'],
            'readings.update' => ['on' => '2027-02-08', 'value' => '6'],
            'readings.destroy' => [],
            'comments.store' => ['words' => 'Half of them.'],
            'comments.destroy' => [],
            'estimates.store' => ['chance' => 60, 'line' => 'Weather.'],
            'estimates.destroy' => [],
            'judgements.store' => ['direction' => 'forward', 'line' => 'Crew two goes out alone.'],
            'judgements.destroy' => [],
            'long-term-goals.store' => ['title' => 'Every harbour', 'on' => '2031-12-31'],
            'long-term-goals.update' => ['title' => 'Every harbour', 'on' => '2031-12-31', 'why' => 'Because.'],
            'long-term-goals.destroy' => [],
            'main-efforts.store' => ['title' => 'Every tide', 'hours' => '12.5'],
            'main-efforts.update' => ['title' => 'Visits by boat', 'hours' => '3'],
            'main-efforts.destroy' => [],
            'assumptions.store' => ['title' => 'Two crews at once', 'testOn' => '2027-03-01'],
            'assumptions.update' => ['title' => 'Half a tide', 'testOn' => '2027-03-02'],
            'assumptions.see' => ['words' => 'It takes two.'],
            'assumptions.destroy' => [],
            'trade-offs.store' => ['title' => 'Fairs in spring'],
            'trade-offs.update' => ['title' => 'Fairs in summer'],
            'trade-offs.destroy' => [],
            'purpose' => ['purpose' => 'Water that is looked after.'],
            'periods.say' => ['words' => 'Hands on the rope', 'why' => 'Because.'],
            'planning.step' => [],
            'planning.finish' => [],
        ];
    }

    /**
     * @param array<string, int|string> $at
     *
     * @return array<string, array<string, mixed>>
     */
    private static function work(Person $owner, Person $other, array $at): array
    {
        $recurringTask = [
            'title' => 'Rinse the tank',
            'kind' => 'task',
            'words' => 'every second Thursday',
            'steps' => [['title' => 'Drain']],
        ];
        $list = ['title' => 'Soon', 'conditions' => [['field' => 'owner', 'value' => 'me']]];

        return [
            'tasks.store' => ['title' => 'Cast sinkers', 'planned' => '2027-W06', 'minutes' => 30],
            'tasks.update' => ['title' => 'Cast two sinkers', 'notes' => "One.\n\n  Two.", 'due_on' => '2027-02-12', 'rank' => 'A'],
            'tasks.tick' => ['done' => true],
            'tasks.main' => [],
            'tasks.plan' => ['planned' => '2027-02-11', 'at' => '10:00'],
            'tasks.aside' => ['how' => 'drop'],
            'tasks.move' => ['stage' => Stage::query()->where('project_id', $at['project'])->max('id')],
            'tasks.belongs' => ['goal' => $at['goal']],
            'tasks.after' => ['after' => [Made::task($owner, ['project_id' => $at['project'], 'title' => 'First'])->id]],
            'tasks.skip' => [],
            'tasks.many' => ['tasks' => [$at['task']], 'what' => 'plan', 'value' => '2027-W07'],
            'steps.store' => ['lines' => ['Ask', 'Answer']],
            'steps.tick' => ['done' => true],
            'steps.destroy' => [],
            'lists.hand-on' => [],
            'saved.store' => $list,
            'saved.update' => [...$list, 'sort' => 'due'],
            'saved.destroy' => [],
            'recurring-tasks.store' => $recurringTask,
            'recurring-tasks.update' => $recurringTask,
            'recurring-tasks.end' => [],
            'recurring-tasks.now' => [],
            'recurring-tasks.pieces' => [],
            'recurring-tasks.take' => ['recurringTasks' => [$at['shared']], 'project' => $at['project']],
            'recurring-tasks.daily' => ['done' => true],
            'recurring-tasks.afresh' => [],
            'recurring-task-steps.tick' => ['done' => true],
            'jots.store' => ['words' => 'Ask about the rope'],
            'jots.task' => ['title' => 'Ask about the rope', 'planned' => '2027-W06'],
            'jots.split' => ['words' => "Ask about the rope\nAsk about the chain"],
            'jots.destroy' => [],
            'shelf.store' => ['words' => 'A smaller buoy'],
            'shelf.put' => ['returnOn' => '2027-04-01'],
            'shelf.back' => [],
            'shelf.go' => [],
            'week.line' => ['words' => 'Three quotes out'],
            'week.words' => ['words' => 'Sell before the fair'],
            'log-lines.store' => ['on' => Made::TODAY, 'words' => 'Finding: it drifts'],
            'log-lines.update' => ['words' => 'Fog until nine', 'at' => '08:30', 'tag' => 'idea'],
            'log-lines.destroy' => [],
            'focus-sessions.store' => ['intent' => 'Write the offer', 'minutes' => 25, 'rounds' => 2, 'break' => 5],
            'focus-sessions.end' => ['outcome' => 'stuck', 'obstacle' => 'Phone'],
            'focus-sessions.destroy' => [],
            'habits.store' => ['title' => 'Read', 'per' => 'week', 'times' => 3],
            'habits.update' => ['title' => 'Walk far', 'per' => 'day', 'times' => 1, 'weekdays' => ['monday']],
            'habits.end' => [],
            'habits.tick' => ['on' => Made::TODAY, 'count' => 1],
            'evening.answer' => ['question' => 'What did I learn?', 'words' => 'Tides first.'],
            'evening.add' => ['words' => 'What was easy?'],
            'evening.ask' => ['words' => 'What did I learn?', 'isAsked' => false],
            'evening.remove' => ['words' => 'What did I learn?'],
            'appointments.store' => ['title' => 'Bank', 'on' => Made::TODAY, 'at' => '11:00', 'minutes' => 30],
            'appointments.update' => ['title' => 'Bank', 'on' => Made::TODAY, 'at' => '12:00', 'minutes' => 30],
            'appointments.destroy' => [],
            'protected-hours.store' => ['weekdays' => ['tuesday', 'thursday'], 'from' => '09:00', 'until' => '11:00', 'kind' => 'work'],
            'protected-hours.destroy' => [],
            'catch-up.finish' => [],
            'absences.store' => ['first' => '2027-03-01', 'last' => '2027-03-05'],
            'absences.destroy' => [],
            'return-dates.store' => ['words' => 'Ring the office', 'on' => '2027-02-12', 'at' => '09:30', 'rhythm' => 'every month'],
            'jots.issue' => ['title' => 'Who holds the second key?', 'series' => $at['series']],
            'jots.many' => ['jots' => [$at['jot']], 'what' => 'task', 'planned' => '2027-W07'],
            'jots.project' => ['title' => 'A smaller buoy'],
            'jots.reference' => ['project' => $at['project']],
            'series.jot' => ['words' => 'The pontoon creaks'],
            'work.comment' => ['words' => 'Half done.'],
            'work.helpers' => ['people' => [$other->id]],
            'references.store' => ['title' => 'Tide table', 'address' => 'https://saltglass.example/tides'],
            'references.destroy' => [],
            'files.store' => ['file' => UploadedFile::fake()->createWithContent('berth.txt', 'Berth 9')],
            'files.destroy' => [],
        ];
    }

    /**
     * @param array<string, int|string> $at
     *
     * @return array<string, array<string, mixed>>
     */
    private static function projects(array $at): array
    {
        $project = [
            'title' => 'Moorings Jutland',
            'stages' => [['name' => 'Survey'], ['name' => 'Moor']],
            'serves' => [['goal' => $at['goal'], 'weight' => '2']],
        ];
        $template = [
            'title' => 'A mooring',
            'stages' => ['Before'],
            'tasks' => [['title' => 'Ask', 'stage' => 'Before', 'role' => 'Diver', 'day' => 3, 'steps' => [['title' => 'Ring']]]],
        ];

        return [
            'projects.store' => $project,
            'projects.update' => [...$project, 'dueOn' => '2027-06-30'],
            'projects.state' => ['state' => 'paused'],
            'projects.status' => ['line' => 'The weather takes a day a week.'],
            'projects.close' => ['learned' => 'Ask earlier.'],
            'projects.limit' => ['limit' => 4],
            'projects.gather' => ['collections' => [], 'named' => 'Before winter'],
            'projects.template' => [],
            'projects.take' => ['tasks' => []],
            'charter' => ['why' => 'Because.', 'outcome' => 'Nine harbours.', 'constraints' => 'No night moorings.', 'risks' => 'Ice.'],
            'lines.store' => ['lines' => ['Ask the diver', 'Ask the harbour']],
            'lines.promote' => [],
            'lines.destroy' => [],
            'milestones.store' => ['title' => 'First buoy wet', 'on' => '2027-03-15'],
            'milestones.update' => ['title' => 'First buoy wet', 'on' => '2027-03-16'],
            'milestones.reach' => ['reached' => true],
            'milestones.destroy' => [],
            'fields.store' => ['name' => 'Bottom', 'kind' => 'choice', 'choices' => "Sand\nRock"],
            'fields.enter' => ['value' => '9'],
            'fields.destroy' => [],
            'templates.store' => $template,
            'templates.update' => $template,
            'templates.begin' => ['title' => 'Moorings Faroe', 'start' => '2027-03-01', 'goal' => $at['goal']],
        ];
    }

    /**
     * @param array<string, int|string> $at
     *
     * @return array<string, array<string, mixed>>
     */
    private static function rooms(Person $owner, Person $other, array $at): array
    {
        $series = [
            'title' => 'Product meeting',
            'rule' => 'FREQ=WEEKLY;BYDAY=TH',
            'startsOn' => '2027-02-11',
            'time' => '14:00',
            'minutes' => 30,
            'attendees' => [$owner->id, $other->id],
            'standing' => [['title' => 'Failures', 'minutes' => 10, 'owner' => $other->id]],
        ];

        return [
            'series.store' => $series,
            'series.update' => [...$series, 'timezone' => 'America/New_York', 'appliesFrom' => '2027-02-20'],
            'series.arrange' => ['issues' => [$at['issue']]],
            'issues.comment' => ['words' => '@Elif, look'],
            'series.open' => ['on' => '2027-02-15', 'early' => true],
            'issues.store' => ['title' => 'Berth 7', 'need' => 'decision', 'rank' => 'A', 'minutes' => 5],
            'issues.destroy' => [],
            'items.turn' => [],
            'lines.write' => ['key' => '3f0c7c1e-8b0f-4a53-9f39-0a1c1f6f4a10', 'words' => '  At low water.', 'version' => 1],
            'note-lines.correct' => ['words' => 'At high water.'],
            'note-lines.destroy' => [],
            'items.note' => ['words' => "Ask Priya.\n\n  Later."],
            'items.extend' => ['minutes' => 5],
            'items.move' => ['before' => null],
            'meetings.pause' => ['isPaused' => true],
            'meetings.closing' => ['isClosing' => true],
            'meetings.add' => ['words' => 'It was Tuesday.'],
            'meetings.take-up' => [],
            'meetings.follow-up' => ['answer' => 'done'],
            'tasks.confirm' => [],
            'issues.next' => [],
            'meetings.send' => [],
            'series.change' => ['movedTo' => '2027-02-23', 'time' => '10:00', 'reason' => 'The ferry'],
            'series.restore' => [],
            'decisions.store' => ['words' => 'We sell by post.', 'because' => 'They ask.', 'on' => '2027-02-09'],
            'decisions.destroy' => [],
            'points.store' => ['words' => 'Her holiday', 'about' => $other->id],
            'points.tick' => ['isDone' => true],
            'points.destroy' => [],
            'issues.update' => ['title' => 'Berth 9', 'need' => 'answer', 'rank' => 'B', 'minutes' => 10],
            'items.decide' => ['words' => 'We move to berth 9.', 'because' => 'It is deeper.'],
            'items.step' => ['title' => 'Tell the office', 'owner' => $other->id, 'by' => '2027-02-15'],
            'items.settle' => ['outcome' => 'decided'],
            'attendances.update' => ['wasThere' => false],
            'meetings.close' => ['summary' => 'We move.'],
            'reviews.answer' => ['question' => 'moved', 'words' => 'Two buoys.'],
            'reviews.judge' => ['answer' => $at['answer'], 'verdict' => 'trying'],
            'reviews.ask' => ['on' => 'monday'],
            'reviews.share' => ['of' => 'answer', 'id' => $at['answer'], 'with' => 'person', 'whom' => $other->id, 'isShared' => true],
            'worth-telling.mark' => ['source' => 'answer', 'id' => $at['answer'], 'isWorth' => true],
            'reports.store' => ['audience' => 'team', 'from' => '2027-01-01', 'until' => '2027-01-31'],
            'reports.rename' => ['title' => 'January'],
            'reports.write' => ['words' => 'All is well.'],
            'reports.send' => ['people' => [$other->id], 'groups' => [], 'contacts' => []],
            'reports.destroy' => [],
            'retrospectives.store' => ['title' => 'The rollout', 'questions' => "What went well?\nWhat not?", 'people' => [$other->id]],
            'retrospectives.answer' => ['question' => $at['question'], 'words' => 'The crane.'],
            'retrospectives.agree' => ['words' => 'Two crews', 'owner' => $owner->id, 'by' => '2027-03-01', 'sign' => 'No day lost.'],
            'retrospectives.reveal' => [],
            'retrospectives.finish' => [],
            'retrospectives.reopen' => [],
            'retrospectives.destroy' => [],
            'agreed-changes.judge' => ['verdict' => 'worked', 'seen' => 'No day was lost.'],
            'thinning.keep' => [],
            'reviews.tie' => ['answer' => $at['answer'], 'goal' => $at['goal']],
            'findings.keep' => ['source' => 'answer', 'id' => $at['answer'], 'level' => 'month'],
            'review-questions.store' => ['horizon' => 'week', 'words' => 'Did I read?'],
            'review-questions.arrange' => ['horizon' => 'week', 'questions' => ['still', 'moved', 'surprised', 'differently']],
            'review-questions.rest' => ['horizon' => 'week', 'question' => 'still', 'isResting' => true],
            'review-questions.destroy' => ['horizon' => 'month', 'question' => 'own-alone'],
            'reviews.hold' => [],
            'reviews.reopen' => [],
            'account.dates' => ['monthFirst' => true],
            'notifications.choose' => ['event' => 'mentioned', 'delivery' => 'mail'],
            'areas.store' => ['name' => 'Safety', 'kind' => 'role', 'owner' => $other->id],
            'areas.update' => ['name' => 'Safety', 'kind' => 'area'],
            'areas.destroy' => [],
            'areas.jot' => ['words' => 'The net is torn'],
            'contacts.store' => ['name' => 'Astrid Holm', 'email' => 'astrid@bornholm.example'],
            'contacts.update' => ['name' => 'Astrid Holm'],
            'contacts.destroy' => [],
            'groups.store' => ['name' => 'Crew', 'people' => [$owner->id, $other->id]],
            'groups.update' => ['name' => 'Crew', 'people' => [$other->id]],
            'groups.destroy' => [],
            'people.store' => ['name' => 'Astrid Holm', 'email' => 'new@saltglass.example', 'role' => 'member', 'weeklyHours' => 20],
            'people.update' => ['name' => 'Mei', 'email' => 'mei@saltglass.example', 'role' => 'lead', 'weeklyHours' => 20],
            'people.aside' => ['heir' => $owner->id],
            'people.withdraw' => [],
            'people.back' => [],
        ];
    }

    /**
     * A workspace with one of everything and what some routes need of it, so that each has something to write.
     *
     * @return array<string, int|string> what stands for each parameter of a route; one of a certain route under its name too
     */
    public static function workspace(Person $owner, Person $other): array
    {
        $at = Workspaces::full($owner);
        $recurringTask = RecurringTask::query()->findOrFail($at['recurringTask']);
        $like = static fn(array $more): RecurringTask => tap(
            $recurringTask->replicate()->fill($more),
            static fn(RecurringTask $new) => $new->save(),
        );
        $free = Series::query()->findOrFail($at['series'])->replicate();
        $free->save();
        $free->attendees()->create(['person_id' => $owner->id, 'position' => 0]);
        $empty = DB::table('areas')->insertGetId(['name' => 'Empty', 'kind' => 'area']);
        $alone = DB::table('groups')->insertGetId(['name' => 'Nobody’s']);
        $item = DB::table('agenda_items')->insertGetId([
            'meeting_id' => $at['meeting'],
            'kind' => 'issue',
            'title' => 'Key',
            'minutes' => 5,
            'position' => 1,
            'issue_id' => $at['issue'],
        ]);
        $waiting = DB::table('issues')->insertGetId([
            'series_id' => $free->id,
            'title' => 'Rope',
            'need' => 'decision',
            'raised_by' => $owner->id,
            'raised_on' => Made::TODAY,
            'waited' => 0,
        ]);
        $gone = Made::person(name: 'Kwame Boateng');
        $gone->update(['deactivated_on' => Made::TODAY]);
        $year = Made::goal($owner);
        $review = Review::query()->create(['person_id' => $owner->id, 'period' => '2026-W50']);
        ReviewQuestion::query()->create([
            'person_id' => $owner->id,
            'horizon' => 'month',
            'key' => 'own-alone',
            'words' => 'Was I alone?',
            'place' => 9,
        ]);

        return [
            ...$at,
            'answer' => Answer::query()->create(['review_id' => $review->id, 'question' => 'differently', 'words' => 'Ring first.'])->id,
            'question' => RetrospectiveQuestion::query()->where('retrospective_id', $at['retrospective'])->sole()->id,
            'goals.unfollow goal' => tap(
                $year->id,
                static fn(int $id) => DB::table('followings')->insert(['goal_id' => $id, 'person_id' => $owner->id]),
            ),
            'recurring-tasks.now recurringTask' => $like(['rule' => null, 'words' => 'when needed'])->id,
            'shelf.go kind' => 'task',
            'shelf.go shelved' => Made::task($owner, ['shelved_on' => Made::TODAY])->id,
            'shared' => $like(['is_shared' => true, 'title' => 'Shared'])->id,
            'recurring-tasks.pieces recurringTask' => $like([
                'kind' => 'pieces',
                'per_quarter' => 2,
                'words' => 'every month',
                'rule' => 'FREQ=MONTHLY',
            ])->id,
            'recurring-tasks.daily recurringTask' => $like(['kind' => 'daily', 'rule' => 'FREQ=DAILY', 'words' => 'every day'])->id,
            'recurring-tasks.afresh recurringTask' => tap($like(['kind' => 'checklist']), static function (RecurringTask $list): void {
                $list->steps()->create(['position' => 0, 'title' => 'Pack', 'ticked_on' => Made::TODAY]);
            })->id,
            'tasks.skip task' => Made::task($owner, [
                'recurring_task_id' => $recurringTask->id,
                'occurs_on' => Made::TODAY,
                'planned' => Made::TODAY,
            ])->id,
            'lists.hand-on list' => 'today',
            'shelf.put shelved' => Made::task($owner, ['shelved_on' => Made::TODAY])->id,
            'series.open series' => $free->id,
            'jots.reference jot' => Jot::query()->create([
                'person_id' => $owner->id,
                'words' => 'Tides https://tides.example',
                'jotted_on' => Made::TODAY,
            ])->id,
            'issues.destroy issue' => $waiting,
            'items.settle item' => $item,
            'issues.update issue' => $waiting,
            'issues.next issue' => DB::table('issues')->insertGetId([
                'series_id' => $free->id,
                'title' => 'Guest',
                'need' => 'decision',
                'raised_by' => $owner->id,
                'raised_on' => Made::TODAY,
                'waited' => 0,
                'for_on' => '2027-02-15',
            ]),
            'meetings.send meeting' => tap(
                $at['meetings.pdf meeting'],
                static fn($id) => DB::table('attendances')->insert(['meeting_id' => $id, 'person_id' => $owner->id, 'was_there' => true]),
            ),
            'series.change day' => '2027-02-22',
            'series.restore day' => '2027-03-01',
            'meetings.add meeting' => $at['meetings.pdf meeting'],
            'meetings.take-up issue' => Issue::query()->create([
                'series_id' => $at['series'],
                'title' => 'Ladder',
                'need' => 'decision',
                'raised_by' => $owner->id,
                'raised_on' => Made::TODAY,
                'waited' => 0,
            ])->id,
            'meetings.follow-up task' => Made::task($owner, [
                'agenda_item_id' => DB::table('agenda_items')->where('meeting_id', $at['meetings.pdf meeting'])->value('id'),
            ])->id,
            'tasks.confirm task' => Made::task($owner, ['agenda_item_id' => $at['item']])->id,
            'areas.destroy area' => $empty,
            'groups.destroy group' => $alone,
            'goals.place goal' => $year->id,
            'people.update person' => $other->id,
            'people.aside person' => $other->id,
            'people.link person' => $other->id,
            'people.withdraw person' => self::invited(),
            'people.back person' => $gone->id,
            'planning.finish stretch' => '2027-Q2',
            'projects.take project' => self::fromTemplate($at),
        ];
    }

    /** @param array<string, int|string> $at */
    private static function fromTemplate(array $at): int
    {
        $project = Project::query()
            ->findOrFail($at['project'])
            ->replicate()
            ->fill([
                'template_id' => $at['template'],
                'template_taken' => [
                    ['id' => 99, 'title' => 'Gone since', 'stage' => null, 'role' => null, 'day' => null, 'minutes' => null, 'steps' => []],
                ],
            ]);
        $project->save();

        return $project->id;
    }

    /**
     * @param array<string, int|string> $at
     *
     * @return array{string, string} method and address of a route
     */
    public static function address(string $name, array $at): array
    {
        $route = Route::getRoutes()->getByName($name);

        return [
            strtolower($route->methods()[0]),
            '/'.
            preg_replace_callback(
                '/\{(\w+)\??\}/',
                static fn(array $part): string => (string) ($at["$name $part[1]"] ?? ($at[$part[1]] ?? 1)),
                $route->uri(),
            ),
        ];
    }

    /** Somebody who was invited and has not come. */
    private static function invited(): int
    {
        $person = Made::person(name: 'Lucía Herrera');
        $digest = hash('sha256', 'nothing that anybody knows');
        AccessLink::query()->create([
            ...['person_id' => $person->id, 'digest' => $digest, 'is_invitation' => true, 'expires_at' => now()->addDays(14)],
        ]);

        return $person->id;
    }
}
