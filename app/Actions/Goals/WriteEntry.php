<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Models\Comment;
use App\Models\Estimate;
use App\Models\Goal;
use App\Models\Judgement;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Plan\StoredPlans;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Goals\Direction;
use Loftrin\Core\Goals\MeasureKind;

/** What people say of a goal: comments, the owner's estimates, judgements. */
final readonly class WriteEntry
{
    public function __construct(
        private ChangeLog $log,
        private Workspace $workspace,
        private StoredPlans $plans,
        private NotifyFollowers $notifyFollowers,
    ) {
    }

    public function comment(Person $who, Goal $goal, string $words): void
    {
        $this->log->change($who, "Commented on “{$goal->title}”", function () use ($who, $goal, $words): void {
            Comment::query()->create([...$this->signed($who, $goal), 'words' => $words]);
            ($this->notifyFollowers)($who, $goal, "said: $words");
        });
    }

    /**
     * Kept with what is computed on the same day, to be compared once the goal is closed.
     *
     * @param int $chance per cent
     *
     * @throws RefusedChange when somebody else owns the goal, or it is closed
     */
    public function estimate(Person $who, Goal $goal, int $chance, ?string $line): void
    {
        match (true) {
            $goal->owner_id !== $who->id => throw new RefusedChange('chance', "Only {$goal->owner->name} can update the estimate"),
            $goal->closed_on !== null => throw new RefusedChange('chance', 'This goal is closed, so its result is known'),
            $goal->measure === MeasureKind::Judged => throw new RefusedChange('chance', 'This goal is judged in words and has no chance'),
            default => null,
        };

        $this->log->change($who, "Estimated “{$goal->title}” at $chance%", function () use ($who, $goal, $chance, $line): void {
            Estimate::query()->create([
                ...$this->signed($who, $goal),
                'chance' => $chance,
                'computed' => $this->computed($goal),
                'line' => $line,
            ]);
            ($this->notifyFollowers)($who, $goal, "estimates $chance%".($line === null ? '' : ": $line"));
        });
    }

    /** @throws RefusedChange when the goal is not judged in words, or is closed */
    public function judge(Person $who, Goal $goal, Direction $direction, string $line): void
    {
        match (true) {
            $goal->measure !== MeasureKind::Judged => throw new RefusedChange('direction', 'This goal is not judged in words'),
            $goal->closed_on !== null => throw new RefusedChange('direction', 'This goal is closed. Reopen it first'),
            default => null,
        };

        $words = "Judged “{$goal->title}”: {$direction->value}";
        $this->log->change($who, $words, function () use ($who, $goal, $direction, $line): void {
            Judgement::query()->create([...$this->signed($who, $goal), 'direction' => $direction, 'line' => $line]);
            ($this->notifyFollowers)($who, $goal, "judged it {$direction->value}: $line");
        });
    }

    public function takeOut(Person $who, Comment|Estimate|Judgement $entry): void
    {
        $of = $entry instanceof Comment ? $entry->about() : $entry->goal;

        $this->log->change($who, "Deleted a line from “{$of->title}”", static fn() => $entry->delete());
    }

    private function computed(Goal $goal): ?int
    {
        $today = $this->workspace->today();
        $stored = $this->plans->holding($this->workspace->calendar()->period($goal->period), null);
        $stored->prepare([], forecastsOn: $today, of: $goal);

        return $stored->forecast($goal, $today)?->percent();
    }

    /** @return array<string, mixed> */
    private function signed(Person $who, Goal $goal): array
    {
        return ['goal_id' => $goal->id, 'person_id' => $who->id, 'on' => $this->workspace->today()];
    }
}
