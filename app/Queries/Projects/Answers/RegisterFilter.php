<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Queries\Projects\RegisterCondition;
use App\Queries\Projects\RegisterGrouping;
use App\Queries\Projects\RegisterSort;
use App\Queries\Projects\RegisterState;
use App\Queries\Props;
use Loftrin\Core\Work\Focus;

/** Which projects the register shows, in what order, under what headings: all of it stands in the address. */
final readonly class RegisterFilter implements Props
{
    /**
     * @param ?int $thread the goal at its top
     * @param ?int $field an extra field in which a value stands
     * @param string $words in the title or the status line
     * @param ?int $sortField the extra field by which they are sorted, if by one
     * @param ?int $groupField likewise grouped
     */
    public function __construct(
        public RegisterState $state = RegisterState::Open,
        public ?RegisterCondition $condition = null,
        public ?int $owner = null,
        public ?int $area = null,
        public ?int $thread = null,
        public ?Focus $focus = null,
        public ?int $collection = null,
        public ?int $field = null,
        public string $value = '',
        public string $words = '',
        public RegisterSort $sort = RegisterSort::Need,
        public ?int $sortField = null,
        public RegisterGrouping $group = RegisterGrouping::State,
        public ?int $groupField = null,
        public int $page = 1,
    ) {
    }

    /** Whether something was typed, beside what is chosen from lists. */
    public function isTyped(): bool
    {
        return $this->words !== '' || $this->value !== '';
    }
}
