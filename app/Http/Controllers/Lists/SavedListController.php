<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lists;

use App\Actions\Week\SaveList;
use App\Http\Controllers\Controller;
use App\Http\Requests\ListQuestion;
use App\Http\Requests\Shown;
use App\Models\SavedList;
use App\Models\Workspace;
use App\Queries\Lists\Answers\Condition;
use App\Queries\Lists\BuiltList;
use App\Queries\Lists\Fields;
use App\Queries\Lists\ListGrouping;
use App\Queries\Lists\ListSort;
use App\Queries\Lists\SavedPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** Lists built from conditions. */
final class SavedListController extends Controller
{
    /** One being built: what the address asks for is found at once. */
    public function build(ListQuestion $question, SavedPage $page, Fields $fields): Response
    {
        $known = $question->built()->only(fn(Condition $condition): bool => $fields->offers($condition, $this->me()));

        return $this->page($question, $page, null, $known);
    }

    public function show(Request $request, SavedList $saved, SavedPage $page): Response
    {
        $group = $saved->group === null ? null : ListGrouping::from($saved->group);

        return $this->page($request, $page, $saved, BuiltList::read($saved->conditions, ListSort::from($saved->sort), $group));
    }

    public function store(ListQuestion $question, SaveList $save): RedirectResponse
    {
        return $this->kept(
            $save($this->me(), $question->string('title')->toString(), $question->built(), $question->boolean('isShared')),
        );
    }

    public function update(ListQuestion $question, SavedList $saved, SaveList $save): RedirectResponse
    {
        return $this->kept(
            $save(
                $this->me(),
                $question->string('title')->toString(),
                $question->built(),
                $question->boolean('isShared'),
                $saved,
            ),
        );
    }

    public function remove(SavedList $saved, SaveList $save): RedirectResponse
    {
        $save->remove($this->me(), $saved);

        return $this->changed(route('lists'));
    }

    private function kept(SavedList $list): RedirectResponse
    {
        return $this->changed(route('saved.show', $list));
    }

    private function page(Request $request, SavedPage $page, ?SavedList $list, BuiltList $built): Response
    {
        $today = app(Workspace::class)->today();

        return Inertia::render('lists/Saved', [
            'page' => $page->of(
                viewer: $this->me(),
                list: $list,
                built: $built,
                gap: ListController::GAP,
                since: $today->plus(-ListController::DAYS_BACK),
                shown: Shown::in($request),
            ),
        ]);
    }
}
