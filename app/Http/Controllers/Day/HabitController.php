<?php

declare(strict_types=1);

namespace App\Http\Controllers\Day;

use App\Actions\Day\HabitDraft;
use App\Actions\Day\KeepHabit;
use App\Http\Controllers\Controller;
use App\Http\Requests\Meanwhile;
use App\Http\Requests\ValidDay;
use App\Models\Habit;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Weekday;
use Loftrin\Core\Day\HabitPer;

final class HabitController extends Controller
{
    public function store(Request $request, KeepHabit $keep): RedirectResponse
    {
        $keep->save($this->me(), null, $this->draft($request));

        return $this->changed();
    }

    public function update(Request $request, Habit $habit, KeepHabit $keep): RedirectResponse
    {
        Meanwhile::complete($request, [...$habit->only(['title', 'per', 'times', 'weekdays']), 'goal' => $habit->goal_id]);
        $keep->save($this->me(), $habit, $this->draft($request));

        return $this->changed();
    }

    public function end(Habit $habit, KeepHabit $keep): RedirectResponse
    {
        $keep->end($this->me(), $habit);

        return $this->changed();
    }

    public function tick(Request $request, Habit $habit, KeepHabit $keep): RedirectResponse
    {
        $request->validate(['on' => ['required', new ValidDay()], 'count' => ['required', 'integer', 'between:0,99']]);
        $keep->tick($this->me(), $habit, Day::of($request->string('on')->toString()), $request->integer('count'));

        return $this->changed();
    }

    private function draft(Request $request): HabitDraft
    {
        $request->validate([
            'title' => ['required', 'string', 'max:200'],
            'per' => ['required', Rule::enum(HabitPer::class)],
            'times' => ['required', 'integer', 'between:1,99'],
            'weekdays' => ['array', 'max:7'],
            'weekdays.*' => ['distinct', Rule::in(Weekday::labels())],
            'goal' => ['nullable', 'integer'],
        ]);
        $per = HabitPer::from($request->string('per')->toString());

        return new HabitDraft(
            title: $request->string('title')->toString(),
            per: $per,
            times: $request->integer('times'),
            weekdays: $per === HabitPer::Day ? array_values(array_filter($request->array('weekdays'), is_string(...))) : [],
            goal: $this->number($request, 'goal'),
        );
    }
}
