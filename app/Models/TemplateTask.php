<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $template_id
 * @property ?int $template_stage_id
 * @property int $position
 * @property string $title
 * @property ?string $role who does it; null for the owner of the project
 * @property ?int $day days after the start by which it is due
 * @property ?int $minutes
 * @property-read ?TemplateStage $stage
 * @property-read Collection<int, TemplateStep> $steps
 * @property-read Collection<int, TemplateDependency> $dependencies
 */
final class TemplateTask extends Record
{
    protected $table = 'template_tasks';

    /** @return BelongsTo<TemplateStage, $this> */
    public function stage(): BelongsTo
    {
        return $this->belongsTo(TemplateStage::class, 'template_stage_id');
    }

    /** @return HasMany<TemplateStep, $this> */
    public function steps(): HasMany
    {
        return $this->hasMany(TemplateStep::class)->orderBy('position')->orderBy('id');
    }

    /** @return HasMany<TemplateDependency, $this> */
    public function dependencies(): HasMany
    {
        return $this->hasMany(TemplateDependency::class)->orderBy('after_id');
    }
}
