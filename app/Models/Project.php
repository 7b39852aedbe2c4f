<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\ProjectState;
use Loftrin\Core\Work\StageOrder;
use Loftrin\Core\Work\Weighing;

/**
 * @property string       $title
 * @property ?string      $reason        Markdown, as the other parts of the brief
 * @property ?string      $outcome       the deliverable, and how one knows it is good
 * @property ?string      $limits
 * @property ?string      $approach
 * @property ?string      $status_line
 * @property ?Day         $status_on
 * @property ?string      $learned       asked as it is closed
 * @property int          $owner_id
 * @property ?int         $area_id
 * @property Weighing     $weighing
 * @property StageOrder   $order
 * @property ProjectState $state
 * @property Day          $state_on
 * @property ?Day         $starts_on
 * @property ?Day         $due_on
 * @property ?Day         $look_again_on
 * @property-read Person $owner
 * @property-read ?Area $area
 * @property-read Collection<int, Stage> $stages
 * @property-read Collection<int, Serving> $servings
 * @property-read Collection<int, Task> $tasks
 * @property-read Collection<int, Milestone> $milestones
 * @property-read Collection<int, PlanLine> $planLines
 */
final class Project extends Record
{
    /** @return BelongsTo<Person, $this> */
    public function owner(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'owner_id');
    }

    /** @return BelongsTo<Area, $this> */
    public function area(): BelongsTo
    {
        return $this->belongsTo(Area::class);
    }

    /** @return HasMany<Stage, $this> */
    public function stages(): HasMany
    {
        return $this->hasMany(Stage::class)->orderBy('position')->orderBy('id');
    }

    /** @return HasMany<Milestone, $this> */
    public function milestones(): HasMany
    {
        return $this->hasMany(Milestone::class)->orderBy('on')->orderBy('id');
    }

    /** @return HasMany<PlanLine, $this> */
    public function planLines(): HasMany
    {
        return $this->hasMany(PlanLine::class)->orderBy('id');
    }

    /** @return HasMany<Serving, $this> */
    public function servings(): HasMany
    {
        return $this->hasMany(Serving::class)->orderBy('id');
    }

    /** @return HasMany<Task, $this> */
    public function tasks(): HasMany
    {
        return $this->hasMany(Task::class)->orderBy('position')->orderBy('id');
    }

    protected function casts(): array
    {
        return [
            'weighing' => Weighing::class,
            'order' => StageOrder::class,
            'state' => ProjectState::class,
            'state_on' => AsDay::class,
            'status_on' => AsDay::class,
            'look_again_on' => AsDay::class,
            'starts_on' => AsDay::class,
            'due_on' => AsDay::class,
        ];
    }
}
