<?php

declare(strict_types=1);

namespace App\Actions\Reviews;

use Loftrin\Core\Calendar\Span;

/** What is said of a new retrospective. */
final readonly class RetrospectiveDraft
{
    /**
     * @param list<string> $questions
     * @param list<int> $people besides who holds it
     * @param ?int $project that it is about
     * @param ?Span $span that it is about
     */
    public function __construct(
        public string $title,
        public array $questions,
        public array $people,
        public ?int $project,
        public ?Span $span,
    ) {
    }
}
