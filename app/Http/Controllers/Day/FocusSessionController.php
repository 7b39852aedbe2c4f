<?php

declare(strict_types=1);

namespace App\Http\Controllers\Day;

use App\Actions\Day\RunFocusSession;
use App\Http\Controllers\Controller;
use App\Models\FocusSession;
use App\Models\Task;
use App\Store\RefusedChange;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Loftrin\Core\Day\FocusRounds;
use Loftrin\Core\Day\SessionOutcome;

final class FocusSessionController extends Controller
{
    public function store(Request $request, RunFocusSession $run): RedirectResponse
    {
        $request->validate([
            'intent' => ['required', 'string', 'max:200'],
            'minutes' => ['required', 'integer', self::between(FocusRounds::MINUTES)],
            'rounds' => ['integer', self::between(FocusRounds::ROUNDS)],
            'break' => ['integer', self::between(FocusRounds::BREAK)],
            'task' => ['nullable', 'integer'],
        ]);
        $task = $this->number($request, 'task');
        $run->begin(
            $this->me(),
            $request->string('intent')->toString(),
            new FocusRounds($request->integer('minutes'), $request->integer('rounds', 1), $request->integer('break')),
            $task === null ? null : Task::query()->find($task) ?? throw new RefusedChange('task', 'This task no longer exists.'),
        );

        return $this->changed();
    }

    public function end(Request $request, FocusSession $focusSession, RunFocusSession $run): RedirectResponse
    {
        $request->validate([
            'outcome' => ['required', Rule::enum(SessionOutcome::class)],
            'obstacle' => ['nullable', 'string', 'max:500'],
        ]);
        $run->end(
            $this->me(),
            $focusSession,
            SessionOutcome::from($request->string('outcome')->toString()),
            $this->text($request, 'obstacle'),
        );

        return $this->changed();
    }

    public function destroy(FocusSession $focusSession, RunFocusSession $run): RedirectResponse
    {
        $run->remove($this->me(), $focusSession);

        return $this->changed();
    }

    /** @param array{int, int} $limits */
    private static function between(array $limits): string
    {
        return "between:$limits[0],$limits[1]";
    }
}
