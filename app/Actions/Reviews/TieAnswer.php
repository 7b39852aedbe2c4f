<?php

declare(strict_types=1);

namespace App\Actions\Reviews;

use App\Models\Answer;
use App\Models\Goal;
use App\Models\Person;
use App\Store\ChangeLog;

/** Says which goal an answer is about: it comes back when that is planned or closed. */
final readonly class TieAnswer
{
    public function __construct(private ChangeLog $log)
    {
    }

    /** @param Answer $answer of the person themselves */
    public function __invoke(Person $who, Answer $answer, ?Goal $goal): void
    {
        $words = $goal === null ? 'An answer is about no goal now' : "Tied an answer to “{$goal->title}”";

        $this->log->change($who, $words, static fn() => $answer->refresh()->update(['goal_id' => $goal?->id]));
    }
}
