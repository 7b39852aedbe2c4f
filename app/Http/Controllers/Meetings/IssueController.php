<?php

declare(strict_types=1);

namespace App\Http\Controllers\Meetings;

use App\Actions\Capture\EachLine;
use App\Actions\Meetings\CommentOnIssue;
use App\Actions\Meetings\RaiseIssue;
use App\Http\Controllers\Controller;
use App\Http\Requests\IssueFields;
use App\Http\Requests\Lines;
use App\Models\Issue;
use App\Models\Series;
use App\Queries\Meetings\IssuePage;
use App\Queries\Meetings\ProposedGoal;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

final class IssueController extends Controller
{
    public function show(Issue $issue, IssuePage $page): Response
    {
        return Inertia::render('meetings/Issue', ['page' => $page->of($issue, $this->me())]);
    }

    public function store(IssueFields $fields, Series $series, RaiseIssue $raise, EachLine $each): RedirectResponse
    {
        $titles = Lines::in($fields, 'title');
        $each($this->me(), $titles, 'issues', fn(string $title) => $raise($this->me(), $series, $fields->draft($title)));

        return $this->changed();
    }

    public function update(IssueFields $fields, Issue $issue, RaiseIssue $raise): RedirectResponse
    {
        $raise->change($this->me(), $issue, $fields->draft());

        return $this->changed();
    }

    public function comment(Request $request, Issue $issue, CommentOnIssue $comment): RedirectResponse
    {
        $request->validate(['words' => ['required', 'string', 'max:5000']]);
        $comment($this->me(), $issue, $request->string('words')->toString());

        return $this->changed();
    }

    /** The goal that an issue with these words is most likely about. */
    public function goal(Request $request, ProposedGoal $proposed): JsonResponse
    {
        $request->validate(['words' => ['required', 'string', 'max:200']]);

        return new JsonResponse(['goal' => $proposed->for($request->string('words')->toString())]);
    }

    /** A topic that is tied to one meeting goes to the one after it. */
    public function toNext(Issue $issue, RaiseIssue $raise): RedirectResponse
    {
        $raise->toNext($this->me(), $issue);

        return $this->changed();
    }

    public function destroy(Issue $issue, RaiseIssue $raise): RedirectResponse
    {
        $raise->withdraw($this->me(), $issue);

        return $this->changed();
    }
}
