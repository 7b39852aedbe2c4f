<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Queries\Props;

/** One difference between a template and a project made from it. */
final readonly class TemplateChangeRow implements Props
{
    /**
     * @param int $id of the template's task
     * @param string $words what is otherwise, in words: "new", "gone", "min 30 → 45"
     * @param bool $isOver its task in the project is done: it stays as it was done
     * @param bool $isLeft it was left on purpose, and can still be taken
     * @param ?string $begun of a task that would be dropped: what has been done of it here
     */
    public function __construct(
        public int $id,
        public string $title,
        public string $words,
        public bool $isOver,
        public bool $isLeft,
        public ?string $begun,
    ) {
    }
}
