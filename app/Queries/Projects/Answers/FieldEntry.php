<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Models\FieldKind;
use App\Queries\Props;

/** A field of one's own, with what stands in it for a project. */
final readonly class FieldEntry implements Props
{
    /** @param list<string> $choices */
    public function __construct(
        public int $id,
        public string $name,
        public FieldKind $kind,
        public array $choices,
        public ?string $value,
    ) {
    }

    public function filled(?string $value): self
    {
        return new self($this->id, $this->name, $this->kind, $this->choices, $value);
    }
}
