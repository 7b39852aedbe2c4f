<?php

declare(strict_types=1);

namespace App\Http\Controllers\Reviews;

use App\Actions\Reviews\WriteReview;
use App\Http\Controllers\Controller;
use App\Http\Requests\Meanwhile;
use App\Models\Answer;
use App\Queries\Reviews\ReviewPage;
use App\Queries\Reviews\ReviewsPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Reviews\Question;

/** One's own reviews: nobody else's can be reached by any address. */
final class ReviewController extends Controller
{
    public function index(ReviewsPage $page): Response
    {
        return Inertia::render('reviews/Reviews', ['page' => $page->of($this->me())]);
    }

    public function show(Period $week, ReviewPage $page): Response
    {
        return Inertia::render('reviews/Review', ['page' => $page->of($week, $this->me())]);
    }

    public function answer(Request $request, Period $week, WriteReview $write): RedirectResponse
    {
        $request->validate([
            'question' => ['required', Rule::enum(Question::class)],
            'words' => ['present', 'nullable', 'string', 'max:20000'],
        ]);
        $question = $request->enum('question', Question::class) ?? Question::Moved;
        Meanwhile::refuse($request, [
            'words' => Answer::query()
                ->where('question', $question)
                ->whereRelation('review', ['person_id' => $this->me()->id, 'period' => $week->name])
                ->value('words'),
        ]);
        $write->answer($this->me(), $week, $question, $request->filled('words') ? $request->string('words')->toString() : null);

        return back(303);
    }

    public function hold(Period $week, WriteReview $write): RedirectResponse
    {
        $write->hold($this->me(), $week);

        return $this->changed();
    }

    public function reopen(Period $week, WriteReview $write): RedirectResponse
    {
        $write->reopen($this->me(), $week);

        return $this->changed();
    }
}
