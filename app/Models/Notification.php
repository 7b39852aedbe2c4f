<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One thing that happened to a goal, a task, a project or an issue, told to one person.
 *
 * @property int $person_id to whom
 * @property int $by_id
 * @property string $words
 * @property bool $for_letter it waits for the letter of the next morning
 * @property ?Carbon $read_at
 * @property Carbon $created_at
 * @property-read Person $person
 * @property-read Person $by
 */
final class Notification extends Record
{
    use OfGoalOrWork;

    protected $table = 'notifications';

    /** @return BelongsTo<Person, $this> */
    public function by(): BelongsTo
    {
        return $this->belongsToPerson('by_id');
    }

    /**
     * Only what was told to the person, of what they may still see.
     *
     * @param Builder<self> $query
     */
    protected function scopeToldTo(Builder $query, Person $person): void
    {
        $query->where('person_id', $person->id)->where('for_letter', false)->where(
            static fn(Builder $either) => $either
                ->whereIn('project_id', Project::query()->visibleTo($person)->select('id'))
                ->orWhereIn('goal_id', Goal::query()->visibleTo($person)->select('id'))
                ->orWhereHas('task', static fn($task) => $task->visibleTo($person))
                ->orWhereHas('issue.series', static fn($series) => $series->visibleTo($person)),
        );
    }

    protected function casts(): array
    {
        return ['read_at' => 'datetime', 'for_letter' => 'boolean'];
    }
}
