<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Props;
use Loftrin\Core\Reviews\FindingLevel;

/** A question of a review, with what was answered and what one answered before. */
final readonly class QuestionRow implements Props
{
    /**
     * @param ?int $id of the answer, once there is one
     * @param ?FindingLevel $level to which review the answer goes up; null of what nobody marked
     * @param list<ShareRow> $shares who else may read the answer by itself
     * @param bool $isCheck whether it is a line of the checklist: ticked when anything is answered
     * @param list<OfferedLine> $offers from what happened, to be taken in one by one
     * @param ?int $goal that the answer is about
     * @param ?string $goalTitle
     * @param list<PastAnswer> $before what one answered in the periods before, newest first
     */
    public function __construct(
        public string $key,
        public string $question,
        public string $answer,
        public ?int $id,
        public ?FindingLevel $level,
        public array $before,
        public bool $isOwn,
        public bool $isResting,
        public bool $isCheck,
        public array $shares,
        public array $offers,
        public bool $isWorthTelling,
        public ?int $goal,
        public ?string $goalTitle,
    ) {
    }
}
