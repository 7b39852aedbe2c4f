<?php

declare(strict_types=1);

namespace App\Http\Controllers\Week;

use App\Actions\Week\Bulk;
use App\Actions\Week\ChangeTasks;
use App\Actions\Week\MoveTask;
use App\Http\Controllers\Controller;
use App\Models\Task;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** Moves tasks: one within its project or to another place, or many at once. */
final class MoveController extends Controller
{
    public function within(Request $request, Task $task, MoveTask $move): RedirectResponse
    {
        $request->validate(['stage' => ['nullable', 'integer'], 'before' => ['nullable', 'integer']]);
        $move->within($this->me(), $task, $this->number($request, 'stage'), $this->number($request, 'before'));

        return $this->changed();
    }

    public function to(Request $request, Task $task, MoveTask $move): RedirectResponse
    {
        $request->validate(['project' => ['nullable', 'integer'], 'goal' => ['nullable', 'integer']]);
        $move->to($this->me(), $task, $this->number($request, 'project'), $this->number($request, 'goal'));

        return $this->changed();
    }

    public function many(Request $request, ChangeTasks $change): RedirectResponse
    {
        $what = Bulk::tryFrom($this->text($request, 'what') ?? '');
        $request->validate([
            'tasks' => ['required', 'array', 'max:500'],
            'tasks.*' => ['integer', 'distinct'],
            'what' => ['required', Rule::enum(Bulk::class)],
            'value' => [
                'nullable',
                'string',
                'max:20',
                Rule::when($what === Bulk::Rank, 'in:A,B,C'),
                Rule::when($what === Bulk::HandOver, 'required|exists:people,id'),
            ],
        ]);
        /** @var list<int|string> $ids */
        $ids = array_values($request->array('tasks'));
        $change($this->me(), array_map(intval(...), $ids), $what ?? Bulk::Tick, $this->text($request, 'value'));

        return $this->changed();
    }
}
