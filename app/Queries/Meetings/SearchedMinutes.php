<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use App\Models\Attendance;
use App\Models\FinalMinutes;
use App\Models\Meeting;
use App\Models\Person;
use App\Models\Series;
use App\Queries\Meetings\Answers\FoundMinutes;
use App\Queries\Meetings\Answers\MinutesDecision;
use App\Queries\Meetings\Answers\MinutesItem;
use App\Queries\Meetings\Answers\MinutesLine;
use App\Queries\Meetings\Answers\MinutesStep;
use App\Queries\Meetings\Answers\MinutesText;
use App\Queries\Parts\Containing;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Str;
use Loftrin\Core\Calendar\Day;

/** Final minutes, found by any word that was written in them or by who was there. */
final readonly class SearchedMinutes
{
    /** How many are listed. */
    private const LISTED = 100;

    /** @return list<FoundMinutes> */
    public static function of(Person $viewer, string $words, ?int $who): array
    {
        $found = FinalMinutes::query()
            ->join('meetings', 'meetings.id', 'final_minutes.meeting_id')
            ->whereIn('meeting_id', self::meetings($viewer, $who)->select('id'))
            ->where(static fn(Builder $query) => Containing::words($query, 'text', self::written($words)))
            ->orderByDesc('meetings.on')
            ->select('final_minutes.*')
            ->limit(self::LISTED)
            ->get();
        $rows = [];

        foreach ($found as $kept) {
            $text = MinutesText::of($kept->text);

            if ($words === '' || self::lines($text, $words) !== '') {
                $rows[] = new FoundMinutes(
                    $kept->meeting_id,
                    $text->title,
                    Day::of($text->on),
                    Str::limit($words === '' ? (string) $text->summary : self::lines($text, $words), 300, '…'),
                );
            }
        }

        return $rows;
    }

    /** What of the minutes holds the words: people are not looked for in names of fields. */
    private static function lines(MinutesText $text, string $words): string
    {
        $all = [
            $text->title,
            (string) $text->summary,
            ...array_merge(
                ...array_map(
                    static fn(MinutesItem $item): array => [
                        $item->title,
                        (string) $item->context,
                        ...array_map(static fn(MinutesLine $line): string => $line->words, $item->lines),
                        ...array_map(
                            static fn(MinutesDecision $decision): string => "$decision->words $decision->because",
                            $item->decisions,
                        ),
                        ...array_map(static fn(MinutesStep $step): string => "$step->what, $step->who", $item->nextSteps),
                    ],
                    $text->items,
                ),
            ),
        ];

        return implode(' … ', array_filter($all, static fn(string $line): bool => mb_stripos($line, $words) !== false));
    }

    /** As it stands in what is kept, which is JSON. */
    private static function written(string $words): string
    {
        return substr(json_encode($words, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR), 1, -1);
    }

    /** @return Builder<Meeting> closed ones that the viewer may know of */
    public static function meetings(Person $viewer, ?int $who): Builder
    {
        return Meeting::query()
            ->whereIn('series_id', Series::query()->visibleTo($viewer)->select('id'))
            ->when(
                $who !== null,
                static fn(Builder $query) => $query->whereIn(
                    'id',
                    Attendance::query()->where('person_id', $who)->where('was_there', true)->select('meeting_id'),
                ),
            );
    }
}
