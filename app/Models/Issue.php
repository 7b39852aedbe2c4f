<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Meetings\Need;
use Loftrin\Core\Meetings\Outcome;
use Loftrin\Core\Work\Rank;

/**
 * @property int $series_id
 * @property string $title
 * @property ?string $context
 * @property Need $need
 * @property ?Rank $rank
 * @property ?int $minutes
 * @property ?int $goal_id
 * @property ?int $project_id
 * @property int $raised_by
 * @property Day $raised_on
 * @property int $waited
 * @property ?Outcome $outcome
 * @property ?Day $settled_on
 * @property ?string $source where it comes from, in words
 * @property ?int $task_id the task that it is about
 * @property ?int $became_project_id
 * @property ?int $became_goal_id
 * @property ?Day $return_on of a shelved one: when it comes back
 * @property ?Day $for_on the one meeting for which it is
 * @property ?int $place on the agenda of the next meeting, where somebody gave it one
 * @property-read Series $series
 * @property-read ?Goal $goal
 * @property-read ?Project $project
 * @property-read ?Task $task
 * @property-read ?Project $becameProject
 * @property-read ?Goal $becameGoal
 * @property-read Collection<int, AgendaItem> $agendaItems
 * @property-read Collection<int, Comment> $comments
 * @property-read Person $raisedBy
 */
final class Issue extends Record
{
    use BelongsToProject;

    protected $table = 'issues';

    /**
     * @param Collection<int, self> $issues
     *
     * @return list<int> those that were given an order by hand, in that order
     */
    public static function arranged(Collection $issues): array
    {
        return array_values($issues->whereNotNull('place')->sortBy('place')->map(static fn(self $issue): int => $issue->id)->all());
    }

    /** @return BelongsTo<Series, $this> */
    public function series(): BelongsTo
    {
        return $this->belongsTo(Series::class);
    }

    /** @return BelongsTo<Goal, $this> */
    public function goal(): BelongsTo
    {
        return $this->belongsTo(Goal::class);
    }

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @return BelongsTo<Project, $this> */
    public function becameProject(): BelongsTo
    {
        return $this->belongsTo(Project::class, 'became_project_id');
    }

    /** @return BelongsTo<Goal, $this> */
    public function becameGoal(): BelongsTo
    {
        return $this->belongsTo(Goal::class, 'became_goal_id');
    }

    /** @return HasMany<AgendaItem, $this> the meetings in which it came up */
    public function agendaItems(): HasMany
    {
        return $this->hasMany(AgendaItem::class)->orderBy('id');
    }

    /** @return HasMany<Comment, $this> */
    public function comments(): HasMany
    {
        return $this->hasMany(Comment::class)->orderBy('on')->orderBy('id');
    }

    /** It is seen with its series. */
    public function isVisibleTo(Person $person): bool
    {
        return $this->series->isVisibleTo($person);
    }

    /** @return BelongsTo<Person, $this> */
    public function raisedBy(): BelongsTo
    {
        return $this->belongsToPerson('raised_by');
    }

    protected function casts(): array
    {
        return [
            'need' => Need::class,
            'rank' => Rank::class,
            'raised_on' => AsDay::class,
            'outcome' => Outcome::class,
            'settled_on' => AsDay::class,
            'return_on' => AsDay::class,
            'for_on' => AsDay::class,
        ];
    }
}
