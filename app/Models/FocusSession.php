<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Day\FocusRounds;
use Loftrin\Core\Day\SessionOutcome;

/**
 * A stretch of undisturbed work of a person: nobody else's to see.
 *
 * @property int $person_id
 * @property ?int $task_id
 * @property string $intent
 * @property int $minutes of each round
 * @property int $rounds
 * @property int $break_minutes between two rounds
 * @property Day $on the day on which it began
 * @property Carbon $begun_at
 * @property ?Carbon $ended_at
 * @property ?SessionOutcome $outcome
 * @property ?string $obstacle what got in the way
 * @property-read ?Task $task
 */
final class FocusSession extends Record
{
    protected $table = 'focus_sessions';

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    public function rounds(): FocusRounds
    {
        return new FocusRounds($this->minutes, $this->rounds, $this->break_minutes);
    }

    /** Seconds from its beginning until it ended, or until now. */
    public function elapsed(): int
    {
        return max(0, (int) $this->begun_at->diffInSeconds($this->ended_at ?? Carbon::now()));
    }

    /** Minutes of work in it, breaks left out. */
    public function worked(): int
    {
        return intdiv($this->rounds()->worked($this->elapsed()), 60);
    }

    protected function casts(): array
    {
        return [
            'on' => AsDay::class,
            'begun_at' => 'datetime',
            'ended_at' => 'datetime',
            'outcome' => SessionOutcome::class,
        ];
    }
}
