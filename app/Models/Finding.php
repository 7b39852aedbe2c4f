<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Loftrin\Core\Reviews\FindingLevel;

/**
 * A line worth coming back to: an answer of a review, a line of a day, or what was said of it in the evening. Its words stay where
 * they were written.
 *
 * @property int $person_id
 * @property FindingLevel $level
 * @property ?int $answer_id
 * @property ?int $log_line_id
 * @property ?int $evening_answer_id
 * @property-read ?Answer $answer
 * @property-read ?LogLine $logLine
 * @property-read ?EveningAnswer $eveningAnswer
 */
final class Finding extends Record
{
    protected $table = 'findings';

    /** @return BelongsTo<Answer, $this> */
    public function answer(): BelongsTo
    {
        return $this->belongsTo(Answer::class);
    }

    /** @return BelongsTo<LogLine, $this> */
    public function logLine(): BelongsTo
    {
        return $this->belongsTo(LogLine::class);
    }

    /** @return BelongsTo<EveningAnswer, $this> */
    public function eveningAnswer(): BelongsTo
    {
        return $this->belongsTo(EveningAnswer::class);
    }

    protected function casts(): array
    {
        return ['level' => FindingLevel::class];
    }
}
