<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Loftrin\Core\Calendar\Day;

/**
 * @property int $person_id who wrote it down
 * @property ?int $area_id whose tray it lies in; nobody's but the writer's when null
 * @property string $words
 * @property Day $jotted_on
 * @property ?Day $sorted_on
 * @property ?Day $shelved_on
 * @property ?Day $return_on
 * @property ?list<string> $refused keys of what was understood of it and is not meant
 * @property ?array<string, string> $chosen what ambiguous names mean, by their keys: "project 12"
 * @property-read Person $person
 */
final class Jot extends Record
{
    protected $table = 'jots';

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsToPerson('person_id');
    }

    /**
     * What lies in the person's own tray: not sorted, and on no shelf unless its return date has come.
     *
     * @param Builder<self> $query
     */
    protected function scopeInTrayOf(Builder $query, Person $person, Day $on): void
    {
        $query
            ->where('person_id', $person->id)
            ->whereNull('area_id')
            ->whereNull('sorted_on')
            ->where(static fn(Builder $either) => $either->whereNull('shelved_on')->orWhere('return_on', '<=', (string) $on));
    }

    /** What a title made of it leaves out: all of it, where it is longer or has several lines; null where nothing is lost. */
    public function notes(string $title): ?string
    {
        return (mb_strlen($this->words) > mb_strlen($title) && mb_strlen($this->words) > 200) || str_contains(trim($this->words), "\n")
            ? $this->words
            : null;
    }

    protected function casts(): array
    {
        return [
            'jotted_on' => AsDay::class,
            'sorted_on' => AsDay::class,
            'shelved_on' => AsDay::class,
            'return_on' => AsDay::class,
            'refused' => 'array',
            'chosen' => 'array',
        ];
    }
}
