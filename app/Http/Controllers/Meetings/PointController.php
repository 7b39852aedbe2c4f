<?php

declare(strict_types=1);

namespace App\Http\Controllers\Meetings;

use App\Actions\Meetings\NotePoint;
use App\Http\Controllers\Controller;
use App\Models\Person;
use App\Models\Point;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class PointController extends Controller
{
    public function store(Request $request, NotePoint $note): RedirectResponse
    {
        $request->validate(['words' => ['required', 'string', 'max:500'], 'about' => ['required', 'integer', 'exists:people,id']]);
        $note($this->me(), Person::query()->findOrFail($request->integer('about')), $request->string('words')->toString());

        return $this->changed();
    }

    public function tick(Request $request, Point $point, NotePoint $note): RedirectResponse
    {
        $request->validate(['isDone' => ['required', 'boolean']]);
        $note->tick($this->me(), $point, $request->boolean('isDone'));

        return $this->changed();
    }

    public function destroy(Point $point, NotePoint $note): RedirectResponse
    {
        $note->remove($this->me(), $point);

        return $this->changed();
    }
}
