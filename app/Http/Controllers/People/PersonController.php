<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Actions\People\AddPerson;
use App\Actions\People\ChangeAccount;
use App\Actions\People\GiveAccess;
use App\Http\Controllers\Controller;
use App\Http\Requests\Meanwhile;
use App\Models\AccessLink;
use App\Models\Person;
use App\Models\Role;
use App\Models\Workspace;
use App\Queries\People\PeoplePage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;

final class PersonController extends Controller
{
    public function index(PeoplePage $page): Response
    {
        return Inertia::render('people/People', ['page' => $page->of($this->me())]);
    }

    /** Who is new chooses a password by a link, which their lead can hand them too. */
    public function store(Request $request, AddPerson $add, GiveAccess $access, Workspace $workspace): RedirectResponse
    {
        $request->merge(['email' => mb_strtolower($this->text($request, 'email') ?? '')]);
        $request->validate([
            'name' => ['required', 'string', 'max:80'],
            'email' => ['required', 'email', 'max:190', 'unique:people,email'],
            ...self::facts(),
        ]);
        $person = $add(
            $this->me(),
            $request->string('name')->toString(),
            $request->string('email')->toString(),
            $request->enum('role', Role::class) ?? Role::Member,
            $request->integer('weeklyHours'),
        );

        return $this->changed()->with('link', ['name' => $person->name, 'address' => $access->invite($person, $workspace->name)]);
    }

    public function update(Request $request, Person $person, ChangeAccount $account): RedirectResponse
    {
        Meanwhile::complete($request, ['role' => $person->role, 'weeklyHours' => $person->weekly_hours]);
        $request->validate(self::facts());
        $account->changeRole($this->me(), $person, $request->enum('role', Role::class) ?? Role::Member, $request->integer('weeklyHours'));

        return $this->changed();
    }

    /** Another link, for whoever lost the first or their password. */
    public function link(Person $person, GiveAccess $access, Workspace $workspace): RedirectResponse
    {
        $address = AccessLink::isAwaited($person) ? $access->invite($person, $workspace->name) : $access->reset($person);

        return $this->changed()->with('link', ['name' => $person->name, 'address' => $address]);
    }

    public function withdraw(Person $person, ChangeAccount $account): RedirectResponse
    {
        $account->withdraw($this->me(), $person);

        return $this->changed();
    }

    public function setAside(Request $request, Person $person, ChangeAccount $account): RedirectResponse
    {
        $request->validate(
            ['heir' => ['required', 'integer', Rule::exists('people', 'id')->whereNull('deactivated_on')]],
            ['heir.required' => 'Choose a new owner for their work.'],
        );
        $account->deactivate($this->me(), $person, Person::query()->findOrFail($request->integer('heir')));

        return $this->changed();
    }

    public function restore(Person $person, ChangeAccount $account): RedirectResponse
    {
        $account->reactivate($this->me(), $person);

        return $this->changed();
    }

    /** @return array<string, list<mixed>> */
    private static function facts(): array
    {
        return ['role' => ['required', Rule::enum(Role::class)], 'weeklyHours' => ['required', 'integer', 'between:0,80']];
    }
}
