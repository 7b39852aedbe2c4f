<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Meetings\FollowUpAnswer;

/**
 * What was said in a meeting of a next step from an earlier one.
 *
 * @property int $meeting_id
 * @property int $task_id
 * @property FollowUpAnswer $answer
 * @property ?string $words by what it is held up, or what help is needed
 * @property ?Day $until the new date
 * @property-read Task $task
 */
final class FollowUp extends Record
{
    protected $table = 'follow_ups';

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    protected function casts(): array
    {
        return ['answer' => FollowUpAnswer::class, 'until' => AsDay::class];
    }
}
