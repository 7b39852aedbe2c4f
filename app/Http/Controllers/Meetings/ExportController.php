<?php

declare(strict_types=1);

namespace App\Http\Controllers\Meetings;

use App\Exchange\MeetingCalendar;
use App\Exchange\MinutesMarkdown;
use App\Exchange\Pdf;
use App\Http\Controllers\Controller;
use App\Models\Meeting;
use App\Models\Series;
use App\Models\Workspace;
use App\Queries\Meetings\MeetingDays;
use App\Queries\Meetings\MinutesPage;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Minutes and meetings in open formats. */
final class ExportController extends Controller
{
    public function markdown(Meeting $meeting, MinutesPage $page): Response
    {
        return $this->download($this->minutes($meeting, $page), 'text/markdown; charset=utf-8', self::name($meeting, 'md'));
    }

    public function pdf(Meeting $meeting, MinutesPage $page): Response
    {
        $text = $this->minutes($meeting, $page);

        return $this->download(
            Pdf::of($meeting->series->title.', '.$meeting->on, $text),
            'application/pdf',
            self::name($meeting, 'pdf'),
        );
    }

    /** The next meeting of a series that was not opened yet. */
    public function calendar(Series $series, Workspace $workspace): Response
    {
        $next = MeetingDays::next($series, $workspace->today()) ?? throw new NotFoundHttpException('No next meeting is known.');
        $text = MeetingCalendar::of(
            uid: "series-$series->id-$next->on@loftrin",
            title: $series->title,
            purpose: $series->purpose,
            on: $next->on,
            time: $next->time,
            minutes: $next->minutes,
            timezone: $workspace->timezone,
            written: Carbon::now()->toDateTimeImmutable(),
        );

        return $this->download($text, 'text/calendar; charset=utf-8', Str::slug($series->title)."-$next->on.ics");
    }

    private function minutes(Meeting $meeting, MinutesPage $page): string
    {
        if ($meeting->closed_at === null) {
            throw new NotFoundHttpException('The minutes are written when the meeting is closed.');
        }

        $view = $page->of($meeting, $this->me());

        return MinutesMarkdown::of($view->minutes, $view->additions);
    }

    private static function name(Meeting $meeting, string $ending): string
    {
        return Str::slug($meeting->series->title)."-$meeting->on.$ending";
    }
}
