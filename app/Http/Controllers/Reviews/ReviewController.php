<?php

declare(strict_types=1);

namespace App\Http\Controllers\Reviews;

use App\Actions\Reviews\WriteReview;
use App\Http\Controllers\Controller;
use App\Models\Workspace;
use App\Queries\Reviews\ReviewPage;
use App\Queries\Reviews\ReviewsPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Reviews\Question;

/** One's own reviews: nobody else's can be reached by any address. */
final class ReviewController extends Controller
{
    public function __construct(private readonly Workspace $workspace)
    {
    }

    public function index(ReviewsPage $page): Response
    {
        return Inertia::render('reviews/Reviews', ['page' => $page->of($this->me())]);
    }

    public function show(string $period, ReviewPage $page): Response
    {
        return Inertia::render('reviews/Review', ['page' => $page->of($this->week($period), $this->me())]);
    }

    public function answer(Request $request, string $period, WriteReview $write): RedirectResponse
    {
        $request->validate([
            'question' => ['required', Rule::enum(Question::class)],
            'words' => ['present', 'nullable', 'string', 'max:20000'],
        ]);
        $question = $request->enum('question', Question::class) ?? Question::Moved;
        $write->answer($this->me(), $this->week($period), $question, $request->filled('words') ? $request->string('words')->toString() : null);

        return back(303);
    }

    public function hold(string $period, WriteReview $write): RedirectResponse
    {
        $write->hold($this->me(), $this->week($period));

        return $this->changed();
    }

    public function reopen(string $period, WriteReview $write): RedirectResponse
    {
        $write->reopen($this->me(), $this->week($period));

        return $this->changed();
    }

    private function week(string $name): Period
    {
        $week = $this->workspace->calendar()->tryPeriod($name);

        return $week !== null && $week->horizon === Horizon::Week ? $week : abort(404);
    }
}
