<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;

/** An open project that was made from a template, with what has changed since it took it. */
final readonly class MadeProject implements Props
{
    /** @param list<TemplateChangeRow> $changes */
    public function __construct(
        public int $id,
        public string $title,
        public PersonTag $owner,
        public bool $mayChange,
        public array $changes,
    ) {
    }
}
