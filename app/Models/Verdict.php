<?php

declare(strict_types=1);

namespace App\Models;

use Loftrin\Core\Reviews\Verdict as Said;

/**
 * What became of what somebody wanted to do differently, as they saw it in a week.
 *
 * @property int $answer_id
 * @property string $period
 * @property Said $verdict
 */
final class Verdict extends Record
{
    protected $table = 'verdicts';

    protected function casts(): array
    {
        return ['verdict' => Said::class];
    }
}
