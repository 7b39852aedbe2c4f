<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A task of a template that can only be started once another is done.
 *
 * @property int $template_task_id
 * @property int $after_id
 */
final class TemplateDependency extends Record
{
    protected $table = 'template_dependencies';
}
