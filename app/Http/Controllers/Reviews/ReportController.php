<?php

declare(strict_types=1);

namespace App\Http\Controllers\Reviews;

use App\Actions\Reviews\SendReport;
use App\Actions\Reviews\WriteReport;
use App\Exchange\Pdf;
use App\Http\Controllers\Controller;
use App\Http\Requests\AskedSpan;
use App\Http\Requests\Ids;
use App\Http\Requests\Meanwhile;
use App\Models\Report;
use App\Queries\Parts\Markdown;
use App\Queries\Reviews\ReportFigures;
use App\Queries\Reviews\ReportPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as File;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Loftrin\Core\Reviews\ReportAudience;

/** Reports: one's own, and those one got. */
final class ReportController extends Controller
{
    public function index(ReportPage $page): Response
    {
        return Inertia::render('reviews/Reports', ['page' => $page->all($this->me())]);
    }

    public function show(Report $report, ReportPage $page): Response
    {
        return Inertia::render('reviews/Report', ['page' => $page->of($report, $this->me())]);
    }

    public function store(Request $request, WriteReport $write): RedirectResponse
    {
        $request->validate(['audience' => ['required', Rule::enum(ReportAudience::class)]]);
        $report = $write->draft(
            $this->me(),
            $request->enum('audience', ReportAudience::class) ?? ReportAudience::Team,
            AskedSpan::of($request) ?? throw ValidationException::withMessages(['until' => AskedSpan::WORDS]),
        );

        return $this->changed(route('reports.show', $report->id, false));
    }

    public function write(Request $request, Report $report, WriteReport $write): RedirectResponse
    {
        $request->validate(['words' => ['present', 'nullable', 'string', 'max:60000']]);
        Meanwhile::refuse($request, ['words' => $report->words]);
        $write->write($report, $request->string('words')->toString());

        return back(303);
    }

    public function rename(Request $request, Report $report, WriteReport $write): RedirectResponse
    {
        $request->validate(['title' => ['required', 'string', 'max:200']]);
        $write->rename($report, $request->string('title')->toString());

        return $this->changed();
    }

    public function send(Request $request, Report $report, SendReport $send): RedirectResponse
    {
        $request->validate([
            'people' => ['present', 'array', 'max:200'],
            'groups' => ['present', 'array', 'max:200'],
            'contacts' => ['present', 'array', 'max:200'],
            'people.*' => ['integer'],
            'groups.*' => ['integer'],
            'contacts.*' => ['integer'],
        ]);
        $send($report, Ids::in($request, 'people'), Ids::in($request, 'groups'), Ids::in($request, 'contacts'));

        return $this->changed();
    }

    public function destroy(Report $report, WriteReport $write): RedirectResponse
    {
        $write->delete($report);

        return $this->changed(route('reports.index', [], false));
    }

    public function markdown(Report $report, ReportFigures $figures): File
    {
        return $this->download(self::whole($report, $figures), 'text/markdown; charset=utf-8', Str::slug($report->title).'.md');
    }

    public function pdf(Report $report, ReportFigures $figures): File
    {
        return $this->download(
            Pdf::of($report->title, self::whole($report, $figures)),
            'application/pdf',
            Str::slug($report->title).'.pdf',
        );
    }

    private static function whole(Report $report, ReportFigures $figures): string
    {
        return '# '.Markdown::plain($report->title)."\n\n".$figures->filled($report);
    }
}
