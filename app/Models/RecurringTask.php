<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Rhythm;

/**
 * What comes back by a rule.
 *
 * @property string $title
 * @property RecurringTaskKind $kind
 * @property bool $is_shared kept for the team to choose from; nothing comes of it by itself
 * @property ?int $shared_from_id that it was chosen from
 * @property int $owner_id
 * @property Visibility $visibility
 * @property string $words its rhythm as it was said
 * @property ?string $rule RRULE
 * @property ?int $after_every
 * @property ?string $after_unit
 * @property Day $starts_on
 * @property ?Day $ended_on
 * @property ?int $area_id
 * @property ?int $project_id
 * @property ?int $main_effort_id that each time of it is work on
 * @property ?int $minutes
 * @property ?int $per_quarter items of a quarterly output
 * @property ?string $notes
 * @property ?int $template_id from which each new piece takes its steps
 * @property-read Person $owner
 * @property-read ?Area $area
 * @property-read ?Project $project
 * @property-read ?Template $template
 * @property-read Collection<int, RecurringTaskStep> $steps
 * @property-read Collection<int, RecurringTaskContribution> $contributions
 * @property-read Collection<int, RecurringTaskContribution> $currentContributions
 * @property-read Collection<int, Occurrence> $occurrences
 * @property-read Collection<int, Task> $tasks
 */
final class RecurringTask extends Record
{
    use BelongsToProject;
    use MayBePrivate {
        letSee as private letSeeOwnOrOpen;
        isVisibleTo as private isOwnOrOpen;
    }

    protected $table = 'recurring_tasks';

    /** @return BelongsTo<Person, $this> */
    public function owner(): BelongsTo
    {
        return $this->belongsToPerson('owner_id');
    }

    /** @return BelongsTo<Area, $this> */
    public function area(): BelongsTo
    {
        return $this->belongsTo(Area::class);
    }

    /** @return BelongsTo<Template, $this> */
    public function template(): BelongsTo
    {
        return $this->belongsTo(Template::class);
    }

    /** @return HasMany<RecurringTaskStep, $this> */
    public function steps(): HasMany
    {
        return $this->hasMany(RecurringTaskStep::class)->orderBy('position')->orderBy('id');
    }

    /** @return HasMany<RecurringTaskContribution, $this> */
    public function contributions(): HasMany
    {
        return $this->hasMany(RecurringTaskContribution::class)->orderBy('id');
    }

    /** @return HasMany<RecurringTaskContribution, $this> */
    public function currentContributions(): HasMany
    {
        return $this->contributions()->current();
    }

    /** @return HasMany<Occurrence, $this> */
    public function occurrences(): HasMany
    {
        return $this->hasMany(Occurrence::class)->orderByDesc('on');
    }

    /** @return HasMany<Task, $this> */
    public function tasks(): HasMany
    {
        return $this->hasMany(Task::class)->orderBy('occurs_on')->orderBy('id');
    }

    public function rhythm(): Rhythm
    {
        return new Rhythm($this->words, $this->rule, $this->after_every, $this->after_unit);
    }

    /**
     * Those that bring something by themselves.
     *
     * @param Builder<self> $query
     */
    protected function scopeRunning(Builder $query): void
    {
        $query->where('is_shared', false)->whereNull('ended_on');
    }

    /**
     * Those of projects that not everyone may see, and the person does.
     *
     * @param Builder<self> $query
     */
    protected function scopeInHidden(Builder $query, Person $person): void
    {
        $query->whereIn('project_id', Project::query()->hidden()->visibleTo($person)->select('id'));
    }

    public function isVisibleTo(Person $person): bool
    {
        return $this->isOwnOrOpen($person) || self::query()->visibleTo($person)->whereKey($this->id)->exists();
    }

    /**
     * What is in a project that not everyone sees is seen by those who do.
     *
     * @param Builder<self> $either
     *
     * @return Builder<self>
     */
    protected function letSee(Builder $either, Person $person): Builder
    {
        return $this->letSeeOwnOrOpen($either, $person)->orWhereIn(
            $either->qualifyColumn('project_id'),
            Project::query()->hidden()->visibleTo($person)->select('id'),
        );
    }

    protected function casts(): array
    {
        return [
            'kind' => RecurringTaskKind::class,
            'is_shared' => 'boolean',
            'visibility' => Visibility::class,
            'starts_on' => AsDay::class,
            'ended_on' => AsDay::class,
        ];
    }
}
