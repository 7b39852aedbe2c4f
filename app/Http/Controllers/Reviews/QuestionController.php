<?php

declare(strict_types=1);

namespace App\Http\Controllers\Reviews;

use App\Actions\Capture\EachLine;
use App\Actions\Reviews\ChangeQuestions;
use App\Http\Controllers\Controller;
use App\Http\Requests\Lines;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Loftrin\Core\Calendar\Horizon;

/** One's own questions of a review. */
final class QuestionController extends Controller
{
    public function store(Request $request, ChangeQuestions $questions, EachLine $each): RedirectResponse
    {
        $request->validate(
            [...Lines::rules('words', 200), 'horizon' => ['required', Rule::enum(Horizon::class)], 'isCheck' => ['boolean']],
            Lines::MESSAGES,
        );
        $isCheck = $request->boolean('isCheck');
        $horizon = self::horizon($request);
        $each(
            $this->me(),
            Lines::in($request, 'words'),
            $isCheck ? 'lines' : 'questions',
            fn(string $line) => $questions->add($this->me(), $horizon, $line, $isCheck),
        );

        return $this->changed();
    }

    public function arrange(Request $request, ChangeQuestions $questions): RedirectResponse
    {
        $request->validate([
            'horizon' => ['required', Rule::enum(Horizon::class)],
            'questions' => ['required', 'array', 'max:60'],
            'questions.*' => ['string', 'distinct', 'max:24'],
        ]);
        /** @var list<string> $keys */
        $keys = array_values($request->array('questions'));
        $questions->arrange($this->me(), self::horizon($request), $keys);

        return $this->changed();
    }

    public function rest(Request $request, ChangeQuestions $questions): RedirectResponse
    {
        $request->validate([
            'horizon' => ['required', Rule::enum(Horizon::class)],
            'question' => ['required', 'string', 'max:24'],
            'isResting' => ['required', 'boolean'],
        ]);
        $questions->rest($this->me(), self::horizon($request), $request->string('question')->toString(), $request->boolean('isResting'));

        return $this->changed();
    }

    public function destroy(Request $request, ChangeQuestions $questions): RedirectResponse
    {
        $request->validate(['horizon' => ['required', Rule::enum(Horizon::class)], 'question' => ['required', 'string', 'max:24']]);
        $questions->remove($this->me(), self::horizon($request), $request->string('question')->toString());

        return $this->changed();
    }

    private static function horizon(Request $request): Horizon
    {
        return $request->enum('horizon', Horizon::class) ?? Horizon::Week;
    }
}
