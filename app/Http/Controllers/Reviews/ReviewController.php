<?php

declare(strict_types=1);

namespace App\Http\Controllers\Reviews;

use App\Actions\Reviews\TieAnswer;
use App\Actions\Reviews\WriteReview;
use App\Http\Controllers\Controller;
use App\Http\Requests\Meanwhile;
use App\Http\Requests\ValidDay;
use App\Models\Answer;
use App\Models\Goal;
use App\Models\Workspace;
use App\Queries\Parts\AnswersAsked;
use App\Queries\Reviews\AnswersPage;
use App\Queries\Reviews\PeriodReviewPage;
use App\Queries\Reviews\ReviewPage;
use App\Queries\Reviews\ReviewsPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Day\LogTag;
use Loftrin\Core\Reviews\Verdict;

/** One's own reviews: nobody else's can be reached by any address. */
final class ReviewController extends Controller
{
    public function index(Request $request, ReviewsPage $page, Workspace $workspace): Response
    {
        $year = $workspace->calendar()->tryPeriod($request->string('year')->toString());

        return Inertia::render('reviews/Reviews', [
            'page' => $page->of($this->me(), $year?->horizon === Horizon::Year ? $year : null),
        ]);
    }

    /** What one ever wrote: by a word, a question, a tag, a goal, a span. */
    public function answers(Request $request, AnswersPage $page): Response
    {
        $request->validate([
            'q' => ['nullable', 'string', 'max:200'],
            'question' => ['nullable', 'string', 'max:24'],
            'tag' => ['nullable', Rule::enum(LogTag::class)],
            'goal' => ['nullable', 'integer'],
            'from' => ['nullable', new ValidDay()],
            'until' => ['nullable', new ValidDay()],
        ]);

        return Inertia::render('reviews/Answers', [
            'page' => $page->of(
                $this->me(),
                new AnswersAsked(
                    words: trim($request->string('q')->toString()),
                    key: $this->text($request, 'question'),
                    tag: $request->enum('tag', LogTag::class),
                    goal: $this->number($request, 'goal'),
                    from: ValidDay::read($request->input('from')),
                    until: ValidDay::read($request->input('until')),
                ),
            ),
        ]);
    }

    /** Which goal an answer is about. Another person's answer, and a goal that one may not see, are not there. */
    public function tie(Request $request, TieAnswer $tie): RedirectResponse
    {
        $request->validate(['answer' => ['required', 'integer'], 'goal' => ['present', 'nullable', 'integer']]);
        $me = $this->me();
        $goal = $this->number($request, 'goal');
        $tie(
            $me,
            Answer::query()->of($me)->findOrFail($request->integer('answer')),
            $goal === null ? null : Goal::query()->visibleTo($me)->findOrFail($goal),
        );

        return $this->changed();
    }

    public function show(Period $period, ReviewPage $week, PeriodReviewPage $longer): Response
    {
        return $period->horizon === Horizon::Week
            ? Inertia::render('reviews/Review', ['page' => $week->of($period, $this->me())])
            : Inertia::render('reviews/PeriodReview', ['page' => $longer->of($period, $this->me())]);
    }

    public function answer(Request $request, Period $period, WriteReview $write): RedirectResponse
    {
        $request->validate([
            'question' => ['required', 'string', 'max:24'],
            'words' => ['present', 'nullable', 'string', 'max:20000'],
        ]);
        $question = $request->string('question')->toString();
        Meanwhile::refuse($request, [
            'words' => Answer::query()
                ->where('question', $question)
                ->whereRelation('review', ['person_id' => $this->me()->id, 'period' => $period->name])
                ->value('words'),
        ]);
        $write->answer($this->me(), $period, $question, $request->filled('words') ? $request->string('words')->toString() : null);

        return back(303);
    }

    /** What became of what one wanted to do differently. */
    public function judge(Request $request, Period $period, WriteReview $write): RedirectResponse
    {
        $request->validate(['answer' => ['required', 'integer'], 'verdict' => ['present', 'nullable', Rule::enum(Verdict::class)]]);
        $answer = Answer::query()->of($this->me())->findOrFail($request->integer('answer'));
        $write->judge($this->me(), $period, $answer, $request->enum('verdict', Verdict::class));

        return $this->changed();
    }

    public function hold(Period $period, WriteReview $write): RedirectResponse
    {
        $write->hold($this->me(), $period);

        return $this->changed();
    }

    public function reopen(Period $period, WriteReview $write): RedirectResponse
    {
        $write->reopen($this->me(), $period);

        return $this->changed();
    }
}
