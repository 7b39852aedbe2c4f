<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Loftrin\Core\Calendar\Day;

/**
 * @property int $agenda_item_id
 * @property string $words
 * @property ?string $because
 * @property Day $decided_on
 * @property-read AgendaItem $agendaItem
 */
final class Decision extends Record
{
    protected $table = 'decisions';

    /** @return BelongsTo<AgendaItem, $this> */
    public function agendaItem(): BelongsTo
    {
        return $this->belongsTo(AgendaItem::class);
    }

    protected function casts(): array
    {
        return [
            'decided_on' => AsDay::class,
        ];
    }
}
