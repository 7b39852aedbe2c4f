<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Loftrin\Core\Calendar\Day;

/**
 * @property ?int $agenda_item_id null of one that was made outside of a meeting
 * @property string $words
 * @property ?string $because
 * @property Day $decided_on
 * @property ?int $person_id who recorded one that was made outside
 * @property ?int $goal_id
 * @property ?int $project_id
 * @property-read ?AgendaItem $agendaItem
 * @property-read ?Person $person
 * @property-read ?Goal $goal
 * @property-read ?Project $project
 */
final class Decision extends Record
{
    use BelongsToGoal;
    use BelongsToProject;

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
