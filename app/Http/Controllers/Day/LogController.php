<?php

declare(strict_types=1);

namespace App\Http\Controllers\Day;

use App\Actions\Day\WriteLog;
use App\Http\Controllers\Controller;
use App\Http\Requests\ValidDay;
use App\Models\LogLine;
use App\Models\Workspace;
use App\Queries\Day\LogPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Day\LogTag;

final class LogController extends Controller
{
    private const WORDS = ['required', 'string', 'max:2000'];

    public function index(Request $request, Workspace $workspace, LogPage $page, ?Period $month = null): Response
    {
        $month ??= $workspace->calendar()->monthOf($workspace->today());

        return Inertia::render('day/Log', [
            'page' => $page->of(
                $this->me(),
                $month,
                LogTag::tryFrom((string) $this->text($request, 'tag')),
                $this->text($request, 'words'),
            ),
        ]);
    }

    public function store(Request $request, WriteLog $write): RedirectResponse
    {
        $request->validate(['on' => ['required', new ValidDay()], 'words' => self::WORDS, 'at' => ['nullable', 'date_format:H:i']]);
        $write->add(
            $this->me(),
            Day::of($request->string('on')->toString()),
            $request->string('words')->toString(),
            $this->text($request, 'at'),
        );

        return $this->changed();
    }

    public function update(Request $request, LogLine $logLine, WriteLog $write): RedirectResponse
    {
        $request->validate([
            'words' => self::WORDS,
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
