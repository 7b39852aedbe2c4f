<?php

declare(strict_types=1);

namespace App\Http\Controllers\Reviews;

use App\Actions\Reviews\HoldRetrospective;
use App\Actions\Reviews\RetrospectiveDraft;
use App\Actions\Reviews\WriteRetrospective;
use App\Http\Controllers\Controller;
use App\Http\Requests\AskedSpan;
use App\Http\Requests\Ids;
use App\Http\Requests\Meanwhile;
use App\Http\Requests\ValidDay;
use App\Models\AgreedChange;
use App\Models\Person;
use App\Models\Retrospective;
use App\Models\RetrospectiveAnswer;
use App\Queries\Reviews\RetrospectivePage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Reviews\ChangeVerdict;

/** Retrospectives in which one takes part: no other is there. */
final class RetrospectiveController extends Controller
{
    public function index(RetrospectivePage $page): Response
    {
        return Inertia::render('reviews/Retrospectives', ['page' => $page->all($this->me())]);
    }

    public function show(Retrospective $retrospective, RetrospectivePage $page): Response
    {
        return Inertia::render('reviews/Retrospective', ['page' => $page->of($retrospective, $this->me())]);
    }

    public function store(Request $request, HoldRetrospective $hold): RedirectResponse
    {
        $request->validate([
            'title' => ['required', 'string', 'max:200'],
            'questions' => ['required', 'string', 'max:4000'],
            'people' => ['present', 'array', 'max:200'],
            'people.*' => ['integer', Rule::exists('people', 'id')->whereNull('deactivated_on')],
            'project' => ['nullable', 'integer'],
        ]);
        $lines = explode("\n", $request->string('questions')->toString());
        $retrospective = $hold->begin(
            $this->me(),
            new RetrospectiveDraft(
                title: $request->string('title')->toString(),
                questions: array_values(
                    array_map(
                        static fn(string $line): string => mb_substr(trim($line), 0, 200),
                        array_filter($lines, static fn(string $line): bool => trim($line) !== ''),
                    ),
                ),
                people: Ids::in($request, 'people'),
                project: $this->number($request, 'project'),
                span: $this->span($request),
            ),
        );

        return $this->changed(route('retrospectives.show', $retrospective->id, false));
    }

    public function answer(Request $request, Retrospective $retrospective, WriteRetrospective $write): RedirectResponse
    {
        $request->validate(['question' => ['required', 'integer'], 'words' => ['present', 'nullable', 'string', 'max:20000']]);
        $question = $retrospective->questions()->findOrFail($request->integer('question'));
        Meanwhile::refuse($request, [
            'words' => RetrospectiveAnswer::query()
                ->where('retrospective_question_id', $question->id)
                ->where('person_id', $this->me()->id)
                ->value('words'),
        ]);
        $write->answer($this->me(), $question, $request->string('words')->toString());

        return back(303);
    }

    public function reveal(Retrospective $retrospective, HoldRetrospective $hold): RedirectResponse
    {
        $hold->show($retrospective);

        return $this->changed();
    }

    public function agree(Request $request, Retrospective $retrospective, WriteRetrospective $write): RedirectResponse
    {
        $request->validate([
            'words' => ['required', 'string', 'max:200'],
            'owner' => ['required', 'integer'],
            'by' => ['required', new ValidDay()],
            'sign' => ['required', 'string', 'max:500'],
        ]);
        $write->agree(
            $this->me(),
            $retrospective,
            $request->string('words')->toString(),
            Person::query()->findOrFail($request->integer('owner')),
            Day::of($request->string('by')->toString()),
            $request->string('sign')->toString(),
        );

        return $this->changed();
    }

    public function judge(Request $request, AgreedChange $agreed, WriteRetrospective $write): RedirectResponse
    {
        $request->validate([
            'verdict' => ['nullable', Rule::enum(ChangeVerdict::class)],
            'seen' => ['nullable', 'string', 'max:500'],
        ]);
        // The one is said without the other.
        $write->judge(
            $this->me(),
            $agreed,
            $request->has('verdict') ? $request->enum('verdict', ChangeVerdict::class) : $agreed->verdict,
            $request->has('seen') ? $this->text($request, 'seen') : $agreed->seen,
        );

        return $this->changed();
    }

    public function finish(Retrospective $retrospective, HoldRetrospective $hold): RedirectResponse
    {
        $hold->finish($retrospective);

        return $this->changed();
    }

    public function reopen(Retrospective $retrospective, HoldRetrospective $hold): RedirectResponse
    {
        $hold->reopen($retrospective);

        return $this->changed();
    }

    public function destroy(Retrospective $retrospective, HoldRetrospective $hold): RedirectResponse
    {
        $hold->delete($retrospective);

        return $this->changed(route('retrospectives.index', [], false));
    }

    private function span(Request $request): ?Span
    {
        if (! $request->filled('from') && ! $request->filled('until')) {
            return null;
        }

        return AskedSpan::of($request) ?? throw ValidationException::withMessages(['until' => AskedSpan::WORDS]);
    }
}
