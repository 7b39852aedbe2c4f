<?php

declare(strict_types=1);

namespace App\Models;

use Loftrin\Core\Calendar\Horizon;

/**
 * How one of a person's questions differs from what comes with a review: its place, whether it rests, or that it is their own.
 *
 * @property int $person_id
 * @property Horizon $horizon of the reviews in which it is asked
 * @property string $key
 * @property ?string $words of one's own
 * @property int $place
 * @property bool $is_resting
 */
final class ReviewQuestion extends Record
{
    protected $table = 'review_questions';

    protected function casts(): array
    {
        return ['horizon' => Horizon::class, 'is_resting' => 'boolean'];
    }
}
