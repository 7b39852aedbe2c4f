<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ValidDay;
use App\Models\Person;
use App\Models\Workspace;
use App\Store\ChangeLog;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Loftrin\Core\Calendar\Day;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

abstract class Controller
{
    /** Who is signed in. */
    protected function me(): Person
    {
        $person = Auth::user();

        return $person instanceof Person ? $person : throw new AuthenticationException();
    }

    /** The past day that the address asks for, or today. */
    protected function asOf(Request $request): Day
    {
        $today = app(Workspace::class)->today();

        if (! $request->filled('on')) {
            return $today;
        }

        $day = ValidDay::read($request->input('on'));

        return $day === null || $day->isAfter($today)
            ? throw new NotFoundHttpException('Figures are known for any day up to today.')
            : $day;
    }

    /** What was typed into a field, or null where nothing was. */
    protected function text(Request $request, string $field): ?string
    {
        $value = $request->input($field);

        return is_string($value) && trim($value) !== '' ? $value : null;
    }

    /** The whole number in a field, or null where there is none. */
    protected function number(Request $request, string $field): ?int
    {
        $value = $request->input($field);

        return is_scalar($value) && is_numeric($value) ? (int) $value : null;
    }

    /** A file to be saved under a name. */
    protected function download(string $text, string $type, string $name): Response
    {
        return new Response($text, 200, ['Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"$name\""]);
    }

    /** Back to where the change was made, or on to an address, telling what was changed and how to undo it. */
    protected function changed(?string $to = null): RedirectResponse
    {
        return ($to === null ? back(303) : redirect($to, 303))->with('change', app(ChangeLog::class)->last());
    }
}
