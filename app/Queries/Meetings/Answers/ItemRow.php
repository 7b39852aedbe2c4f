<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Plan\Answers\Cord;
use App\Queries\Props;
use Loftrin\Core\Meetings\AgendaKind;
use Loftrin\Core\Meetings\Outcome;

/** An agenda item of a meeting that was opened. */
final readonly class ItemRow implements Props
{
    /**
     * @param string $state "done", "current", "coming" or "wont_fit"
     * @param string $at when it began, or would begin: HH:MM
     * @param int $minutes planned
     * @param int $extra minutes given to it while it ran
     * @param ?int $spent seconds it took, or has taken so far
     * @param ?Option $look the address of what is to be looked at, and the words for it
     * @param list<LineRow> $lines
     * @param string $ownNotes the viewer's alone
     * @param list<DecisionRow> $decisions
     * @param list<TaskRow> $nextSteps
     */
    public function __construct(
        public int $id,
        public AgendaKind $kind,
        public string $title,
        public string $state,
        public string $at,
        public int $minutes,
        public int $extra,
        public ?int $spent,
        public ?string $who,
        public ?Cord $cord,
        public ?Option $look,
        public ?IssueRow $issue,
        public ?Outcome $outcome,
        public array $lines,
        public string $ownNotes,
        public array $decisions,
        public array $nextSteps,
    ) {
    }
}
