<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;

/** A retrospective as one of those who take part sees it. */
final readonly class RetrospectiveView implements Props
{
    /**
     * @param bool $holds whether one holds it oneself
     * @param list<PersonTag> $participants
     * @param list<int> $written who of them has written anything
     * @param list<AskedOfAll> $questions
     * @param list<AgreedRow> $changes that it ended in so far
     * @param list<AgreedRow> $earlier of former ones that are still to be judged, or were judged since
     */
    public function __construct(
        public RetrospectiveLine $retrospective,
        public bool $holds,
        public array $participants,
        public array $written,
        public array $questions,
        public array $changes,
        public array $earlier,
    ) {
    }
}
