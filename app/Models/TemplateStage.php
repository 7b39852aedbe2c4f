<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property int $template_id
 * @property int $position
 * @property string $name
 */
final class TemplateStage extends Record
{
    protected $table = 'template_stages';
}
