<?php

declare(strict_types=1);

namespace App\Http\Controllers\Projects;

use App\Actions\Projects\SavePattern;
use App\Actions\Projects\StartFromPattern;
use App\Actions\Projects\TakePattern;
use App\Http\Controllers\Controller;
use App\Http\Requests\PatternFields;
use App\Http\Requests\ValidDay;
use App\Models\Pattern;
use App\Models\Project;
use App\Queries\Projects\PatternPage;
use App\Queries\Projects\StartPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use Loftrin\Core\Calendar\Day;

/** Patterns: projects to start others from. All may make, change and use them. */
final class PatternController extends Controller
{
    public function index(PatternPage $page): Response
    {
        return Inertia::render('projects/Patterns', ['page' => $page->all()]);
    }

    public function create(PatternPage $page): Response
    {
        return Inertia::render('projects/Pattern', ['page' => $page->blank()]);
    }

    public function show(Pattern $pattern, PatternPage $page): Response
    {
        return Inertia::render('projects/Pattern', ['page' => $page->of($pattern, $this->me())]);
    }

    public function store(PatternFields $fields, SavePattern $save): RedirectResponse
    {
        return $this->changedTo($save($this->me(), $fields->draft()));
    }

    public function update(PatternFields $fields, Pattern $pattern, SavePattern $save): RedirectResponse
    {
        return $this->changedTo($save($this->me(), $fields->draft(), $pattern));
    }

    public function ofProject(Project $project, SavePattern $save): RedirectResponse
    {
        return $this->changedTo($save->likeProject($this->me(), $project));
    }

    public function start(Request $request, Pattern $pattern, StartPage $page): Response
    {
        $request->validate([
            'title' => ['nullable', 'string', 'max:200'],
            'start' => ['nullable', new ValidDay()],
            'roles' => ['array'],
            'roles.*' => ['integer'],
        ]);

        return Inertia::render('projects/Start', [
            'page' => $page->of(
                $pattern,
                $this->me(),
                $this->text($request, 'title'),
                $request->filled('start') ? Day::of($request->string('start')->toString()) : null,
                $this->roles($request),
            ),
        ]);
    }

    public function begin(Request $request, Pattern $pattern, StartFromPattern $start): RedirectResponse
    {
        $request->validate([
            'title' => ['required', 'string', 'max:200'],
            'start' => ['required', new ValidDay()],
            'goal' => ['nullable', 'integer'],
            'roles' => ['array'],
            'roles.*' => ['integer', 'exists:people,id'],
        ]);
        $goal = $this->number($request, 'goal');
        $project = $start(
            $this->me(),
            $pattern,
            $request->string('title')->toString(),
            Day::of($request->string('start')->toString()),
            $this->roles($request),
            $goal === null ? [] : [$goal],
        );

        return $this->changed(route('projects.show', $project));
    }

    public function take(Request $request, Project $project, TakePattern $take): RedirectResponse
    {
        $request->validate(['tasks' => ['present', 'array', 'max:300'], 'tasks.*' => ['integer', 'distinct']]);
        /** @var list<int|string> $tasks */
        $tasks = array_values($request->array('tasks'));
        $take($this->me(), $project, array_map(intval(...), $tasks));

        return $this->changed();
    }

    private function changedTo(Pattern $pattern): RedirectResponse
    {
        return $this->changed(route('patterns.show', $pattern));
    }

    /** @return array<string, int> people by role */
    private function roles(Request $request): array
    {
        /** @var array<string, int|string> $roles */
        $roles = $request->array('roles');

        return array_map(intval(...), $roles);
    }
}
