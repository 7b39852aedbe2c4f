<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Loftrin\Core\Calendar\Day;

/**
 * @property int $task_id
 * @property int $position
 * @property string $title
 * @property ?Day $done_on
 * @property ?int $template_step_id that it was made from
 * @property-read ?TemplateStep $templateStep
 * @property-read Task $task
 */
final class Step extends Record
{
    use StampsItsTask;

    protected $table = 'steps';

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @return BelongsTo<TemplateStep, $this> */
    public function templateStep(): BelongsTo
    {
        return $this->belongsTo(TemplateStep::class);
    }

    protected function casts(): array
    {
        return [
            'done_on' => AsDay::class,
        ];
    }
}
