<?php

declare(strict_types=1);

namespace App\Http\Controllers\Projects;

use App\Actions\Projects\ChangeCharter;
use App\Http\Controllers\Controller;
use App\Http\Requests\Lines;
use App\Http\Requests\Meanwhile;
use App\Http\Requests\ValidDay;
use App\Models\Milestone;
use App\Models\PlanLine;
use App\Models\Project;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Loftrin\Core\Calendar\Day;

final class CharterController extends Controller
{
    public function write(Request $request, Project $project, ChangeCharter $change): RedirectResponse
    {
        $parts = [...Project::CHARTER, 'notes'];
        Meanwhile::complete($request, $project->only($parts));
        $request->validate(array_fill_keys($parts, ['nullable', 'string', 'max:20000']));
        $change->write(
            $this->me(),
            $project,
            array_combine($parts, array_map(fn(string $part): ?string => $this->text($request, $part), $parts)),
        );

        return $this->changed();
    }

    public function status(Request $request, Project $project, ChangeCharter $change): RedirectResponse
    {
        Meanwhile::complete($request, ['line' => $project->status_line]);
        $request->validate(['line' => ['nullable', 'string', 'max:300']]);
        $change->status($this->me(), $project, $this->text($request, 'line'));

        return $this->changed();
    }

    public function close(Request $request, Project $project, ChangeCharter $change): RedirectResponse
    {
        $request->validate(['learned' => ['nullable', 'string', 'max:5000']]);
        $change->close($this->me(), $project, $this->text($request, 'learned'));

        return $this->changed();
    }

    public function storeMilestone(Request $request, Project $project, ChangeCharter $change): RedirectResponse
    {
        return $this->milestone($request, $project, $change, null);
    }

    public function updateMilestone(Request $request, Milestone $milestone, ChangeCharter $change): RedirectResponse
    {
        return $this->milestone($request, $milestone->project, $change, $milestone);
    }

    public function reach(Request $request, Milestone $milestone, ChangeCharter $change): RedirectResponse
    {
        $request->validate(['reached' => ['required', 'boolean']]);
        $change->reach($this->me(), $milestone, $request->boolean('reached'));

        return $this->changed();
    }

    public function removeMilestone(Milestone $milestone, ChangeCharter $change): RedirectResponse
    {
        $change->remove($this->me(), $milestone);

        return $this->changed();
    }

    public function storeLine(Request $request, Project $project, ChangeCharter $change): RedirectResponse
    {
        $request->validate(Lines::rules('title', 200), Lines::MESSAGES);
        $change->lines($this->me(), $project, Lines::in($request, 'title'));

        return $this->changed();
    }

    public function promote(PlanLine $line, ChangeCharter $change): RedirectResponse
    {
        $change->promote($this->me(), $line);

        return $this->changed();
    }

    public function removeLine(PlanLine $line, ChangeCharter $change): RedirectResponse
    {
        $change->remove($this->me(), $line);

        return $this->changed();
    }

    private function milestone(Request $request, Project $project, ChangeCharter $change, ?Milestone $milestone): RedirectResponse
    {
        Meanwhile::complete($request, $milestone?->only(['title', 'on']) ?? []);
        $request->validate(['title' => ['required', 'string', 'max:200'], 'on' => ['required', new ValidDay()]]);
        $change->milestone(
            $this->me(),
            $project,
            $request->string('title')->toString(),
            Day::of($request->string('on')->toString()),
            $milestone,
        );

        return $this->changed();
    }
}
