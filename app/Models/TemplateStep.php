<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property int $template_task_id
 * @property int $position
 * @property string $title
 * @property ?string $how_to in Markdown; read from wherever a step made from this one is shown
 */
final class TemplateStep extends Record
{
    protected $table = 'template_steps';
}
