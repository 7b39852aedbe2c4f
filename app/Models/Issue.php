<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
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
 * @property-read Series $series
 * @property-read ?Goal $goal
 * @property-read ?Project $project
 * @property-read Person $raisedBy
 */
final class Issue extends Record
{
    protected $table = 'issues';

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

    /** @return BelongsTo<Project, $this> */
    public function project(): BelongsTo
    {
        return $this->belongsTo(Project::class);
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
        ];
    }
}
