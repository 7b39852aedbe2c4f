<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Props;

/**
 * A next step, or one that was followed up, as it stands in the minutes.
 *
 * @phpstan-type MinutesStepText array{task: int, what: string, who: string, by: ?string, for: ?string, answer: ?string}
 */
final readonly class MinutesStep implements Props
{
    /**
     * @param int $task the record it is; it goes on after the minutes are final
     * @param ?string $by YYYY-MM-DD
     * @param ?string $for the project or goal
     * @param ?string $answer what was said of one that was followed up
     */
    public function __construct(
        public int $task,
        public string $what,
        public string $who,
        public ?string $by,
        public ?string $for,
        public ?string $answer = null,
    ) {
    }

    /** @param MinutesStepText $text */
    public static function of(array $text): self
    {
        return new self(...$text);
    }
}
