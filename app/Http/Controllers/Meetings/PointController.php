<?php

declare(strict_types=1);

namespace App\Http\Controllers\Meetings;

use App\Actions\Capture\EachLine;
use App\Actions\Meetings\NotePoint;
use App\Http\Controllers\Controller;
use App\Http\Requests\Lines;
use App\Models\Person;
use App\Models\Point;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class PointController extends Controller
{
    public function store(Request $request, NotePoint $note, EachLine $each): RedirectResponse
    {
        $request->validate(
            [...Lines::rules('words', 500), 'about' => ['required', 'integer', 'exists:people,id']],
            Lines::MESSAGES,
        );
        $about = Person::query()->findOrFail($request->integer('about'));
        $each($this->me(), Lines::in($request, 'words'), 'points', fn(string $line) => $note($this->me(), $about, $line));

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
