<?php

declare(strict_types=1);

namespace App\Http\Controllers\Reviews;

use App\Actions\Reviews\MarkWorthTelling;
use App\Http\Controllers\Controller;
use App\Http\Requests\AskedSpan;
use App\Models\Answer;
use App\Models\LogLine;
use App\Models\Person;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Reviews\WorthTelling;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Reviews\TellingSource;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What is worth telling, by person and span. */
final class TellingController extends Controller
{
    /** So many days are shown where none are asked for. */
    private const DAYS = 90;

    public function index(Request $request, Workspace $workspace, WorthTelling $telling): Response
    {
        $today = $workspace->today();
        $span =
            AskedSpan::of($request, new Span($today->plus(1 - self::DAYS), $today)) ?? throw new NotFoundHttpException(AskedSpan::WORDS);
        $whose = $request->filled('person') ? Person::query()->findOrFail($this->number($request, 'person'))->id : null;

        return Inertia::render('reviews/WorthTelling', ['page' => $telling->page($this->me(), $span, $whose)]);
    }

    /** Another person's line is not there; a task is marked by who may change it. */
    public function mark(Request $request, MarkWorthTelling $mark): RedirectResponse
    {
        $request->validate([
            'source' => ['required', Rule::enum(TellingSource::class)],
            'id' => ['required', 'integer'],
            'isWorth' => ['required', 'boolean'],
        ]);
        $id = $request->integer('id');
        $me = $this->me();
        $line = match ($request->enum('source', TellingSource::class)) {
            TellingSource::Log => LogLine::query()->where('person_id', $me->id)->findOrFail($id),
            TellingSource::Answer => Answer::query()->of($me)->findOrFail($id),
            default => Task::query()->findOrFail($id),
        };

        if ($line instanceof Task) {
            Gate::authorize('update', $line);
        }

        $mark($me, $line, $request->boolean('isWorth'));

        return $this->changed();
    }
}
