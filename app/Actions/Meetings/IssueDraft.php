<?php

declare(strict_types=1);

namespace App\Actions\Meetings;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Meetings\Need;
use Loftrin\Core\Work\Rank;

/** What is said of an issue. The title is enough. */
final readonly class IssueDraft
{
    /**
     * @param ?string $source where it comes from, in words: a message, a customer's request
     * @param ?int $minutes what it will take; null leaves the usual
     * @param ?int $task the task that it is about
     * @param ?Day $for the one meeting for which it is, if it is tied to one
     */
    public function __construct(
        public string $title,
        public ?string $context = null,
        public ?string $source = null,
        public Need $need = Need::Decision,
        public ?Rank $rank = null,
        public ?int $minutes = null,
        public ?int $goal = null,
        public ?int $project = null,
        public ?int $task = null,
        public ?Day $for = null,
    ) {
    }
}
