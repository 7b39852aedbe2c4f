<?php

declare(strict_types=1);

namespace App\Http\Controllers\Capture;

use App\Actions\Capture\SaveJot;
use App\Http\Controllers\Controller;
use App\Http\Requests\TaskFields;
use App\Models\Jot;
use App\Queries\Capture\TrayPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** One's own tray, and those of the areas: another person's is not there. */
final class TrayController extends Controller
{
    public function index(TrayPage $page): Response
    {
        return Inertia::render('capture/Tray', ['page' => $page->of($this->me())]);
    }

    public function store(Request $request, SaveJot $jots): RedirectResponse
    {
        $request->validate(['words' => ['required', 'string', 'max:2000']]);
        $jots->keep($this->me(), $request->string('words')->toString());

        return $this->changed();
    }

    public function makeTask(TaskFields $fields, Jot $jot, SaveJot $jots): RedirectResponse
    {
        $jots->makeTask($this->me(), $jot, $fields->draft($jot->notes($fields->string('title')->toString())));

        return $this->changed();
    }

    public function destroy(Jot $jot, SaveJot $jots): RedirectResponse
    {
        $jots->throwAway($this->me(), $jot);

        return $this->changed();
    }
}
