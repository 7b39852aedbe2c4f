<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Models\AgreedChange;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Reviews\ChangeVerdict;

/** A change that a retrospective ended in. */
final readonly class AgreedRow implements Props
{
    /**
     * @param string $sign by which one will see that it worked
     * @param ?string $seen what was seen of it
     * @param string $from the retrospective that it comes from
     */
    private function __construct(
        public int $id,
        public string $words,
        public PersonTag $owner,
        public ?Day $dueOn,
        public bool $isDone,
        public string $sign,
        public ?ChangeVerdict $verdict,
        public ?string $seen,
        public string $link,
        public string $from,
    ) {
    }

    public static function of(AgreedChange $change): self
    {
        return new self(
            id: $change->id,
            words: $change->task->title,
            owner: PersonTag::of($change->task->owner),
            dueOn: $change->task->due_on,
            isDone: $change->task->done_on !== null,
            sign: $change->sign,
            verdict: $change->verdict,
            seen: $change->seen,
            link: route('tasks.show', $change->task_id, false),
            from: $change->retrospective->title,
        );
    }
}
