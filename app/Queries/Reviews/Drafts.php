<?php

declare(strict_types=1);

namespace App\Queries\Reviews;

use App\Models\EveningAnswer;
use App\Models\Person;
use App\Queries\Goals\Answers\GoalRow;
use App\Queries\Meetings\Answers\DecisionLine;
use App\Queries\Parts\Amount;
use App\Queries\Reviews\Answers\AssumptionSeen;
use App\Queries\Reviews\Answers\DayLine;
use App\Queries\Reviews\Answers\DigestRow;
use App\Queries\Reviews\Answers\MovedGoal;
use App\Queries\Reviews\Answers\OfferedLine;
use App\Queries\Reviews\Answers\PeriodFacts;
use App\Queries\Reviews\Answers\PromisedGoal;
use App\Queries\Reviews\Answers\WeekFacts;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Goals\Band;
use Loftrin\Core\Goals\Result;
use Loftrin\Core\Reviews\Question;

/** Lines that are offered under the questions of a review, from what happened: taken in one by one, or not at all. */
final readonly class Drafts
{
    /** So many are offered under a question. */
    private const MOST = 8;

    /** @return array<string, list<OfferedLine>> by the key of the question */
    public static function ofWeek(Period $week, Person $person, WeekFacts $facts): array
    {
        $isMoving = static fn(MovedGoal $moved): bool => ($moved->change ?? 0.0) > 0.0;
        $isKept = static fn(GoalRow $goal): bool => in_array($goal->gauge->band, [Band::Met, Band::Reached], true);
        $isOver = ! $facts->asOf->isBefore($week->span->last);

        return self::few([
            Question::Moved->value => [
                ...array_map(self::moved(...), array_filter($facts->moved, $isMoving)),
                ...array_map(
                    static fn(GoalRow $goal): OfferedLine => self::line('kept', "“{$goal->title}” is done."),
                    array_filter($facts->promised, $isKept),
                ),
                ...array_map(
                    static fn(DecisionLine $decision): OfferedLine => self::line('decided', "We decided: {$decision->words}"),
                    $facts->decisions,
                ),
            ],
            Question::Still->value => [
                ...$isOver
                    ? array_map(
                        static fn(GoalRow $goal): OfferedLine => self::line(
                            $goal->isFirm ? 'firm' : 'flexible',
                            $goal->isFirm ? "“{$goal->title}” was promised and is not done." : "“{$goal->title}” is not done.",
                        ),
                        array_filter($facts->promised, static fn(GoalRow $goal): bool => ! $isKept($goal)),
                    )
                    : [],
                ...array_map(
                    static fn(MovedGoal $moved): OfferedLine => self::line(
                        $moved->goal->gauge->standing,
                        "“{$moved->goal->title}” did not move.",
                    ),
                    array_filter($facts->moved, static fn(MovedGoal $moved): bool => ! $moved->goal->isClosed && ! $isMoving($moved)),
                ),
            ],
            Question::Surprised->value => array_map(
                static fn(DayLine $line): OfferedLine => new OfferedLine('your log', $line->on, $line->words, $line->words),
                $facts->findings,
            ),
            Question::Differently->value => self::heldUp($week, $person),
        ]);
    }

    /**
     * @param list<DigestRow> $digest
     *
     * @return array<string, list<OfferedLine>>
     */
    public static function ofPeriod(PeriodFacts $facts, array $digest): array
    {
        $ended = static fn(Result ...$results): array => array_map(
            static fn(PromisedGoal $each): OfferedLine => self::line(
                $each->goal->gauge->terms,
                "“{$each->goal->title}”: {$each->goal->gauge->standing}.",
            ),
            array_filter($facts->goals, static fn(PromisedGoal $each): bool => in_array($each->result, $results, true)),
        );
        $seen = array_filter($facts->assumptions, static fn(AssumptionSeen $each): bool => $each->seen !== null);
        $findings = array_filter($digest, static fn(DigestRow $row): bool => $row->level !== null);

        return self::few([
            Question::Carried->value => $ended(Result::Met),
            Question::Glad->value => $ended(Result::Met),
            Question::Wrong->value => [
                ...$ended(Result::NotMet, Result::InPart),
                ...array_map(
                    static fn(AssumptionSeen $each): OfferedLine => self::line(
                        'assumption',
                        "We assumed “{$each->title}”: {$each->seen}",
                    ),
                    $seen,
                ),
            ],
            Question::Learned->value => array_map(
                static fn(DigestRow $row): OfferedLine => new OfferedLine('your finding', $row->on, $row->words, $row->words),
                $findings,
            ),
        ]);
    }

    private static function moved(MovedGoal $moved): OfferedLine
    {
        $tasks = $moved->tasks === [] ? '' : ': '.implode(', ', $moved->tasks);

        return self::line(
            '+'.Amount::plain((float) $moved->change, 1).' points',
            "“{$moved->goal->title}” moved{$tasks}.",
        );
    }

    private static function line(string $from, string $words): OfferedLine
    {
        return new OfferedLine($from, null, $words, $words);
    }

    /** @return list<OfferedLine> what held them up, as they said in the evenings */
    private static function heldUp(Period $week, Person $person): array
    {
        return array_values(
            EveningAnswer::query()
                ->where('person_id', $person->id)
                ->whereBetween('on', [(string) $week->span->first, (string) $week->span->last])
                ->where('words', '<>', '')
                ->whereRaw("lower(question) like '%held me up%'")
                ->orderBy('on')
                ->get()
                ->map(
                    static fn(EveningAnswer $said): OfferedLine => new OfferedLine(
                        'held you up',
                        $said->on,
                        (string) $said->words,
                        (string) $said->words,
                    ),
                )
                ->all(),
        );
    }

    /**
     * @param array<string, array<OfferedLine>> $offers
     *
     * @return array<string, list<OfferedLine>>
     */
    private static function few(array $offers): array
    {
        return array_map(static fn(array $lines): array => array_slice(array_values($lines), 0, self::MOST), $offers);
    }
}
