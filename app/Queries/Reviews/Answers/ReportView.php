<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Parts\Answers\GroupRow;
use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;

/** A report while it is written, and as it was sent. */
final readonly class ReportView implements Props
{
    /**
     * @param string $words in Markdown, with what stands for its figures; to those who got it, as it was sent
     * @param ?string $html as it reads, with its figures
     * @param list<string> $sentTo names
     * @param list<OfferedLine> $figures of goals, and of what was done
     * @param list<OfferedLine> $lines worth telling, and one's own findings: for the writer's eyes until they take one in
     * @param list<PersonTag> $people
     * @param list<GroupRow> $groups
     * @param list<Option> $contacts with an e-mail address
     */
    public function __construct(
        public ReportLine $report,
        public bool $isMine,
        public string $words,
        public ?string $html,
        public array $sentTo,
        public array $figures,
        public array $lines,
        public array $people,
        public array $groups,
        public array $contacts,
    ) {
    }
}
