<?php

declare(strict_types=1);

namespace App\Http\Controllers\Meetings;

use App\Actions\Capture\EachLine;
use App\Actions\Meetings\RecordDecision;
use App\Http\Controllers\Controller;
use App\Http\Requests\Lines;
use App\Http\Requests\ValidDay;
use App\Models\Decision;
use App\Models\Workspace;
use App\Queries\Meetings\DecisionsPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** The register of decisions, with the minutes that hold a word. */
final class DecisionController extends Controller
{
    public function index(Request $request, DecisionsPage $page): Response
    {
        $words = $this->text($request, 'q');

        return Inertia::render('meetings/Decisions', [
            'page' => $page->of($this->me(), mb_substr(trim($words ?? ''), 0, 100), $this->number($request, 'who')),
        ]);
    }

    public function store(Request $request, RecordDecision $record, EachLine $each, Workspace $workspace): RedirectResponse
    {
        $request->validate([
            ...Lines::rules('words', 1000),
            'because' => ['nullable', 'string', 'max:1000'],
            'on' => ['nullable', new ValidDay()],
            'goal' => ['nullable', 'integer'],
            'project' => ['nullable', 'integer'],
        ], Lines::MESSAGES);
        $each($this->me(), Lines::in($request, 'words'), 'decisions', fn(string $line) => $record(
            who: $this->me(),
            words: $line,
            because: $this->text($request, 'because'),
            on: ValidDay::read($request->input('on')) ?? $workspace->today(),
            goal: $this->number($request, 'goal'),
            project: $this->number($request, 'project'),
        ));

        return $this->changed();
    }

    public function destroy(Decision $decision, RecordDecision $record): RedirectResponse
    {
        $record->remove($this->me(), $decision);

        return $this->changed();
    }
}
