<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What one person wrote to a question of a retrospective: theirs alone until all is shown.
 *
 * @property int $retrospective_question_id
 * @property int $person_id
 * @property string $words
 * @property-read Person $person
 */
final class RetrospectiveAnswer extends Record
{
    protected $table = 'retrospective_answers';

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsToPerson('person_id');
    }
}
