<?php

declare(strict_types=1);

namespace App\Http\Controllers\Capture;

use App\Actions\Undo\UndoChange;
use App\Http\Controllers\Controller;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Steps back and forth through what one has changed oneself. */
final class UndoController extends Controller
{
    public function of(string $batch, UndoChange $undo): RedirectResponse
    {
        $undo($this->me(), $batch);

        return $this->changed();
    }

    /** What was decided in one go. */
    public function all(Request $request, UndoChange $undo): RedirectResponse
    {
        $request->validate(['changes' => ['required', 'array', 'max:500'], 'changes.*' => ['required', 'uuid']]);
        /** @var list<string> $changes */
        $changes = array_values($request->array('changes'));
        $undo->all($this->me(), $changes);

        return back(303);
    }

    public function last(UndoChange $undo): RedirectResponse
    {
        $undo->last($this->me());

        return $this->changed();
    }

    public function again(UndoChange $undo): RedirectResponse
    {
        $undo->again($this->me());

        return $this->changed();
    }
}
