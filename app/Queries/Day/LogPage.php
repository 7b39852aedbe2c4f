<?php

declare(strict_types=1);

namespace App\Queries\Day;

use App\Models\EveningAnswer;
use App\Models\FocusSession;
use App\Models\LogLine;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Day\Answers\AnsweredDay;
use App\Queries\Day\Answers\LogRow;
use App\Queries\Day\Answers\LogView;
use App\Queries\Day\Answers\MonthScore;
use App\Queries\Parts\Answers\PeriodTag;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Day\LogTag;

/** A month of a person's days at a glance, and the lines of the log that are found by a tag or by words. */
final readonly class LogPage
{
    /** So many lines are shown at most. */
    private const LINES = 200;

    public function __construct(private Workspace $workspace, private MonthHabits $habits)
    {
    }

    /**
     * @param ?LogTag $tag and
     * @param ?string $words look over all months; without them the month's own lines are shown
     */
    public function of(Person $person, Period $month, ?LogTag $tag, ?string $words): LogView
    {
        $calendar = $this->workspace->calendar();
        $isFound = $tag !== null || $words !== null;
        $lines = LogLine::query()
            ->where('person_id', $person->id)
            ->when(
                ! $isFound,
                static fn(Builder $query) => $query->whereBetween('on', [(string) $month->span->first, (string) $month->span->last]),
            )
            ->when($tag !== null, static fn(Builder $query) => $query->where('tag', $tag))
            ->when(
                $words !== null,
                static fn(Builder $query) => $query->whereRaw("lower(words) like ? escape '!'", [self::like((string) $words)]),
            )
            ->orderByDesc('on')
            ->orderByDesc('at')
            ->orderByDesc('id')
            ->limit(self::LINES + 1)
            ->get();
        $answers = $this->answers($person, $month->span);

        return new LogView(
            month: PeriodTag::of($month, $calendar),
            today: $this->workspace->today(),
            tag: $tag,
            words: $words ?? '',
            lines: array_values($lines->take(self::LINES)->map(LogRow::of(...))->all()),
            hasMore: $lines->count() > self::LINES,
            habits: $this->habits->of($person, $month->span),
            scores: self::scores($answers),
            answers: self::inWords($answers),
            focusMinutes: $this->focusMinutes($person, $month->span),
        );
    }

    private static function like(string $words): string
    {
        return '%'.str_replace(['!', '%', '_'], ['!!', '!%', '!_'], mb_strtolower($words)).'%';
    }

    /** @return Collection<int, EveningAnswer> */
    private function answers(Person $person, Span $span): Collection
    {
        return EveningAnswer::query()
            ->where('person_id', $person->id)
            ->whereBetween('on', [(string) $span->first, (string) $span->last])
            ->orderBy('on')
            ->orderBy('id')
            ->get();
    }

    /**
     * @param Collection<int, EveningAnswer> $answers
     *
     * @return list<MonthScore>
     */
    private static function scores(Collection $answers): array
    {
        $scores = [];

        foreach ($answers->whereNotNull('score')->groupBy('question') as $question => $of) {
            $scores[] = new MonthScore(
                (string) $question,
                $of->mapWithKeys(static fn(EveningAnswer $answer): array => [(string) $answer->on => (int) $answer->score])->all(),
                round((float) $of->avg('score'), 1),
            );
        }

        return $scores;
    }

    /**
     * @param Collection<int, EveningAnswer> $answers
     *
     * @return list<AnsweredDay> the last first
     */
    private static function inWords(Collection $answers): array
    {
        return array_values(
            $answers
                ->whereNotNull('words')
                ->reverse()
                ->map(
                    static fn(EveningAnswer $answer): AnsweredDay => new AnsweredDay(
                        $answer->on,
                        $answer->question,
                        (string) $answer->words,
                    ),
                )
                ->all(),
        );
    }

    private function focusMinutes(Person $person, Span $span): int
    {
        return FocusSession::query()
            ->where('person_id', $person->id)
            ->whereBetween('on', [(string) $span->first, (string) $span->last])
            ->whereNotNull('ended_at')
            ->get()
            ->sum(static fn(FocusSession $session): int => $session->worked());
    }
}
