<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property int $pattern_task_id
 * @property int $position
 * @property string $title
 * @property ?string $how_to in Markdown; read from wherever a step made from this one is shown
 */
final class PatternStep extends Record
{
    protected $table = 'pattern_steps';
}
