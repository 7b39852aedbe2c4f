<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Loftrin\Core\Meetings\AgendaKind;
use Loftrin\Core\Meetings\Outcome;
use Loftrin\Core\Meetings\Shown;

/**
 * @property int $meeting_id
 * @property AgendaKind $kind
 * @property int $position
 * @property string $title
 * @property int $minutes
 * @property int $extra minutes given to it while it ran
 * @property ?int $owner_id
 * @property ?int $goal_id
 * @property ?int $project_id to be looked at
 * @property ?Shown $shows what is looked at besides a goal or a project
 * @property ?int $issue_id
 * @property ?Carbon $begun_at
 * @property ?Carbon $ended_at
 * @property ?Outcome $outcome
 * @property-read Meeting $meeting
 * @property-read ?Person $owner
 * @property-read ?Goal $goal
 * @property-read ?Project $project
 * @property-read ?Issue $issue
 * @property-read Collection<int, NoteLine> $lines
 * @property-read Collection<int, Decision> $decisions
 * @property-read Collection<int, Task> $nextSteps
 */
final class AgendaItem extends Record
{
    use BelongsToProject;

    protected $table = 'agenda_items';

    /** @return BelongsTo<Meeting, $this> */
    public function meeting(): BelongsTo
    {
        return $this->belongsTo(Meeting::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function owner(): BelongsTo
    {
        return $this->belongsToPerson('owner_id');
    }

    /** @return BelongsTo<Goal, $this> */
    public function goal(): BelongsTo
    {
        return $this->belongsTo(Goal::class);
    }

    /** @return BelongsTo<Issue, $this> */
    public function issue(): BelongsTo
    {
        return $this->belongsTo(Issue::class);
    }

    /** @return HasMany<NoteLine, $this> */
    public function lines(): HasMany
    {
        return $this->hasMany(NoteLine::class)->orderBy('id');
    }

    /** @return HasMany<Decision, $this> */
    public function decisions(): HasMany
    {
        return $this->hasMany(Decision::class)->orderBy('id');
    }

    /** @return HasMany<Task, $this> */
    public function nextSteps(): HasMany
    {
        return $this->hasMany(Task::class, 'agenda_item_id')->orderBy('id');
    }

    /** Seconds that it took, or has taken so far. */
    public function spent(Carbon $now): int
    {
        return $this->begun_at === null ? 0 : max(0, (int) $this->begun_at->diffInSeconds($this->ended_at ?? $now));
    }

    /** Seconds that it may take. */
    public function allowed(): int
    {
        return 60 * ($this->minutes + $this->extra);
    }

    protected function casts(): array
    {
        return [
            'kind' => AgendaKind::class,
            'begun_at' => 'datetime',
            'ended_at' => 'datetime',
            'outcome' => Outcome::class,
            'shows' => Shown::class,
        ];
    }
}
