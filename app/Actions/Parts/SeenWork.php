<?php

declare(strict_types=1);

namespace App\Actions\Parts;

use App\Models\Goal;
use App\Models\Helping;
use App\Models\Person;
use App\Models\Project;
use App\Models\RecurringTask;
use App\Models\Task;
use App\Models\Visibility;
use App\Store\RefusedChange;
use Illuminate\Database\Eloquent\Builder;

/** What belongs to a goal or a project is seen by those who see that, and whoever has a part in it is one of them. */
final readonly class SeenWork
{
    /**
     * Makes it so.
     *
     * @param Goal|Project $whole its viewers are loaded with their groups' memberships
     *
     * @throws RefusedChange when somebody with a part in it would not see it
     */
    public static function settle(Goal|Project $whole): void
    {
        self::refuseUnseen($whole);

        foreach (self::of($whole) as $part) {
            $part->update(['visibility' => $whole->visibilityOfTasks()]);
        }
    }

    /**
     * Asks whether it is so, of what is stored.
     *
     * @param Goal|Project $whole its viewers are loaded with their groups' memberships
     *
     * @throws RefusedChange naming what would be seen by others
     */
    public static function check(Goal|Project $whole): void
    {
        self::refuseUnseen($whole);

        foreach (self::of($whole) as $part) {
            throw new RefusedChange(
                'visibility',
                "“{$whole->title}” and the task “{$part->title}” would not be visible to the same people.",
            );
        }
    }

    /**
     * @param Goal|Project|null $whole null for none, which keeps nobody out
     *
     * @throws RefusedChange when the person, who is to have a part in it, does not see it
     */
    public static function admit(Goal|Project|null $whole, int $person, string $field): void
    {
        if (
            $whole?->isHidden() === true &&
            ! $whole
                ->loadMissing('viewers.group.memberships')
                ->audience()
                ->admits($person)
        ) {
            $name = Person::query()->whereKey($person)->value('name');

            throw new RefusedChange($field, is_string($name) ? "$name cannot see “{$whole->title}”." : 'They no longer exist.');
        }
    }

    private static function refuseUnseen(Goal|Project $whole): void
    {
        if (! $whole->isHidden()) {
            return;
        }

        $key = $whole->getForeignKey();
        $tasks = self::tasks($whole);
        $helping = Helping::query()->whereIn('task_id', $tasks->clone()->select('id'));
        $isProject = $whole instanceof Project;
        $what = $isProject ? 'project' : 'goal';
        $owner = self::left($whole, [
            ...$tasks->clone()->distinct()->pluck('owner_id'),
            ...$isProject ? RecurringTask::query()->where($key, $whole->id)->distinct()->pluck('owner_id') : [],
        ]);
        $helper = self::left($whole, [
            ...$helping->distinct()->pluck('person_id'),
            ...$isProject ? $whole->helpings()->pluck('person_id') : [],
        ]);

        match (true) {
            $owner !== null => throw new RefusedChange(
                'visibility',
                "$owner has a task for this $what and could no longer see it. Hand the task over, or keep the $what visible to them.",
            ),
            $helper !== null => throw new RefusedChange(
                'visibility',
                "$helper helps with this $what and could no longer see it. Ask somebody else to help, or keep the $what visible to them.",
            ),
            default => null,
        };
    }

    /**
     * @param array<array-key, mixed> $people ids
     *
     * @return ?string the name of the first of them who does not see it
     */
    private static function left(Goal|Project $whole, array $people): ?string
    {
        $audience = $whole->audience();
        $unseeing = array_filter($people, static fn(mixed $id): bool => is_int($id) && ! $audience->admits($id));

        return $unseeing === [] ? null : Person::query()->whereKey($unseeing)->orderBy('name')->firstOrFail()->name;
    }

    /** @return Builder<Task> its own, and those that its recurring tasks brought */
    private static function tasks(Goal|Project $whole): Builder
    {
        $key = $whole->getForeignKey();

        return Task::query()->where(
            static fn(Builder $either) => $either
                ->where($key, $whole->id)
                ->when(
                    $whole instanceof Project,
                    static fn(Builder $also) => $also->orWhereIn(
                        'recurring_task_id',
                        RecurringTask::query()->where('project_id', $whole->id)->select('id'),
                    ),
                ),
        );
    }

    /** @return iterable<Task|RecurringTask> what is not stored as its visibility wants it */
    private static function of(Goal|Project $whole): iterable
    {
        $key = $whole->getForeignKey();
        $other = $whole->isHidden() ? Visibility::Everyone : Visibility::OnlyMe;

        yield from self::tasks($whole)->where('visibility', $other)->orderBy('id')->get();

        if ($whole instanceof Project) {
            yield from RecurringTask::query()->where($key, $whole->id)->where('visibility', $other)->orderBy('id')->get();
        }
    }
}
