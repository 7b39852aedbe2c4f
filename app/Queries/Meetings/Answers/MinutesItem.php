<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Props;
use Loftrin\Core\Meetings\AgendaKind;
use Loftrin\Core\Meetings\Outcome;

/**
 * An agenda item, as it stands in the minutes.
 *
 * @phpstan-import-type MinutesLineText from MinutesLine
 * @phpstan-import-type MinutesDecisionText from MinutesDecision
 * @phpstan-import-type MinutesStepText from MinutesStep
 *
 * @phpstan-type MinutesItemText array{
 *     kind: string, title: string, context: ?string, at: ?string, planned: int, took: ?int, who: ?string, outcome: ?string,
 *     lines: list<MinutesLineText>, decisions: list<MinutesDecisionText>,
 *     nextSteps: list<MinutesStepText>, followUps: list<MinutesStepText>,
 * }
 */
final readonly class MinutesItem implements Props
{
    /**
     * @param ?string $at when it began, HH:MM; null where it was not reached
     * @param int $planned minutes
     * @param ?int $took minutes
     * @param ?string $who its owner, or who raised it
     * @param list<MinutesLine> $lines
     * @param list<MinutesDecision> $decisions
     * @param list<MinutesStep> $nextSteps
     * @param list<MinutesStep> $followUps
     */
    public function __construct(
        public AgendaKind $kind,
        public string $title,
        public ?string $context,
        public ?string $at,
        public int $planned,
        public ?int $took,
        public ?string $who,
        public ?Outcome $outcome,
        public array $lines,
        public array $decisions,
        public array $nextSteps,
        public array $followUps,
    ) {
    }

    /** @param MinutesItemText $text */
    public static function of(array $text): self
    {
        return new self(
            kind: AgendaKind::from($text['kind']),
            title: $text['title'],
            context: $text['context'],
            at: $text['at'],
            planned: $text['planned'],
            took: $text['took'],
            who: $text['who'],
            outcome: Outcome::tryFrom($text['outcome'] ?? ''),
            lines: array_map(MinutesLine::of(...), $text['lines']),
            decisions: array_map(MinutesDecision::of(...), $text['decisions']),
            nextSteps: array_map(MinutesStep::of(...), $text['nextSteps']),
            followUps: array_map(MinutesStep::of(...), $text['followUps']),
        );
    }
}
