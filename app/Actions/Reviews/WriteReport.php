<?php

declare(strict_types=1);

namespace App\Actions\Reviews;

use App\Models\Person;
use App\Models\Report;
use App\Queries\Reviews\ReportDraft;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Reviews\ReportAudience;

/** A report, from its draft until it is sent. */
final readonly class WriteReport
{
    public function __construct(private ChangeLog $log, private ReportDraft $draft)
    {
    }

    /** Drafts it from what happened in the span and may be seen by everybody. */
    public function draft(Person $who, ReportAudience $audience, Span $span): Report
    {
        return $this->log->change(
            $who,
            'Drafted a report',
            fn(): Report => Report::query()->create([
                'person_id' => $who->id,
                'title' => $this->draft->title($audience, $span),
                'audience' => $audience,
                'first' => $span->first,
                'last' => $span->last,
                'words' => $this->draft->words($who, $audience, $span),
            ]),
        );
    }

    /** @throws RefusedChange when it was sent */
    public function write(Report $report, string $words): void
    {
        $this->log->change(
            $report->person,
            "Wrote “{$report->title}”",
            static function () use ($report, $words): void {
                self::refuseSent($report->refresh());
                $report->update(['words' => $words]);
            },
            isStep: false,
        );
    }

    /** @throws RefusedChange when it was sent */
    public function rename(Report $report, string $title): void
    {
        $this->log->change($report->person, "Renamed a report to “{$title}”", static function () use ($report, $title): void {
            self::refuseSent($report->refresh());
            $report->update(['title' => $title]);
        });
    }

    /** @throws RefusedChange when it was sent */
    public function delete(Report $report): void
    {
        $this->log->change($report->person, "Deleted “{$report->title}”", static function () use ($report): void {
            self::refuseSent($report->refresh());
            $report->delete();
        });
    }

    /** @throws RefusedChange when it was sent */
    public static function refuseSent(Report $report): void
    {
        if ($report->sent_at !== null) {
            throw new RefusedChange('report', 'This report was sent: it stays as it went out.');
        }
    }
}
