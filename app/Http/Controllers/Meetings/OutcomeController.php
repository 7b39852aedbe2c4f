<?php

declare(strict_types=1);

namespace App\Http\Controllers\Meetings;

use App\Actions\Capture\EachLine;
use App\Actions\Meetings\Agree;
use App\Actions\Meetings\AnswerFollowUp;
use App\Actions\Meetings\SettleIssue;
use App\Actions\Week\TaskDraft;
use App\Http\Controllers\Controller;
use App\Http\Requests\Lines;
use App\Http\Requests\Refused;
use App\Http\Requests\ValidDay;
use App\Models\AgendaItem;
use App\Models\Meeting;
use App\Models\NoteLine;
use App\Models\Series;
use App\Models\Task;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Loftrin\Core\Meetings\FollowUpAnswer;
use Loftrin\Core\Meetings\Outcome;

/** What comes out of an agenda item. */
final class OutcomeController extends Controller
{
    public function decide(Request $request, AgendaItem $item, Agree $agree, EachLine $each): RedirectResponse
    {
        $request->validate([...Lines::rules('words', 1000), 'because' => ['nullable', 'string', 'max:1000']], Lines::MESSAGES);
        $each($this->me(), Lines::in($request, 'words'), 'decisions', fn(string $words) => $agree->decide(
            who: $this->me(),
            item: self::loaded($item),
            words: $words,
            because: $this->text($request, 'because'),
            line: self::line($request, $item),
        ));

        return $this->changed();
    }

    public function nextStep(Request $request, AgendaItem $item, Agree $agree, EachLine $each): RedirectResponse
    {
        $request->validate([
            ...Lines::rules('title', 2000),
            'owner' => ['nullable', 'integer', 'exists:people,id'],
            'by' => ['nullable', new ValidDay()],
            'project' => ['nullable', 'integer'],
            ...Refused::RULES,
        ], Lines::MESSAGES);
        $each($this->me(), Lines::in($request, 'title'), 'next steps', fn(string $words) => $agree->nextStep(
            who: $this->me(),
            item: self::loaded($item),
            words: $words,
            besides: new TaskDraft(
                '',
                project: $this->number($request, 'project'),
                owner: $this->number($request, 'owner'),
                dueOn: ValidDay::read($request->input('by')),
            ),
            refused: Refused::in($request),
            chosen: Refused::chosen($request),
            line: self::line($request, $item),
        ));

        return $this->changed();
    }

    public function confirm(Task $task, Agree $agree): RedirectResponse
    {
        $agree->confirm($this->me(), $task);

        return $this->changed();
    }

    public function settle(Request $request, AgendaItem $item, SettleIssue $settle): RedirectResponse
    {
        $request->validate([
            'outcome' => ['present', 'nullable', Rule::enum(Outcome::class)],
            'series' => ['nullable', 'integer'],
            'returnOn' => ['nullable', new ValidDay()],
        ]);
        $settle(
            who: $this->me(),
            item: self::loaded($item),
            outcome: $request->enum('outcome', Outcome::class),
            to: Series::query()->visibleTo($this->me())->find($this->number($request, 'series')),
            returnOn: ValidDay::read($request->input('returnOn')),
        );

        return $this->changed();
    }

    public function followUp(Request $request, Meeting $meeting, Task $task, AnswerFollowUp $answer): RedirectResponse
    {
        $request->validate([
            'answer' => ['required', Rule::enum(FollowUpAnswer::class)],
            'words' => ['nullable', 'string', 'max:120'],
            'until' => ['nullable', new ValidDay()],
        ]);
        $answer(
            who: $this->me(),
            meeting: $meeting->load('series'),
            task: $task,
            answer: FollowUpAnswer::from($request->string('answer')->toString()),
            words: $this->text($request, 'words'),
            until: ValidDay::read($request->input('until')),
        );

        return $this->changed();
    }

    private static function loaded(AgendaItem $item): AgendaItem
    {
        return $item->load(['meeting.series.meetings', 'issue.goal']);
    }

    /** The line of its notes that becomes what is agreed. */
    private static function line(Request $request, AgendaItem $item): ?NoteLine
    {
        $id = $request->input('line');

        return is_numeric($id) ? NoteLine::query()->where('agenda_item_id', $item->id)->findOrFail((int) $id) : null;
    }
}
