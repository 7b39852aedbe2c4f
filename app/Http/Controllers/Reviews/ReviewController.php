<?php

declare(strict_types=1);

namespace App\Http\Controllers\Reviews;

use App\Actions\Reviews\WriteReview;
use App\Http\Controllers\Controller;
use App\Http\Requests\Meanwhile;
use App\Models\Answer;
use App\Models\Workspace;
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

    /** Everything one ever answered: by a word, or one question over time. */
    public function answers(Request $request, AnswersPage $page): Response
    {
        $request->validate([
            'q' => ['nullable', 'string', 'max:200'],
            'question' => ['nullable', 'string', 'max:24'],
            'findings' => ['nullable', 'boolean'],
        ]);

        return Inertia::render('reviews/Answers', [
            'page' => $page->of(
                $this->me(),
                trim($request->string('q')->toString()),
                $this->text($request, 'question'),
                $request->boolean('findings'),
            ),
        ]);
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
