<?php

declare(strict_types=1);

namespace App\Queries\Parts\Answers;

use App\Models\Answer;
use App\Models\EveningAnswer;
use App\Models\LogLine;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Reviews\FindingLevel;
use Loftrin\Core\Reviews\FindingSource;

/** Something a person wrote, wherever it is read again: an answer of a review, a line of a day, what was said in its evening. */
final readonly class AnswerLine implements Props
{
    /**
     * @param ?string $key of the question of a review
     * @param string $question or what kind of line it is
     * @param string $of the period in whose review it was written, or the day
     * @param Day $on the last day of that
     * @param ?FindingLevel $level to which review it goes up
     * @param ?string $goal the title of the goal that it is about
     * @param string $link where it was written
     */
    private function __construct(
        public FindingSource $source,
        public int $id,
        public ?string $key,
        public string $question,
        public string $words,
        public string $of,
        public Day $on,
        public ?FindingLevel $level,
        public ?string $goal,
        public string $link,
    ) {
    }

    /**
     * @param string $question its words
     * @param Day $on the last day of its period
     * @param ?string $goal the title of the goal it is about, if the reader may see it
     */
    public static function ofAnswer(Answer $answer, string $question, Day $on, ?FindingLevel $level = null, ?string $goal = null): self
    {
        return new self(
            source: FindingSource::Answer,
            id: $answer->id,
            key: $answer->question,
            question: $question,
            words: $answer->words,
            of: $answer->review->period,
            on: $on,
            level: $level,
            goal: $goal,
            link: route('reviews.show', $answer->review->period, false),
        );
    }

    public static function ofDay(LogLine|EveningAnswer $line, ?FindingLevel $level): self
    {
        return new self(
            source: $line instanceof LogLine ? FindingSource::Log : FindingSource::Evening,
            id: $line->id,
            key: null,
            question: $line instanceof LogLine ? ucfirst($line->tag->value ?? 'log') : $line->question,
            words: (string) $line->words,
            of: (string) $line->on,
            on: $line->on,
            level: $level,
            goal: null,
            link: route('days.show', (string) $line->on, false),
        );
    }
}
