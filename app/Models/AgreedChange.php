<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Loftrin\Core\Reviews\ChangeVerdict;

/**
 * A change that a retrospective ended in. What, who and by when are its task's: one record.
 *
 * @property int $retrospective_id
 * @property int $task_id
 * @property string $sign by which one will see that it worked
 * @property ?ChangeVerdict $verdict
 * @property ?string $seen what was seen of it
 * @property-read Retrospective $retrospective
 * @property-read Task $task
 */
final class AgreedChange extends Record
{
    protected $table = 'agreed_changes';

    /** @return BelongsTo<Retrospective, $this> */
    public function retrospective(): BelongsTo
    {
        return $this->belongsTo(Retrospective::class);
    }

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    protected function casts(): array
    {
        return ['verdict' => ChangeVerdict::class];
    }
}
