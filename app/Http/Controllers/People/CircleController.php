<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Actions\People\SaveCircle;
use App\Http\Controllers\Controller;
use App\Http\Requests\Meanwhile;
use App\Models\Circle;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** Circles are the leads' to make: who is in one may see what it may see. */
final class CircleController extends Controller
{
    public function store(Request $request, SaveCircle $save): RedirectResponse
    {
        return $this->save($request, $save, null);
    }

    public function update(Request $request, Circle $circle, SaveCircle $save): RedirectResponse
    {
        return $this->save($request, $save, $circle);
    }

    public function destroy(Circle $circle, SaveCircle $save): RedirectResponse
    {
        $save->remove($this->me(), $circle);

        return $this->changed();
    }

    private function save(Request $request, SaveCircle $save, ?Circle $circle): RedirectResponse
    {
        Meanwhile::complete(
            $request,
            $circle === null ? [] : ['name' => $circle->name, 'people' => $circle->memberships()->orderBy('id')->pluck('person_id')->all()],
        );
        $request->validate(
            [
                'name' => ['required', 'string', 'max:80', Rule::unique('circles', 'name')->ignore($circle?->id)],
                'people' => ['required', 'array', 'min:1', 'max:200'],
                'people.*' => ['integer', 'distinct', 'exists:people,id'],
            ],
            ['people.required' => 'Choose at least one person.'],
        );
        /** @var list<int|string> $people */
        $people = array_values($request->array('people'));
        $save($this->me(), $request->string('name')->toString(), array_map(intval(...), $people), $circle);

        return $this->changed();
    }
}
