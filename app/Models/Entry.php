<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What stands in a field of one's own for a project.
 *
 * @property int $field_id
 * @property int $project_id
 * @property string $value
 * @property-read Field $field
 */
final class Entry extends Record
{
    use BelongsToProject;

    protected $table = 'entries';

    /** @return BelongsTo<Field, $this> */
    public function field(): BelongsTo
    {
        return $this->belongsTo(Field::class);
    }
}
