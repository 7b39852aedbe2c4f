<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Actions\People\StartWorkspace;
use App\Http\Controllers\Controller;
use App\Http\Requests\WorkspaceFields;
use DateTimeZone;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Inertia\Inertia;
use Inertia\Response;

/** Where the first lead comes in: at an address that is signed, for a day, and good as long as nobody is there. */
final class StartController extends Controller
{
    public function show(Request $request): Response
    {
        return Inertia::render('people/StartWorkspace', [
            'zones' => WorkspaceFields::isOpen($request) ? DateTimeZone::listIdentifiers() : null,
        ]);
    }

    public function store(WorkspaceFields $fields, StartWorkspace $start): RedirectResponse
    {
        Auth::login($start($fields->draft()));
        $fields->session()->regenerate();

        return redirect()->route('day', status: 303);
    }
}
