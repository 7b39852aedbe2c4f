<?php

declare(strict_types=1);

namespace App\Queries\Reviews;

use App\Models\Goal;
use App\Models\Issue;
use App\Models\Person;
use App\Models\RecurringTask;
use App\Models\Review;
use App\Models\Task;
use App\Queries\Reviews\Answers\FollowLine;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Str;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Reviews\Question;

/**
 * What follows from a review: each line of what is started, stopped or continued can become a goal, a task, a recurring task or an
 * issue. What bears its words, is the person's own and was made since the period began is what it became.
 */
final readonly class Follows
{
    /** How long the title of a task, goal or issue can be. */
    private const TITLE = 200;

    private const QUESTIONS = [Question::Start, Question::Stop, Question::Continue];

    /** @return list<FollowLine> */
    public static function of(Period $period, Person $person, ?Review $review): array
    {
        $lines = self::lines($review);
        $titles = array_column($lines, 1);

        if ($titles === []) {
            return [];
        }

        $since = (string) $period->span->first;
        $became = static fn(Builder $made, string $day): Collection => $made
            ->whereIn('title', $titles)
            ->where($day, '>=', $since)
            ->orderBy('id')
            ->pluck('id', 'title');
        $goals = $became(Goal::query()->where('owner_id', $person->id), 'created_on');
        $tasks = $became(Task::query()->where('owner_id', $person->id), 'created_on');
        $recurring = $became(RecurringTask::query()->where('owner_id', $person->id)->whereNull('ended_on'), 'starts_on');
        $issues = $became(Issue::query()->where('raised_by', $person->id), 'raised_on');
        $link = static fn(Collection $of, string $title, string $route): ?string => $of->has($title)
            ? route($route, $of->get($title), false)
            : null;

        return array_map(
            static fn(array $line): FollowLine => new FollowLine(
                $line[0],
                $line[1],
                $link($goals, $line[1], 'goals.show'),
                $link($tasks, $line[1], 'tasks.show'),
                $link($recurring, $line[1], 'recurring-tasks.show'),
                $link($issues, $line[1], 'issues.show'),
            ),
            $lines,
        );
    }

    /** @return list<array{string, string}> question and title */
    private static function lines(?Review $review): array
    {
        $lines = [];

        foreach (self::QUESTIONS as $question) {
            $words = $review?->answers->firstWhere('question', $question->value)->words ?? '';

            foreach (explode("\n", $words) as $line) {
                if (trim($line) !== '') {
                    $lines[] = [$question->value, Str::limit(trim($line), self::TITLE, '')];
                }
            }
        }

        return $lines;
    }
}
