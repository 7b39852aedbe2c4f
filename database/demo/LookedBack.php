<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Models\AgreedChange;
use App\Models\Goal;
use App\Models\Group;
use App\Models\Letter;
use App\Models\Membership;
use App\Models\Person;
use App\Models\Recipient;
use App\Models\Report;
use App\Models\Retrospective;
use App\Models\Task;
use App\Queries\Reviews\ReportFigures;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Reviews\ChangeVerdict;
use Loftrin\Core\Reviews\LiveFigures;
use Loftrin\Core\Reviews\ReportAudience;

/** What is worth telling, a report that was sent, and a retrospective with what it changed. */
final readonly class LookedBack
{
    private const TELLING = [
        'Fix sleep mode', 'Write up cell A', 'Write the front page', 'Find who decides at the Åland farm', 'Hand over press calls',
        'Hand over the insurer', 'Teach winch to crew two', 'Teach winch to crew three', 'Survey the berth at Tórshavn',
        'Agree the tide window at Longhope', 'Write the test for the update itself', 'Find who decides at the Øresund farm',
    ];

    /** Title, owner, days from the day on which it was agreed, sign, whether it is done, what was seen. */
    public const CHANGES = [
        [
            'Check the crane before each trip, two names in the log', 'kwame', 7, 'No trip waits for the crane in four weeks.', true,
            'Three trips since, and none waited.',
        ],
        ['Send the harbour papers on Monday, each by one name', 'mei', 14, 'No berth without a stamp on Thursday.', false, null],
        ['Plan one day in reserve for every trip', 'priya', 35, 'Two trips in a row end on the day that was planned.', false, null],
    ];

    public function __construct(private Stage $stage, private ReportFigures $figures)
    {
    }

    public function add(): void
    {
        Task::query()
            ->whereIn('title', self::TELLING)
            ->whereNotNull('done_on')
            ->update(['is_worth_telling' => true]);
        $this->retrospective();
        $this->report();
    }

    private function retrospective(): void
    {
        $on = $this->stage->worked($this->stage->today->plus(-22));
        $at = "$on 15:10:00";
        $retrospective = Retrospective::query()->create([
            'person_id' => $this->person('noor')->id,
            'title' => 'Orkney, the first six weeks',
            'on' => $on,
            'first' => $on->plus(-42),
            'last' => $on->plus(-1),
            'shown_at' => $at,
            'finished_at' => $at,
        ]);

        foreach (['noor', 'priya', 'kwame', 'mei'] as $key) {
            $retrospective->participants()->create(['person_id' => $this->person($key)->id]);
        }

        foreach (LookedBackWords::RETROSPECTIVE as $position => [$words, $answers]) {
            $question = $retrospective->questions()->create(['position' => $position, 'words' => $words]);

            foreach ($answers as $key => $said) {
                $question->answers()->create(['person_id' => $this->person($key)->id, 'words' => $said]);
            }
        }

        foreach (self::CHANGES as [$title, $owner, $days, $sign, $isDone, $seen]) {
            AgreedChange::query()->create([
                'retrospective_id' => $retrospective->id,
                'task_id' => $this->task($title, $owner, $on, $on->plus($days), $isDone)->id,
                'sign' => $sign,
                'verdict' => $seen === null ? null : ChangeVerdict::Worked,
                'seen' => $seen,
            ]);
        }
    }

    private function task(string $title, string $owner, Day $on, Day $dueOn, bool $isDone): Task
    {
        return Task::query()->create([
            'title' => $title,
            'owner_id' => $this->person($owner)->id,
            'visibility' => 'everyone',
            'created_on' => $on,
            'changed_on' => $on,
            'due_on' => $this->stage->worked($dueOn),
            'done_on' => $isDone ? $this->stage->worked($on->plus(5)) : null,
            'minutes' => 30,
            'carried' => 0,
        ]);
    }

    private function report(): void
    {
        $quarter = $this->stage->quarter(2);
        $by = $this->person('noor');
        $goals = Goal::query()->openToAll()->where('period', $quarter->name)->orderBy('id')->get();
        $figures = $goals->map(
            static fn(Goal $goal): string => "- **{$goal->title}**: ".LiveFigures::goal($goal->id, $goal->title),
        );
        $report = Report::query()->create([
            'person_id' => $by->id,
            'title' => 'The second quarter, for the board',
            'audience' => ReportAudience::Board,
            'first' => $quarter->span->first,
            'last' => $quarter->span->last,
            'words' => str_replace('{goals}', implode("\n", $figures->all()), LookedBackWords::REPORT),
        ]);
        $report->refresh()->update([
            'sent_at' => "{$this->stage->worked($quarter->span->last->plus(6))} 08:20:00",
            'sent_words' => $this->figures->filled($report->refresh()),
        ]);
        $leads = Membership::query()->where('group_id', Group::query()->where('name', 'The leads')->firstOrFail()->id);

        foreach ($leads->where('person_id', '<>', $by->id)->pluck('person_id') as $person) {
            Recipient::query()->create(['report_id' => $report->id, 'person_id' => $person]);
            Letter::query()->create(['person_id' => $person, 'subject' => $report->title, 'body' => $report->sent_words]);
        }
    }

    private function person(string $key): Person
    {
        return Person::query()->where('email', People::email($key))->firstOrFail();
    }
}
