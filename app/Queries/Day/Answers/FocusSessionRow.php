<?php

declare(strict_types=1);

namespace App\Queries\Day\Answers;

use App\Models\FocusSession;
use App\Models\Workspace;
use App\Queries\Props;
use Loftrin\Core\Day\FocusPart;
use Loftrin\Core\Day\SessionOutcome;

/** A focus session: the one that is running, or one of the day. */
final readonly class FocusSessionRow implements Props
{
    /**
     * @param string $at HH:MM on the wall clock when it began
     * @param ?string $until HH:MM when it ended; null while it is running
     * @param int $elapsed seconds since it began, of one that is running
     * @param int $worked minutes of work in it, breaks left out
     * @param list<SessionPart> $parts
     */
    public function __construct(
        public int $id,
        public string $intent,
        public ?int $taskId,
        public string $at,
        public ?string $until,
        public int $elapsed,
        public int $worked,
        public array $parts,
        public ?SessionOutcome $outcome,
        public ?string $obstacle,
    ) {
    }

    public static function of(FocusSession $session, Workspace $workspace): self
    {
        return new self(
            id: $session->id,
            intent: $session->intent,
            taskId: $session->task_id,
            at: $workspace->wallTime($session->begun_at),
            until: $session->ended_at === null ? null : $workspace->wallTime($session->ended_at),
            elapsed: $session->elapsed(),
            worked: $session->worked(),
            parts: array_map(
                static fn(FocusPart $part): SessionPart => new SessionPart($part->from, $part->until, $part->round, $part->isBreak),
                $session->rounds()->parts(),
            ),
            outcome: $session->outcome,
            obstacle: $session->obstacle,
        );
    }
}
