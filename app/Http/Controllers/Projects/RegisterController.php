<?php

declare(strict_types=1);

namespace App\Http\Controllers\Projects;

use App\Actions\Projects\KeepRegister;
use App\Http\Controllers\Controller;
use App\Http\Requests\Meanwhile;
use App\Http\Requests\RegisterQuestion;
use App\Models\Field;
use App\Models\FieldKind;
use App\Models\Project;
use App\Models\Workspace;
use App\Queries\Projects\RegisterPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;

final class RegisterController extends Controller
{
    public function show(RegisterQuestion $question, RegisterPage $page): Response
    {
        return Inertia::render('projects/Register', ['page' => $page->of($this->me(), $question->filter($this->me()))]);
    }

    public function limit(Request $request, Workspace $workspace, KeepRegister $keep): RedirectResponse
    {
        $request->validate(['limit' => ['nullable', 'integer', 'between:1,100']]);
        $keep->limit($this->me(), $workspace, $this->number($request, 'limit'));

        return $this->changed();
    }

    public function gather(Request $request, Project $project, KeepRegister $keep): RedirectResponse
    {
        $request->validate([
            'collections' => ['present', 'array', 'max:50'],
            'collections.*' => ['integer', 'distinct', 'exists:collections,id'],
            'named' => ['nullable', 'string', 'max:80'],
        ]);
        /** @var list<int> $there */
        $there = $project->collectionItems()->orderBy('id')->pluck('collection_id')->all();
        $keep->gather($this->me(), $project, Meanwhile::ticked($request, 'collections', $there), $this->text($request, 'named'));

        return $this->changed();
    }

    public function addField(Request $request, KeepRegister $keep): RedirectResponse
    {
        $request->validate([
            'name' => ['required', 'string', 'max:60'],
            'kind' => ['required', Rule::enum(FieldKind::class)],
            'choices' => ['nullable', 'string', 'max:2000'],
        ]);
        $choices = array_values(
            array_unique(
                array_filter(
                    array_map(trim(...), explode("\n", $request->string('choices')->toString())),
                    static fn(string $line): bool => $line !== '',
                ),
            ),
        );
        $keep->addField(
            $this->me(),
            $request->string('name')->toString(),
            $request->enum('kind', FieldKind::class) ?? FieldKind::Text,
            $choices,
        );

        return $this->changed();
    }

    public function removeField(Field $field, KeepRegister $keep): RedirectResponse
    {
        $keep->removeField($this->me(), $field);

        return $this->changed();
    }

    public function enter(Request $request, Project $project, Field $field, KeepRegister $keep): RedirectResponse
    {
        $request->validate(['value' => ['nullable', 'string', 'max:200']]);
        $keep->enter($this->me(), $project, $field, $this->text($request, 'value'));

        return $this->changed();
    }
}
