<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Models\Answer;
use App\Models\Finding;
use App\Models\Goal;
use App\Models\Person;
use App\Models\Review;
use App\Models\Task;
use App\Models\Verdict as Said;
use App\Queries\Reviews\Answers\PeriodFacts;
use App\Queries\Reviews\Answers\WeekFacts;
use App\Queries\Reviews\FactsQuery;
use App\Queries\Reviews\PeriodFactsQuery;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Reviews\FindingLevel;
use Loftrin\Core\Reviews\Question;
use Loftrin\Core\Reviews\Verdict;

/**
 * Forty-five weekly reviews of four people, ten months and three quarters, with the facts as they are computed, what became of what
 * they wanted to do differently, and findings that go up.
 */
final readonly class Reviews
{
    /** By person: how many weeks they reviewed, and the weeks ago in which they did not find the time. */
    private const WEEKS = ['noor' => [25, [4, 11, 17]], 'priya' => [8, [3]], 'elif' => [6, [2, 5]], 'tomasz' => [6, [1]]];

    /** By person: so many months, counted back from the last one that is over. */
    private const MONTHS = ['noor' => 7, 'priya' => 3];

    /** By person: the quarters of the year. */
    private const QUARTERS = ['noor' => [1, 2], 'priya' => [2]];

    private ReviewWords $words;

    public function __construct(private Stage $stage, private FactsQuery $facts, private PeriodFactsQuery $periodFacts)
    {
        $this->words = new ReviewWords();
    }

    public function add(): void
    {
        $who = static fn(string $key): Person => Person::query()->where('email', People::email($key))->firstOrFail();

        $weeks = $months = $quarters = [];

        foreach (self::WEEKS as $key => [$count, $missed]) {
            $weeksAgo = array_slice(array_values(array_diff(range(1, $count + count($missed)), $missed)), 0, $count);

            foreach (array_reverse($weeksAgo) as $turn => $ago) {
                $weeks[] = [$who($key), $this->stage->week(-$ago), $turn];
            }
        }

        foreach (self::MONTHS as $key => $count) {
            $month = $this->stage->calendar->monthOf($this->stage->today);

            for ($turn = 0; $turn < $count; $turn++) {
                $month = $this->stage->calendar->previous($month);
                $months[] = [$who($key), $month, $turn];
            }
        }

        foreach (self::QUARTERS as $key => $numbers) {
            foreach ($numbers as $number) {
                $quarters[] = [$who($key), $this->stage->quarter($number), $number];
            }
        }

        foreach ([$weeks, $months, $quarters] as $reviews) {
            // All is looked at before anything is written: what many of them ask for is then worked out once.
            $seen = array_map(fn(array $review): WeekFacts|PeriodFacts => $this->seen($review[0], $review[1]), $reviews);

            foreach ($reviews as $place => [$person, $period, $turn]) {
                $this->review($person, $period, $turn, $seen[$place]);
            }
        }
    }

    private function seen(Person $who, Period $period): WeekFacts|PeriodFacts
    {
        return $period->horizon === Horizon::Week ? $this->facts->of($period, $who) : $this->periodFacts->of($period, $who);
    }

    private function review(Person $who, Period $period, int $turn, WeekFacts|PeriodFacts $seen): void
    {
        /** @var array<string, mixed> $facts */
        $facts = json_decode((string) json_encode($seen), true);
        $review = Review::query()->create([
            'person_id' => $who->id,
            'period' => $period->name,
            'held_at' => "{$this->stage->worked($period->span->last)} 14:30:00",
            'facts' => $facts,
        ]);
        [$done, $left, $goals] = $this->whatHappened($who, $period);

        foreach (Question::of($period->horizon) as $place => $question) {
            $words = $this->words->answer($question->value, $turn + $place, $done, $left, $goals);

            if ($words === null) {
                continue;
            }

            $answer = Answer::query()->create(['review_id' => $review->id, 'question' => $question->value, 'words' => $words]);
            $this->keep($who, $answer, $period, $turn + $place);
            $this->judge($answer, $question, $period, $turn);
        }
    }

    /** Every third answer of a week goes up to its month, every other one of a month to its quarter, and so on. */
    private function keep(Person $who, Answer $answer, Period $period, int $turn): void
    {
        $level = match (true) {
            $period->horizon === Horizon::Week && $turn % 9 === 0 => FindingLevel::Quarter,
            $period->horizon === Horizon::Week && $turn % 3 === 0 => FindingLevel::Month,
            $period->horizon === Horizon::Month && $turn % 2 === 0 => FindingLevel::Quarter,
            $period->horizon === Horizon::Quarter && $turn % 2 === 0 => FindingLevel::Year,
            default => null,
        };

        if ($level !== null) {
            Finding::query()->create(['person_id' => $who->id, 'answer_id' => $answer->id, 'level' => $level]);
        }
    }

    /** What became of it was said in the week after, for as long as it was still tried. */
    private function judge(Answer $answer, Question $question, Period $period, int $turn): void
    {
        if ($question !== Question::Differently || $period->horizon !== Horizon::Week) {
            return;
        }

        $week = $this->stage->calendar->next($period);
        $verdicts = [
            [Verdict::Done],
            [Verdict::Trying, Verdict::Done],
            [Verdict::NotDone],
            [Verdict::Trying, Verdict::Trying, Verdict::Done],
        ];

        foreach ($verdicts[$turn % 4] as $verdict) {
            if (! $week->span->last->isBefore($this->stage->today)) {
                return;
            }

            Said::query()->create(['answer_id' => $answer->id, 'period' => $week->name, 'verdict' => $verdict]);
            $week = $this->stage->calendar->next($week);
        }
    }

    /** @return array{list<string>, list<string>, list<string>} titles of what was done, of what was left, and of goals */
    private function whatHappened(Person $who, Period $period): array
    {
        $titles = static fn($tasks): array => array_values($tasks->pluck('title')->map(strval(...))->unique()->all());
        $span = [(string) $period->span->first, (string) $period->span->last];

        return [
            $titles(Task::query()->where('owner_id', $who->id)->whereBetween('done_on', $span)->orderBy('id')->limit(30)->get()),
            $titles(
                Task::query()
                    ->where('owner_id', $who->id)
                    ->where('created_on', '<=', $span[1])
                    ->where(static fn($open) => $open->whereNull('done_on')->orWhere('done_on', '>', $span[1]))
                    ->orderBy('id')
                    ->limit(30)
                    ->get(),
            ),
            $titles(
                Goal::query()
                    ->where('horizon', Horizon::Quarter)
                    ->where('period', $this->stage->calendar->quarterOf($period->anchor())->name)
                    ->openToAll()
                    ->orderBy('id')
                    ->get(),
            ),
        ];
    }
}
