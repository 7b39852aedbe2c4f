<?php

declare(strict_types=1);

namespace App\Http\Controllers\Projects;

use App\Actions\Projects\SaveTemplate;
use App\Actions\Projects\StartFromTemplate;
use App\Actions\Projects\TakeTemplate;
use App\Actions\Projects\TemplateOfProject;
use App\Http\Controllers\Controller;
use App\Http\Requests\TemplateFields;
use App\Http\Requests\ValidDay;
use App\Models\Project;
use App\Models\Template;
use App\Queries\Projects\StartPage;
use App\Queries\Projects\TemplatePage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use Loftrin\Core\Calendar\Day;

/** Templates: projects to start others from. All may make, change and use them. */
final class TemplateController extends Controller
{
    public function index(TemplatePage $page): Response
    {
        return Inertia::render('projects/Templates', ['page' => $page->all($this->me())]);
    }

    public function create(TemplatePage $page): Response
    {
        return Inertia::render('projects/Template', ['page' => $page->blank()]);
    }

    public function show(Template $template, TemplatePage $page): Response
    {
        return Inertia::render('projects/Template', ['page' => $page->of($template, $this->me())]);
    }

    public function store(TemplateFields $fields, SaveTemplate $save): RedirectResponse
    {
        return $this->changedTo($save($this->me(), $fields->draft()));
    }

    public function update(TemplateFields $fields, Template $template, SaveTemplate $save): RedirectResponse
    {
        return $this->changedTo($save($this->me(), $fields->draft(), $template));
    }

    public function ofProject(Project $project, TemplateOfProject $make): RedirectResponse
    {
        return $this->changedTo($make($this->me(), $project));
    }

    public function start(Request $request, Template $template, StartPage $page): Response
    {
        $request->validate([
            'title' => ['nullable', 'string', 'max:200'],
            'start' => ['nullable', new ValidDay()],
            'roles' => ['array'],
            'roles.*' => ['integer'],
        ]);

        return Inertia::render('projects/Start', [
            'page' => $page->of(
                $template,
                $this->me(),
                $this->text($request, 'title'),
                $request->filled('start') ? Day::of($request->string('start')->toString()) : null,
                $this->roles($request),
            ),
        ]);
    }

    public function begin(Request $request, Template $template, StartFromTemplate $start): RedirectResponse
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
            $template,
            $request->string('title')->toString(),
            Day::of($request->string('start')->toString()),
            $this->roles($request),
            $goal === null ? [] : [$goal],
        );

        return $this->changed(route('projects.show', $project));
    }

    public function take(Request $request, Project $project, TakeTemplate $take): RedirectResponse
    {
        $request->validate(['tasks' => ['present', 'array', 'max:300'], 'tasks.*' => ['integer', 'distinct']]);
        /** @var list<int|string> $tasks */
        $tasks = array_values($request->array('tasks'));
        $take($this->me(), $project, array_map(intval(...), $tasks));

        return $this->changed();
    }

    private function changedTo(Template $template): RedirectResponse
    {
        return $this->changed(route('templates.show', $template));
    }

    /** @return array<string, int> people by role */
    private function roles(Request $request): array
    {
        /** @var array<string, int|string> $roles */
        $roles = $request->array('roles');

        return array_map(intval(...), $roles);
    }
}
