<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A line of the notes on an agenda item. It is its writer's: lines of several people stand one after the other.
 *
 * @property int $agenda_item_id
 * @property string $key made in the browser in which it was written
 * @property ?int $person_id
 * @property string $words
 * @property int $version which of the texts that were sent of it
 * @property Carbon $written_at
 * @property ?int $decision_id what it became
 * @property ?int $task_id
 * @property ?int $corrected_by the chair or minute-taker who changed words of somebody else
 * @property-read AgendaItem $agendaItem
 * @property-read ?Person $person
 * @property-read ?Person $corrector
 */
final class NoteLine extends Record
{
    protected $table = 'note_lines';

    /** @return BelongsTo<AgendaItem, $this> */
    public function agendaItem(): BelongsTo
    {
        return $this->belongsTo(AgendaItem::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsToPerson('person_id');
    }

    /** @return BelongsTo<Person, $this> */
    public function corrector(): BelongsTo
    {
        return $this->belongsToPerson('corrected_by');
    }

    protected function casts(): array
    {
        return ['written_at' => 'datetime'];
    }
}
