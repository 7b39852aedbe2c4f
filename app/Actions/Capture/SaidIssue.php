<?php

declare(strict_types=1);

namespace App\Actions\Capture;

use App\Actions\Meetings\IssueDraft;
use App\Actions\Week\SaidDraft;
use App\Models\Series;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Capture\NameKind;
use Loftrin\Core\Capture\PieceKind;
use Loftrin\Core\Capture\Understood;

/** What a line says of an issue: "the second modem, for Wednesday's Quay hour". */
final readonly class SaidIssue
{
    private function __construct(public Series $series, public IssueDraft $draft)
    {
    }

    /**
     * @param Day $on when the line was written
     * @param array<string, string> $chosen what ambiguous pieces mean
     *
     * @return ?self null where it says none, or does not say of which meeting
     */
    public static function in(Understood $line, Day $on, array $chosen): ?self
    {
        $said = new SaidDraft($line, $on, $chosen);
        $day = $said->day(PieceKind::Meeting);
        $series = Series::query()->find($said->named(PieceKind::Meeting, NameKind::Series) ?? 0);

        return $series === null || $day === null ? null : new self($series, new IssueDraft($line->title, for: $day));
    }
}
