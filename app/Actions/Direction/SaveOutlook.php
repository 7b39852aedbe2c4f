<?php

declare(strict_types=1);

namespace App\Actions\Direction;

use App\Models\Goal;
use App\Models\Outlook;
use App\Models\Person;
use App\Models\Workspace;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Calendar\Day;

/** Where we want to be beyond this year: up to three, each with a date of its own. */
final readonly class SaveOutlook
{
    private const MOST = 3;

    public function __construct(private ChangeLog $log, private Workspace $workspace)
    {
    }

    /** @throws RefusedChange when there are three already, or the date is not beyond this year */
    public function __invoke(Person $who, string $title, Day $on, ?string $why, ?Outlook $outlook = null): void
    {
        $year = $this->workspace->calendar()->yearOf($this->workspace->today());

        match (true) {
            $outlook === null && Outlook::query()->count() >= self::MOST => throw new RefusedChange(
                'title',
                'There can be three long-term goals. Edit or delete one first.',
            ),
            ! $on->isAfter($year->span->last) => throw new RefusedChange(
                'on',
                "A long-term goal must be dated after this year, which ends on {$year->span->last}.",
            ),
            default => null,
        };

        $this->log->change(
            $who,
            ($outlook === null ? 'Added the long-term goal' : 'Changed the long-term goal')." “{$title}”",
            static function () use ($title, $on, $why, $outlook): void {
                ($outlook ?? new Outlook())->fill(['title' => $title, 'on' => $on, 'why' => $why])->save();
            },
        );
    }

    /** Lets an outlook go. The goals that hung on it stay, and hang on none. */
    public function remove(Person $who, Outlook $outlook): void
    {
        $this->log->change($who, "Deleted the long-term goal “{$outlook->title}”", static function () use ($outlook): void {
            $outlook->goals()->get()->each(static fn(Goal $goal): bool => $goal->update(['outlook_id' => null]));
            $outlook->delete();
        });
    }
}
