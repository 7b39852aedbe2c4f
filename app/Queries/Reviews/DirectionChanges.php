<?php

declare(strict_types=1);

namespace App\Queries\Reviews;

use App\Models\LongTermGoal;
use App\Models\PeriodWords;
use App\Models\Workspace;
use App\Queries\Reviews\Answers\DayLine;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Span;
use Spatie\Activitylog\Models\Activity;

/** What changed in the long-term goals and in the mottos of years, in the order of time. */
final readonly class DirectionChanges
{
    public function __construct(private Workspace $workspace)
    {
    }

    /** @return list<DayLine> */
    public function in(Span $span): array
    {
        $lines = [];
        // What each long-term goal was called at the time, by its id.
        $titles = [];

        foreach (
            Activity::query()
                ->whereIn('subject_type', [LongTermGoal::class, PeriodWords::class])
                ->where('created_at', '<=', "{$span->last->plus(1)} 23:59:59")
                ->orderBy('id')
                ->get() as $entry
        ) {
            $on = $entry->created_at === null ? null : $this->workspace->wallDay($entry->created_at);
            $id = $entry->subject_id ?? 0;
            $title = $titles[$id] ?? (LongTermGoal::query()->find($id)->title ?? '');
            $words = $entry->subject_type === LongTermGoal::class ? self::ofGoal($entry, $title) : $this->ofMotto($entry);

            if ($entry->subject_type === LongTermGoal::class) {
                $titles[$id] = self::values($entry)[1]['title'] ?? $title;
            }

            if ($on !== null && $words !== null && $span->holds($on)) {
                $lines[] = new DayLine($on, $words);
            }
        }

        return $lines;
    }

    /** @param string $title what it was called before */
    private static function ofGoal(Activity $entry, string $title): ?string
    {
        [$before, $now] = self::values($entry);

        return match (true) {
            $entry->event === 'created' => 'New long-term goal: “'.($now['title'] ?? '').'”, by '.self::date($now['on'] ?? ''),
            $entry->event === 'deleted' => 'Gave up the long-term goal “'.($now['title'] ?? '').'”',
            isset($before['title'], $now['title']) => "The long-term goal “{$before['title']}” became “{$now['title']}”",
            isset($before['on'], $now['on']) => "“{$title}”: by ".self::date($now['on']).' instead of '.self::date($before['on']),
            default => null,
        };
    }

    private function ofMotto(Activity $entry): ?string
    {
        [$before, $now] = self::values($entry);
        $period = $now['period'] ?? (PeriodWords::query()->find($entry->subject_id)->period ?? '');
        $year = $this->workspace->calendar()->tryPeriod($period);

        return match (true) {
            $year?->horizon !== Horizon::Year, ! isset($now['words']) => null,
            $entry->event === 'deleted' => "The motto “{$now['words']}” was removed",
            isset($before['words']) => "The motto “{$before['words']}” became “{$now['words']}”",
            default => "The motto became “{$now['words']}”",
        };
    }

    /** @return array{array<string, string>, array<string, string>} what stood in the columns before, and since */
    private static function values(Activity $entry): array
    {
        $texts = static fn(mixed $values): array => array_filter(is_array($values) ? $values : [], is_string(...));

        return [$texts($entry->properties?->get('before')), $texts($entry->properties?->get('now'))];
    }

    private static function date(string $on): string
    {
        return Day::tryOf($on)?->format('j M Y') ?? $on;
    }
}
