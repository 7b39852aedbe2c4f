<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Http\Controllers\Controller;
use App\Models\Person;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Log;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

final class SignInController extends Controller
{
    /** The digest of a password that nobody has. */
    private const NOBODYS = '$2y$12$tswhWHl.yKFxPdA/xFZPJuCYEW6pDa9c1BE1mLhmPPuMN0Zgo/Uwy';

    public function show(): Response
    {
        return Inertia::render('people/SignIn', ['isEmpty' => Person::query()->doesntExist()]);
    }

    /** @throws ValidationException when name and password do not belong together */
    public function store(Request $request): RedirectResponse
    {
        $request->validate(['email' => ['required', 'string', 'max:190'], 'password' => ['required', 'string', 'max:200']]);
        $known = Auth::attempt(
            [
                'email' => $request->string('email')->lower()->toString(),
                'password' => $request->string('password')->toString(),
                'deactivated_on' => null,
            ],
            $request->boolean('remember'),
        );

        if (! $known) {
            $this->takeAsLong($request);
            Log::warning('A sign-in failed.', [
                'ip' => $request->ip(),
                'address' => hash('xxh64', $request->string('email')->lower()->toString()),
            ]);

            throw ValidationException::withMessages(['email' => 'The e-mail address or password is wrong.']);
        }

        $request->session()->regenerate();

        return redirect()->intended(route('day'));
    }

    /** An address that nobody has takes as long to refuse as one that somebody has. */
    private function takeAsLong(Request $request): void
    {
        if (
            Person::query()
                ->where('email', $request->string('email')->lower()->toString())
                ->whereNull('deactivated_on')
                ->doesntExist()
        ) {
            Hash::check($request->string('password')->toString(), self::NOBODYS);
        }
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::guard()->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('sign-in');
    }
}
