<?php

declare(strict_types=1);

namespace App\Queries\Day\Answers;

use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** The end of a day: its questions, and the main thing of the next working day. */
final readonly class EveningView implements Props
{
    /**
     * @param bool $isTime whether the day is far enough gone to look back on it
     * @param list<EveningRow> $questions those that are asked, and those that were answered
     * @param list<EveningRow> $bank all that can be asked
     * @param ?Day $next the next working day; null of a past day
     * @param ?TaskRow $nextMain its main thing, if it was chosen
     * @param list<TaskRow> $candidates for it
     */
    public function __construct(
        public bool $isTime,
        public array $questions,
        public array $bank,
        public ?Day $next,
        public ?TaskRow $nextMain,
        public array $candidates,
    ) {
    }
}
