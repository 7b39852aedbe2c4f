<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Actions\People\AddPerson;
use App\Http\Controllers\Controller;
use App\Models\Role;
use App\Queries\People\PeoplePage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Password;
use Inertia\Inertia;
use Inertia\Response;

final class PersonController extends Controller
{
    public function index(PeoplePage $page): Response
    {
        return Inertia::render('people/People', ['page' => $page->of($this->me())]);
    }

    public function store(Request $request, AddPerson $add): RedirectResponse
    {
        $request->merge(['email' => mb_strtolower($this->text($request, 'email') ?? '')]);
        $request->validate([
            'name' => ['required', 'string', 'max:80'],
            'email' => ['required', 'email', 'max:190', 'unique:people,email'],
            'password' => ['required', 'string', 'max:200', Password::min(10)],
            'role' => ['required', Rule::enum(Role::class)],
            'weeklyHours' => ['required', 'integer', 'between:0,80'],
        ]);
        $add(
            $this->me(),
            $request->string('name')->toString(),
            $request->string('email')->toString(),
            $request->string('password')->toString(),
            $request->enum('role', Role::class) ?? Role::Member,
            $request->integer('weeklyHours'),
        );

        return $this->changed();
    }
}
