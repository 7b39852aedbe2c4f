<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Actions\People\ChangeAccount;
use App\Actions\People\GiveAccess;
use App\Http\Controllers\Controller;
use App\Http\Requests\ChosenPassword;
use App\Models\AccessLink;
use App\Models\Person;
use App\Queries\People\AccountPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** One's password and where one is signed in; and the links by which somebody comes in without either. */
final class AccessController extends Controller
{
    public function account(Request $request, AccountPage $page): Response
    {
        return Inertia::render('people/Account', ['page' => $page->of($this->me(), $request->session()->getId())]);
    }

    public function changePassword(Request $request, GiveAccess $access): RedirectResponse
    {
        $request->validate(
            ['current' => ['required', 'string', 'max:200'], 'password' => ChosenPassword::rules()],
            ChosenPassword::messages(),
        );

        if (! Hash::check($request->string('current')->toString(), $this->me()->password)) {
            throw ValidationException::withMessages(['current' => 'This is not your current password.']);
        }

        $access->setPassword($this->me(), $request->string('password')->toString(), $request->session()->getId());

        return redirect()->route('account', status: 303)->with('problem', 'Your password has been changed. Other devices were signed out.');
    }

    public function writeDates(Request $request, ChangeAccount $change): RedirectResponse
    {
        $request->validate(['monthFirst' => ['required', 'boolean']]);
        $change->dates($this->me(), $request->boolean('monthFirst'));

        return $this->changed();
    }

    public function endSessions(Request $request, GiveAccess $access): RedirectResponse
    {
        $access->signOutEverywhere($this->me());
        Auth::guard()->logout();
        $request->session()->invalidate();

        return redirect()->route('sign-in', status: 303);
    }

    public function forgotten(): Response
    {
        return Inertia::render('people/Forgotten', ['wasSent' => session('wasSent') === true]);
    }

    /** Says the same, and takes as long, whether the address is known or not. */
    public function sendReset(Request $request, GiveAccess $access): RedirectResponse
    {
        $request->validate(['email' => ['required', 'string', 'email', 'max:190']]);
        $person = Person::query()
            ->where('email', mb_strtolower($request->string('email')->toString()))
            ->whereNull('deactivated_on')
            ->first();

        if ($person !== null) {
            $access->reset($person);
        }

        return redirect()->route('forgotten', status: 303)->with('wasSent', true);
    }

    public function show(string $token): Response
    {
        $link = AccessLink::query()->open($token)->first();

        return Inertia::render('people/Access', ['token' => $token, 'name' => $link?->person->name, 'email' => $link?->person->email]);
    }

    public function accept(Request $request, string $token, GiveAccess $access): RedirectResponse
    {
        $request->validate(['password' => ChosenPassword::rules()], ChosenPassword::messages());
        Auth::login($access->accept($token, $request->string('password')->toString()));
        $request->session()->regenerate();

        return redirect()->route('day', status: 303);
    }
}
