<?php

declare(strict_types=1);

namespace App\Http\Controllers\Projects;

use App\Actions\Projects\SaveProject;
use App\Actions\Projects\SetProjectState;
use App\Http\Controllers\Controller;
use App\Http\Requests\ProjectFields;
use App\Models\Project;
use App\Queries\Projects\ProjectFormPage;
use App\Queries\Projects\ProjectPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use Loftrin\Core\Work\ProjectState;

final class ProjectController extends Controller
{
    public function show(Project $project, ProjectPage $page): Response
    {
        return Inertia::render('projects/Project', ['page' => $page->of($project, $this->me())]);
    }

    public function create(Request $request, ProjectFormPage $form): Response
    {
        return Inertia::render('projects/ProjectForm', [
            'page' => $form->blank($this->me(), $request->filled('goal') ? $request->integer('goal') : null),
        ]);
    }

    public function store(ProjectFields $fields, SaveProject $save): RedirectResponse
    {
        $project = $save($this->me(), $fields->draft());

        return $this->changed(route('projects.show', $project));
    }

    public function edit(Project $project, ProjectFormPage $form): Response
    {
        return Inertia::render('projects/ProjectForm', ['page' => $form->filled($this->me(), $project)]);
    }

    public function update(ProjectFields $fields, Project $project, SaveProject $save): RedirectResponse
    {
        $save($this->me(), $fields->draft(), $project);

        return $this->changed(route('projects.show', $project));
    }

    public function setState(Request $request, Project $project, SetProjectState $set): RedirectResponse
    {
        $request->validate(['state' => ['required', Rule::enum(ProjectState::class)]]);
        $set($this->me(), $project, $request->enum('state', ProjectState::class) ?? $project->state);

        return $this->changed();
    }
}
