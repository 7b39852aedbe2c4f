<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property int $pattern_id
 * @property int $position
 * @property string $name
 */
final class PatternStage extends Record
{
    protected $table = 'pattern_stages';
}
