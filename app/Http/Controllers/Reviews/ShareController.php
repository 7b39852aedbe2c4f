<?php

declare(strict_types=1);

namespace App\Http\Controllers\Reviews;

use App\Actions\Reviews\ShareReview;
use App\Http\Controllers\Controller;
use App\Models\Answer;
use App\Models\Group;
use App\Models\Person;
use App\Models\Review;
use App\Queries\Reviews\SharedPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;

/** What others let one read of their reviews, and what one lets others read. Another person's review is not there. */
final class ShareController extends Controller
{
    public function index(SharedPage $page): Response
    {
        return Inertia::render('reviews/Shared', ['page' => $page->of($this->me())]);
    }

    public function share(Request $request, ShareReview $share): RedirectResponse
    {
        $request->validate([
            'of' => ['required', Rule::in(['review', 'answer'])],
            'id' => ['required', 'integer'],
            'with' => ['required', Rule::in(['person', 'group'])],
            'whom' => ['required', 'integer'],
            'isShared' => ['required', 'boolean'],
        ]);
        $id = $request->integer('id');
        $share(
            $this->me(),
            $request->string('of')->toString() === 'review'
                ? Review::query()->where('person_id', $this->me()->id)->findOrFail($id)
                : Answer::query()->of($this->me())->findOrFail($id),
            $request->string('with')->toString() === 'person'
                ? Person::query()->findOrFail($request->integer('whom'))
                : Group::query()->findOrFail($request->integer('whom')),
            $request->boolean('isShared'),
        );

        return $this->changed();
    }
}
