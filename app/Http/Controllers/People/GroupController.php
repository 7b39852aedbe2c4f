<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Actions\People\SaveGroup;
use App\Http\Controllers\Controller;
use App\Http\Requests\Meanwhile;
use App\Models\Group;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** Groups are the leads' to make: who is in one may see what it may see. */
final class GroupController extends Controller
{
    public function store(Request $request, SaveGroup $save): RedirectResponse
    {
        return $this->save($request, $save, null);
    }

    public function update(Request $request, Group $group, SaveGroup $save): RedirectResponse
    {
        return $this->save($request, $save, $group);
    }

    public function destroy(Group $group, SaveGroup $save): RedirectResponse
    {
        $save->remove($this->me(), $group);

        return $this->changed();
    }

    private function save(Request $request, SaveGroup $save, ?Group $group): RedirectResponse
    {
        Meanwhile::complete(
            $request,
            $group === null ? [] : ['name' => $group->name, 'people' => $group->memberships()->orderBy('id')->pluck('person_id')->all()],
        );
        $request->validate(
            [
                'name' => ['required', 'string', 'max:80', Rule::unique('groups', 'name')->ignore($group?->id)],
                'people' => ['required', 'array', 'min:1', 'max:200'],
                'people.*' => ['integer', 'distinct', 'exists:people,id'],
            ],
            ['people.required' => 'Choose at least one person.'],
        );
        /** @var list<int|string> $people */
        $people = array_values($request->array('people'));
        $save($this->me(), $request->string('name')->toString(), array_map(intval(...), $people), $group);

        return $this->changed();
    }
}
