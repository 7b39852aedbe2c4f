<?php

declare(strict_types=1);

namespace App\Http\Controllers\Day;

use App\Actions\Capture\EachLine;
use App\Actions\Day\AnswerEvening;
use App\Http\Controllers\Controller;
use App\Http\Requests\Lines;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Day\EveningQuestion;

final class EveningController extends Controller
{
    private const QUESTION = ['required', 'string', 'max:200'];

    public function answer(Request $request, Day $day, AnswerEvening $answer): RedirectResponse
    {
        $request->validate([
            'question' => self::QUESTION,
            'words' => ['nullable', 'string', 'max:5000'],
            'seen' => ['nullable', 'string'],
            'score' => ['nullable', 'integer', 'between:'.implode(',', EveningQuestion::SCORES)],
        ]);
        $answer->answer(
            $this->me(),
            $day,
            $request->string('question')->toString(),
            $this->text($request, 'words'),
            $this->number($request, 'score'),
            $request->has('seen') ? $request->string('seen')->toString() : null,
        );

        return $this->changed();
    }

    public function add(Request $request, AnswerEvening $questions, EachLine $each): RedirectResponse
    {
        $request->validate([...Lines::rules('words', 200), 'isScore' => ['boolean']], Lines::MESSAGES);
        $isScore = $request->boolean('isScore');
        $each($this->me(), Lines::in($request, 'words'), 'questions', fn(string $line) => $questions->add($this->me(), $line, $isScore));

        return $this->changed();
    }

    public function ask(Request $request, AnswerEvening $questions): RedirectResponse
    {
        $request->validate(['words' => self::QUESTION, 'isAsked' => ['required', 'boolean']]);
        $questions->ask($this->me(), $request->string('words')->toString(), $request->boolean('isAsked'));

        return $this->changed();
    }

    public function remove(Request $request, AnswerEvening $questions): RedirectResponse
    {
        $request->validate(['words' => self::QUESTION]);
        $questions->remove($this->me(), $request->string('words')->toString());

        return $this->changed();
    }
}
