<?php

declare(strict_types=1);

namespace App\Http\Controllers\Direction;

use App\Actions\Capture\EachLine;
use App\Actions\Shelf\SetReturnDate;
use App\Actions\Shelf\Shelve;
use App\Http\Controllers\Controller;
use App\Http\Requests\Lines;
use App\Http\Requests\ValidDay;
use App\Models\Goal;
use App\Models\Issue;
use App\Models\Jot;
use App\Models\Project;
use App\Models\Task;
use App\Queries\Direction\ShelfPage;
use App\Store\RefusedChange;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use Loftrin\Core\Calendar\Day;

final class ShelfController extends Controller
{
    public function index(ShelfPage $page): Response
    {
        return Inertia::render('direction/Shelf', ['page' => $page->of($this->me())]);
    }

    public function store(Request $request, Shelve $shelve, EachLine $each): RedirectResponse
    {
        $request->validate(Lines::rules('words', 2000), Lines::MESSAGES);
        $returnOn = $this->returnOn($request);
        $each($this->me(), Lines::in($request, 'words'), 'ideas', fn(string $line) => $shelve->idea($this->me(), $line, $returnOn));

        return $this->changed();
    }

    /** Lets something come back to one's tray. */
    public function bringBack(Request $request, SetReturnDate $set): RedirectResponse
    {
        $request->validate([
            'words' => ['required', 'string', 'max:200'],
            'on' => ['required', new ValidDay()],
            'at' => ['nullable', 'date_format:H:i'],
            'rhythm' => ['nullable', 'string', 'max:200'],
            'kind' => ['nullable', Rule::in(array_keys(Jot::ABOUT))],
            'about' => ['required_with:kind', 'nullable', 'integer'],
        ]);
        $kind = $this->text($request, 'kind');
        $set(
            $this->me(),
            $request->string('words')->toString(),
            Day::of($request->string('on')->toString()),
            $this->text($request, 'at'),
            $this->text($request, 'rhythm'),
            $kind === null
                ? null
                : Jot::ABOUT[$kind]::query()->find($request->integer('about')) ??
                    throw new RefusedChange('about', 'This no longer exists.'),
        );

        return $this->changed();
    }

    public function put(Request $request, string $kind, Jot|Task|Project|Goal|Issue $shelved, Shelve $shelve): RedirectResponse
    {
        $shelve($this->me(), $shelved, $this->returnOn($request));

        return $this->changed();
    }

    /** Off the shelf: back to where it was. A goal is begun anew from its form. */
    public function restore(string $kind, Jot|Task|Project|Goal|Issue $shelved, Shelve $shelve): RedirectResponse
    {
        if ($shelved instanceof Goal) {
            return redirect()->route('goals.create', ['from' => $shelved->id]);
        }

        $shelve->restore($this->me(), $shelved);

        return $this->changed();
    }

    public function letGo(string $kind, Jot|Task|Project|Goal|Issue $shelved, Shelve $shelve): RedirectResponse
    {
        $shelve->letGo($this->me(), $shelved);

        return $this->changed();
    }

    private function returnOn(Request $request): ?Day
    {
        $request->validate(['returnOn' => ['nullable', new ValidDay()]]);

        return $request->filled('returnOn') ? Day::of($request->string('returnOn')->toString()) : null;
    }
}
