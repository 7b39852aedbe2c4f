<?php

declare(strict_types=1);

namespace App\Http\Controllers\Day;

use App\Actions\Capture\EachLine;
use App\Actions\Day\WriteLog;
use App\Http\Controllers\Controller;
use App\Http\Requests\Lines;
use App\Http\Requests\Meanwhile;
use App\Http\Requests\ValidDay;
use App\Models\LogLine;
use App\Queries\Day\LogPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Day\LogTag;

final class LogController extends Controller
{
    public function index(Request $request, LogPage $page, ?Day $day = null): Response
    {
        return Inertia::render('day/Log', [
            'page' => $page->of(
                $this->me(),
                $day,
                LogTag::tryFrom((string) $this->text($request, 'tag')),
                $this->text($request, 'words'),
            ),
        ]);
    }

    public function store(Request $request, WriteLog $write, EachLine $each): RedirectResponse
    {
        $request->validate(
            [...Lines::rules('words', 2000), 'on' => ['required', new ValidDay()], 'at' => ['nullable', 'date_format:H:i']],
            Lines::MESSAGES,
        );
        $on = Day::of($request->string('on')->toString());
        $at = $this->text($request, 'at');
        $each($this->me(), Lines::in($request, 'words'), 'lines', fn(string $line) => $write->add($this->me(), $on, $line, $at));

        return $this->changed();
    }

    public function update(Request $request, LogLine $logLine, WriteLog $write): RedirectResponse
    {
        Meanwhile::complete($request, $logLine->only(['words', 'at', 'tag']));
        $request->validate([
            'words' => ['required', 'string', 'max:2000'],
            'at' => ['required', 'date_format:H:i'],
            'tag' => ['nullable', Rule::enum(LogTag::class)],
        ]);
        $write->change(
            $this->me(),
            $logLine,
            $request->string('words')->toString(),
            $request->string('at')->toString(),
            LogTag::tryFrom((string) $this->text($request, 'tag')),
        );

        return $this->changed();
    }

    public function destroy(LogLine $logLine, WriteLog $write): RedirectResponse
    {
        $write->remove($this->me(), $logLine);

        return $this->changed();
    }
}
