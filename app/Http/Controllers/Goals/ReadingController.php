<?php

declare(strict_types=1);

namespace App\Http\Controllers\Goals;

use App\Actions\Goals\EnterReading;
use App\Http\Controllers\Controller;
use App\Http\Requests\Meanwhile;
use App\Http\Requests\ValidDay;
use App\Models\Goal;
use App\Models\Reading;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Goals\DateOrder;

final class ReadingController extends Controller
{
    public function store(Request $request, Goal $goal, EnterReading $enter): RedirectResponse
    {
        $request->validate([...self::rules(), 'sure' => ['boolean']]);
        $enter(
            $this->me(),
            $goal,
            Day::of($request->string('on')->toString()),
            $request->string('value')->toString(),
            $request->boolean('sure'),
        );

        return $this->changed();
    }

    public function paste(Request $request, Goal $goal, EnterReading $enter): RedirectResponse
    {
        $request->validate([
            'text' => ['required', 'string', 'max:20000'],
            'last' => ['required', new ValidDay()],
            'order' => ['nullable', Rule::enum(DateOrder::class)],
            'sure' => ['boolean'],
        ]);
        $enter->paste(
            $this->me(),
            $goal,
            $request->string('text')->toString(),
            Day::of($request->string('last')->toString()),
            $request->enum('order', DateOrder::class),
            $request->boolean('sure'),
        );

        return $this->changed();
    }

    public function update(Request $request, Reading $reading, EnterReading $enter): RedirectResponse
    {
        Meanwhile::complete($request, $reading->only(['on', 'value']));
        $request->validate(self::rules());
        $enter->correct($this->me(), $reading, Day::of($request->string('on')->toString()), $request->string('value')->toString());

        return $this->changed();
    }

    public function destroy(Reading $reading, EnterReading $enter): RedirectResponse
    {
        $enter->remove($this->me(), $reading);

        return $this->changed();
    }

    /** @return array<string, list<mixed>> */
    private static function rules(): array
    {
        return [
            'on' => ['required', new ValidDay()],
            'value' => ['required', 'numeric', 'decimal:0,4', 'between:-10000000000,10000000000'],
        ];
    }
}
