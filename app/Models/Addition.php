<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What was added to final minutes: a correction, or a line that arrived after they were closed. It is dated, and stays.
 *
 * @property int $meeting_id
 * @property ?int $agenda_item_id
 * @property string $key made in the browser in which it was written
 * @property int $person_id
 * @property string $words
 * @property Carbon $written_at
 * @property-read Person $person
 * @property-read ?AgendaItem $agendaItem
 */
final class Addition extends Record
{
    protected $table = 'additions';

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsToPerson('person_id');
    }

    /** @return BelongsTo<AgendaItem, $this> */
    public function agendaItem(): BelongsTo
    {
        return $this->belongsTo(AgendaItem::class);
    }

    protected function casts(): array
    {
        return ['written_at' => 'datetime'];
    }
}
