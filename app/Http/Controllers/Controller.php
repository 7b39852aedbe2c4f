<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeLog;
use App\Models\Person;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Auth;

abstract class Controller
{
    /** Who is signed in. */
    protected function me(): Person
    {
        $person = Auth::user();

        return $person instanceof Person ? $person : throw new AuthenticationException();
    }

    /** Back to where the change was made, or on to an address, telling what was changed and how to undo it. */
    protected function changed(?string $to = null): RedirectResponse
    {
        return ($to === null ? back(303) : redirect($to, 303))->with('change', app(ChangeLog::class)->last());
    }
}
