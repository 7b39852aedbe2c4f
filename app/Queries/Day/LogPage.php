<?php

declare(strict_types=1);

namespace App\Queries\Day;

use App\Models\EveningAnswer;
use App\Models\FocusSession;
use App\Models\LogLine;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Day\Answers\LogAnswer;
use App\Queries\Day\Answers\LogDay;
use App\Queries\Day\Answers\LogRow;
use App\Queries\Day\Answers\LogView;
use App\Queries\Parts\Containing;
use App\Queries\Reviews\FirstDay;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Day\LogTag;

/** The log of the last weeks, day by day with its habits beside it; or the lines that are found by a tag or by words, of all days. */
final readonly class LogPage
{
    /** So many days are shown at once. */
    private const DAYS = 28;

    /** So many lines that were found are shown at most. */
    private const LINES = 200;

    public function __construct(private Workspace $workspace, private LogHabits $habits, private FirstDay $firstDay)
    {
    }

    /** @param ?Day $until the last day that is shown; null for today */
    public function of(Person $person, ?Day $until, ?LogTag $tag, ?string $words): LogView
    {
        $today = $this->workspace->today();
        $until = $until === null || $until->isAfter($today) ? $today : $until;

        $came = $this->firstDay->of($person);

        return $tag === null && $words === null
            ? $this->lately($person, $came, new Span($until->plus(1 - self::DAYS), $until))
            : $this->found($person, $came, $tag, $words ?? '');
    }

    private function lately(Person $person, Day $came, Span $span): LogView
    {
        $lines = self::within(LogLine::query(), $person, $span)->orderBy('at')->orderBy('id')->get()->groupBy(self::on(...));
        $answers = self::within(EveningAnswer::query(), $person, $span)->orderBy('id')->get();
        $sessions = self::within(FocusSession::query(), $person, $span)->whereNotNull('ended_at')->get()->groupBy(self::on(...));
        [$habits, $marks] = $this->habits->of($person, $span);
        $days = [];

        for ($day = $span->last; ! $day->isBefore($span->first); $day = $day->plus(-1)) {
            $ofDay = $answers->filter(static fn(EveningAnswer $answer): bool => $answer->on->number === $day->number);
            $days[] = new LogDay(
                on: $day,
                lines: self::rows($lines->get((string) $day)),
                answers: array_values(
                    $ofDay
                        ->whereNotNull('words')
                        ->map(static fn(EveningAnswer $answer): LogAnswer => new LogAnswer($answer->question, (string) $answer->words))
                        ->all(),
                ),
                habits: $marks[(string) $day] ?? [],
                score: $ofDay->whereNotNull('score')->first()?->score,
                focusMinutes: (int) $sessions->get((string) $day)?->sum(static fn(FocusSession $session): int => $session->worked()),
            );
        }

        $days = self::since($came, $days);
        $before = self::within(EveningAnswer::query(), $person, new Span($span->first->plus(-self::DAYS), $span->first->plus(-1)));

        return $this->view(
            person: $person,
            came: $came,
            span: $days === [] ? $span : new Span($days[count($days) - 1]->on, $span->last),
            days: $days,
            habits: $habits,
            question: $answers->whereNotNull('score')->last()?->question,
            mean: self::mean($answers->avg('score')),
            meanBefore: self::mean($before->avg('score')),
        );
    }

    /**
     * Without the days before somebody came, unless something is known of them.
     *
     * @param list<LogDay> $days newest first
     *
     * @return list<LogDay>
     */
    private static function since(Day $came, array $days): array
    {
        while ($days !== [] && $days[count($days) - 1]->on->isBefore($came) && $days[count($days) - 1]->isEmpty()) {
            array_pop($days);
        }

        return $days;
    }

    private function found(Person $person, Day $came, ?LogTag $tag, string $words): LogView
    {
        $lines = LogLine::query()
            ->where('person_id', $person->id)
            ->when($tag !== null, static fn(Builder $query) => $query->where('tag', $tag))
            ->when($words !== '', static fn(Builder $query) => Containing::words($query, 'words', $words))
            ->orderByDesc('on')
            ->orderBy('at')
            ->orderBy('id')
            ->limit(self::LINES + 1)
            ->get();
        $days = $lines
            ->take(self::LINES)
            ->groupBy(self::on(...))
            ->map(static fn(Collection $of, string $on): LogDay => new LogDay(Day::of($on), self::rows($of), [], [], null, 0));
        $today = $this->workspace->today();

        return $this->view(
            person: $person,
            came: $came,
            span: new Span(min($today, $lines->last()->on ?? $today), $today),
            days: array_values($days->all()),
            tag: $tag,
            words: $words,
            hasMore: $lines->count() > self::LINES,
        );
    }

    /**
     * @param list<LogDay> $days
     * @param list<Answers\LogHabit> $habits
     */
    private function view(
        Person $person,
        Day $came,
        Span $span,
        array $days,
        array $habits = [],
        ?string $question = null,
        ?float $mean = null,
        ?float $meanBefore = null,
        ?LogTag $tag = null,
        string $words = '',
        bool $hasMore = false,
    ): LogView {
        return new LogView(
            from: $span->first,
            until: $span->last,
            today: $this->workspace->today(),
            tag: $tag,
            words: $words,
            counts: self::counts($person),
            days: $days,
            habits: $habits,
            question: $question,
            mean: $mean,
            meanBefore: $meanBefore,
            focusMinutes: array_sum(array_column($days, 'focusMinutes')),
            hasMore: $hasMore,
            hasEarlier: self::hasBefore($person, $came, $span->first),
        );
    }

    private static function hasBefore(Person $person, Day $came, Day $day): bool
    {
        return $day->isAfter($came) ||
            LogLine::query()->where('person_id', $person->id)->where('on', '<', (string) $day)->exists();
    }

    /** @return array<string, int> of all that the person wrote, by tag */
    private static function counts(Person $person): array
    {
        return LogLine::query()
            ->where('person_id', $person->id)
            ->whereNotNull('tag')
            ->toBase()
            ->groupBy('tag')
            ->selectRaw('tag, count(*) as lines')
            ->pluck('lines', 'tag')
            ->map(static fn(mixed $count): int => is_numeric($count) ? (int) $count : 0)
            ->all();
    }

    /**
     * @param ?Collection<int, LogLine> $lines
     *
     * @return list<LogRow>
     */
    private static function rows(?Collection $lines): array
    {
        return $lines === null ? [] : array_values($lines->map(LogRow::of(...))->all());
    }

    /**
     * @template T of \App\Models\Record
     *
     * @param Builder<T> $query
     *
     * @return Builder<T>
     */
    private static function within(Builder $query, Person $person, Span $span): Builder
    {
        return $query->where('person_id', $person->id)->whereBetween('on', [(string) $span->first, (string) $span->last]);
    }

    private static function on(LogLine|FocusSession $of): string
    {
        return (string) $of->on;
    }

    private static function mean(mixed $average): ?float
    {
        return is_numeric($average) ? round((float) $average, 1) : null;
    }
}
