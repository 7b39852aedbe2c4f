<?php

declare(strict_types=1);

namespace App\Actions\Shelf;

use App\Models\Jot;
use App\Models\Person;
use App\Models\Record;
use App\Models\Workspace;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Illuminate\Support\Facades\Gate;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Recurrence;
use Loftrin\Core\Calendar\RhythmReader;

/** Lets something come back to a person's tray on a day, at a time, once or by a rule. It lies on the shelf until then. */
final readonly class SetReturnDate
{
    public function __construct(private ChangeLog $log, private Workspace $workspace)
    {
    }

    /**
     * @param ?string $at HH:MM
     * @param ?string $rhythm by which it comes back again, in words: "every month"
     * @param ?Record $about what it is about, one of those in {@see Jot::ABOUT}
     *
     * @throws RefusedChange when the day is over, the rhythm is none, or they may not see what it is about
     */
    public function __invoke(Person $who, string $words, Day $on, ?string $at, ?string $rhythm, ?Record $about): void
    {
        $today = $this->workspace->today();

        match (true) {
            $on->isBefore($today) => throw new RefusedChange('on', 'This date has passed.'),
            $about !== null && Gate::forUser($who)->denies('view', $about) => throw new RefusedChange('about', 'This no longer exists.'),
            default => null,
        };
        $rule = $rhythm === null ? null : $this->rule($rhythm, $on);

        $this->log->change(
            $who,
            "Set a return date for “{$words}”",
            static fn() => Jot::query()->create([
                'person_id' => $who->id,
                'words' => $words,
                'jotted_on' => $today,
                'shelved_on' => $today,
                'return_on' => $on,
                'return_at' => $at,
                'rhythm' => $rhythm,
                'rule' => $rule,
                ...$about === null ? [] : [array_search($about::class, Jot::ABOUT, true).'_id' => $about->getKey()],
            ]),
        );
    }

    /** @throws RefusedChange */
    private function rule(string $words, Day $on): string
    {
        return RefusedChange::unless('rhythm', function () use ($words, $on): string {
            $rule =
                (new RhythmReader($this->workspace->calendar()->yearStartsIn))->read($words)->rule ??
                throw new RefusedChange('rhythm', 'Say how often, for example “every month” or “every 3 March”.');
            Recurrence::starting($rule, $on);

            return $rule;
        });
    }

    /** What has come back by a rule comes back again: on its next date from tomorrow on. */
    public static function again(Jot $jot, Day $today): void
    {
        if ($jot->rule === null || $jot->return_on === null) {
            return;
        }

        $next = Recurrence::tryOf($jot->rule, $jot->return_on)?->nextFrom($today->plus(1));

        if ($next !== null) {
            Jot::query()->create([
                ...$jot->only(['person_id', 'words', 'return_at', 'rhythm', 'rule', 'refused', 'chosen']),
                ...$jot->only(array_map(static fn(string $about): string => "{$about}_id", array_keys(Jot::ABOUT))),
                'jotted_on' => $today,
                'shelved_on' => $today,
                'return_on' => $next,
            ]);
        }
    }
}
