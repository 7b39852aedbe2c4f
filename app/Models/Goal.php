<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use App\Models\Casts\AsSum;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Goals\Contributor;
use Loftrin\Core\Goals\MeasureKind;
use Loftrin\Core\Goals\Result;
use Loftrin\Core\Goals\Scope;
use Loftrin\Core\Goals\Sense;

/**
 * @property string $title
 * @property ?string $why
 * @property ?string $mark
 * @property Scope $scope
 * @property Horizon $horizon
 * @property string $period
 * @property Day $starts_on
 * @property Day $ends_on
 * @property Day $anchor_on
 * @property ?int $parent_id
 * @property float|int|string $weight
 * @property int $owner_id
 * @property ?int $group_id
 * @property ?int $area_id
 * @property bool $is_main
 * @property bool $is_first whether it is first in line in its period
 * @property bool $is_firm
 * @property MeasureKind $measure
 * @property float|int|string $tasks_weight
 * @property float|int|string|null $start_value
 * @property float|int|string|null $target_value
 * @property float|int|string|null $limit_value
 * @property Sense $sense
 * @property float|int|string $share
 * @property ?string $unit
 * @property ?Day $closed_on
 * @property ?Result $result
 * @property float|int|string|null $score
 * @property float|int|string|null $computed what was computed when it was closed, 0 to 1
 * @property list<Contributor>|null $computed_from the sum that it was computed from; null of a goal that is no sum
 * @property ?string $closing_line
 * @property ?int $long_term_goal_id of a year goal
 * @property ?int $predecessor_id the goal that it carries on
 * @property ?list<int> $quarters of a year goal: in which it is worked on
 * @property ?Day $created_on
 * @property ?Rest $rest what became of it, beside the result, when it was closed
 * @property ?Day $shelved_on
 * @property ?Day $return_on
 * @property-read ?self $parent
 * @property-read Collection<int, self> $children
 * @property-read Person $owner
 * @property-read ?LongTermGoal $longTermGoal
 * @property-read ?self $predecessor
 * @property-read Collection<int, self> $successors
 * @property-read ?Group $group
 * @property-read ?Area $area
 * @property-read Collection<int, Reading> $readings
 * @property-read Collection<int, Checkpoint> $checkpoints
 * @property-read Collection<int, Contribution> $contributions
 * @property-read Collection<int, Task> $tasks
 * @property-read Collection<int, Comment> $comments
 * @property-read Collection<int, Estimate> $estimates
 * @property-read Collection<int, Judgement> $judgements
 * @property-read Collection<int, Following> $followings
 */
final class Goal extends Record
{
    use HasHistory;
    use HasViewers;

    protected $table = 'goals';

    /** @return BelongsTo<self, $this> */
    public function parent(): BelongsTo
    {
        return $this->belongsTo(self::class, 'parent_id');
    }

    /** @return HasMany<self, $this> */
    public function children(): HasMany
    {
        return $this->hasMany(self::class, 'parent_id')->orderBy('anchor_on')->orderBy('id');
    }

    /** @return BelongsTo<Person, $this> */
    public function owner(): BelongsTo
    {
        return $this->belongsToPerson('owner_id');
    }

    /** @return BelongsTo<LongTermGoal, $this> */
    public function longTermGoal(): BelongsTo
    {
        return $this->belongsTo(LongTermGoal::class);
    }

    /** @return BelongsTo<self, $this> */
    public function predecessor(): BelongsTo
    {
        return $this->belongsTo(self::class, 'predecessor_id');
    }

    /** @return HasMany<self, $this> */
    public function successors(): HasMany
    {
        return $this->hasMany(self::class, 'predecessor_id')->orderBy('id');
    }

    /** @return BelongsTo<Area, $this> */
    public function area(): BelongsTo
    {
        return $this->belongsTo(Area::class);
    }

    /** @return BelongsTo<Group, $this> */
    public function group(): BelongsTo
    {
        return $this->belongsTo(Group::class);
    }

    /** @return HasMany<Reading, $this> */
    public function readings(): HasMany
    {
        return $this->hasMany(Reading::class)->orderBy('on')->orderBy('id');
    }

    /** @return HasMany<Checkpoint, $this> */
    public function checkpoints(): HasMany
    {
        return $this->hasMany(Checkpoint::class)->orderBy('on');
    }

    /** @return HasMany<Contribution, $this> */
    public function contributions(): HasMany
    {
        return $this->hasMany(Contribution::class)->orderBy('id');
    }

    /** @return HasMany<Task, $this> */
    public function tasks(): HasMany
    {
        return $this->hasMany(Task::class)->orderBy('position')->orderBy('id');
    }

    protected function casts(): array
    {
        return [
            'scope' => Scope::class,
            'visibility' => Visibility::class,
            'horizon' => Horizon::class,
            'starts_on' => AsDay::class,
            'ends_on' => AsDay::class,
            'anchor_on' => AsDay::class,
            'counts_unnamed' => 'boolean',
            'is_main' => 'boolean',
            'is_first' => 'boolean',
            'is_firm' => 'boolean',
            'measure' => MeasureKind::class,
            'sense' => Sense::class,
            'closed_on' => AsDay::class,
            'computed_from' => AsSum::class,
            'created_on' => AsDay::class,
            'result' => Result::class,
            'rest' => Rest::class,
            'quarters' => 'array',
            'shelved_on' => AsDay::class,
            'return_on' => AsDay::class,
        ];
    }
}
