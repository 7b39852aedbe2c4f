<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Loftrin\Core\Calendar\Day;

/**
 * Something to be shown or asked on a day. Only whose it is sees it.
 *
 * @property int $person_id
 * @property string $words
 * @property ReminderKind $kind
 * @property Day $on
 * @property ?string $at HH:MM on the wall clock
 * @property ?Day $settled_on
 * @property ?int $project_id that a yes made
 * @property ?Carbon $told_at when its letter went out
 * @property-read Person $person
 */
final class Reminder extends Record
{
    protected $table = 'reminders';

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsToPerson('person_id');
    }

    /**
     * Those of a person that are neither seen nor answered, the next first.
     *
     * @param Builder<self> $query
     */
    protected function scopeOpenFor(Builder $query, Person $person): void
    {
        $query->where('person_id', $person->id)->whereNull('settled_on')->orderBy('on')->orderByRaw('at is null, at')->orderBy('id');
    }

    /**
     * Those that wait for their day or for an answer, of people who want to hear of them so.
     *
     * @param Builder<self> $query
     */
    protected function scopeOpenBy(Builder $query, Delivery $delivery): void
    {
        $query
            ->whereNull('settled_on')
            ->whereIn(
                'person_id',
                NotificationChoice::query()->where('event', NotificationEvent::Reminder)->where('delivery', $delivery)->select('person_id'),
            );
    }

    protected function casts(): array
    {
        return ['kind' => ReminderKind::class, 'on' => AsDay::class, 'settled_on' => AsDay::class, 'told_at' => 'datetime'];
    }
}
