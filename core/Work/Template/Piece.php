<?php

declare(strict_types=1);

namespace Loftrin\Core\Work\Template;

/** One task of a template: what each project made from it gets. */
final readonly class Piece
{
    /**
     * @param ?string $role who does it; null for the owner of the project
     * @param ?int $day days after the start by which it is due; null without a date
     * @param ?int $minutes estimate
     * @param list<string> $steps titles, in order
     * @param list<int> $after ids of the pieces that are to be done before it
     */
    public function __construct(
        public int $id,
        public string $title,
        public ?string $stage = null,
        public ?string $role = null,
        public ?int $day = null,
        public ?int $minutes = null,
        public array $steps = [],
        public array $after = [],
    ) {
    }

    /**
     * @return array{
     *   id: int, title: string, stage: ?string, role: ?string, day: ?int, minutes: ?int, steps: list<string>, after: list<int>,
     * } for of()
     */
    public function kept(): array
    {
        return [
            'id' => $this->id,
            'title' => $this->title,
            'stage' => $this->stage,
            'role' => $this->role,
            'day' => $this->day,
            'minutes' => $this->minutes,
            'steps' => $this->steps,
            'after' => $this->after,
        ];
    }

    /**
     * @param array{
     *   id: int, title: string, stage: ?string, role: ?string, day: ?int, minutes: ?int, steps: list<string>, after?: list<int>,
     * } $kept
     */
    public static function of(array $kept): self
    {
        return new self(...$kept);
    }
}
