<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Loftrin\Core\Reviews\Question;

/**
 * @property int $review_id
 * @property Question $question
 * @property string $words
 * @property-read Review $review
 */
final class Answer extends Record
{
    protected $table = 'answers';

    /** @return BelongsTo<Review, $this> */
    public function review(): BelongsTo
    {
        return $this->belongsTo(Review::class);
    }

    protected function casts(): array
    {
        return [
            'question' => Question::class,
        ];
    }
}
