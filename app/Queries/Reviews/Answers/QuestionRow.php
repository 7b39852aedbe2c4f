<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Props;
use Loftrin\Core\Reviews\Question;

final readonly class QuestionRow implements Props
{
    /** @param list<PastAnswer> $before what one answered in the weeks before, newest first */
    public function __construct(public Question $key, public string $question, public string $answer, public array $before)
    {
    }
}
