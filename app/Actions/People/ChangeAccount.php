<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Models\AccessLink;
use App\Models\Area;
use App\Models\Goal;
use App\Models\Person;
use App\Models\Project;
use App\Models\RecurringTask;
use App\Models\Role;
use App\Models\Series;
use App\Models\Task;
use App\Models\Workspace;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Work\ProjectState;

/**
 * Changes what somebody may do. Who leaves is deactivated: they cannot sign in, what they own goes to somebody else, what they
 * did stays theirs.
 */
final readonly class ChangeAccount
{
    public function __construct(private ChangeLog $log, private Workspace $workspace, private GiveAccess $access)
    {
    }

    /** Says whether somebody means 4 March by 3/4. */
    public function dates(Person $who, bool $monthFirst): void
    {
        $set = static fn() => $who->update(['month_first' => $monthFirst]);
        $this->log->change($who, 'Changed how you write dates', $set, isStep: false);
    }

    /** @throws RefusedChange when no lead would be left, or they own what nobody else may see */
    public function deactivate(Person $who, Person $leaver, Person $heir): void
    {
        $this->log->change($who, "Deactivated {$leaver->name}", function () use ($leaver, $heir): void {
            match (true) {
                $leaver->deactivated_on !== null => throw new RefusedChange('person', "{$leaver->name} is already deactivated."),
                $heir->id === $leaver->id, $heir->deactivated_on !== null => throw new RefusedChange(
                    'heir',
                    'Choose somebody with an active account.',
                ),
                default => self::refuseLastLead($leaver),
            };

            $this->leave($leaver, $heir);
        });
    }

    /**
     * Takes an invitation back: the link is worthless, and what was given to them already goes to who withdraws it.
     *
     * @throws RefusedChange once they have come
     */
    public function withdraw(Person $who, Person $invited): void
    {
        $this->log->change($who, "Withdrew the invitation of {$invited->name}", function () use ($who, $invited): void {
            if (! AccessLink::isAwaited($invited)) {
                throw new RefusedChange('person', "{$invited->name} has come already, or was not invited.");
            }

            $this->leave($invited, $who);
        });
    }

    private function leave(Person $leaver, Person $heir): void
    {
        foreach ($this->owned($leaver, $heir) as $record) {
            $record->update(['owner_id' => $heir->id]);
        }

        $leaver->update(['deactivated_on' => $this->workspace->today()]);
        $this->access->endLinks($leaver);
        $this->access->signOutEverywhere($leaver);
    }

    public function reactivate(Person $who, Person $person): void
    {
        $this->log->change($who, "Reactivated {$person->name}", static fn() => $person->update(['deactivated_on' => null]));
    }

    /** @throws RefusedChange when no lead would be left */
    public function changeRole(Person $who, Person $person, Role $role, int $weeklyHours): void
    {
        $this->log->change($who, "Changed {$person->name}", static function () use ($person, $role, $weeklyHours): void {
            if ($role !== Role::Lead) {
                self::refuseLastLead($person);
            }

            $person->update(['role' => $role, 'weekly_hours' => $weeklyHours]);
        });
    }

    private static function refuseLastLead(Person $person): void
    {
        if (
            $person->isLead() &&
            Person::query()->where('role', Role::Lead)->whereNull('deactivated_on')->whereKeyNot($person->id)->doesntExist()
        ) {
            throw new RefusedChange('role', "{$person->name} is the only lead. Make somebody else a lead first.");
        }
    }

    /**
     * What is open and can be seen by who takes it over. The rest stays unseen.
     *
     * @return iterable<Area|Goal|Project|RecurringTask|Series|Task>
     */
    private function owned(Person $leaver, Person $heir): iterable
    {
        yield from Goal::query()->where('owner_id', $leaver->id)->whereNull('closed_on')->visibleTo($heir)->get();
        yield from Project::query()
            ->where('owner_id', $leaver->id)
            ->whereIn('state', [...ProjectState::OPEN, ProjectState::Shelved])
            ->visibleTo($heir)
            ->get();
        yield from Task::query()
            ->where('owner_id', $leaver->id)
            ->whereNull('done_on')
            ->whereNull('dropped_on')
            ->visibleTo($heir)
            ->get();
        yield from RecurringTask::query()->where('owner_id', $leaver->id)->whereNull('ended_on')->visibleTo($heir)->get();
        yield from Series::query()->where('owner_id', $leaver->id)->where('is_private', false)->get();
        yield from Area::query()->where('owner_id', $leaver->id)->get();
    }
}
