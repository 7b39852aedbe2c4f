<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property int $template_id
 * @property string $title
 * @property int $day days after the start by which it is to be reached
 */
final class TemplateMilestone extends Record
{
    protected $table = 'template_milestones';
}
