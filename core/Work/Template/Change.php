<?php

declare(strict_types=1);

namespace Loftrin\Core\Work\Template;

/** What became of one task of a template since a project last took it. */
final readonly class Change
{
    /**
     * @param ?Piece $was null when it is new
     * @param ?Piece $is null when it is gone
     * @param list<string> $fields names of those that are otherwise: title, stage, role, day, minutes, steps, after
     * @param bool $isLeft whether the project was asked about just this, and left it
     */
    private function __construct(
        public int $id,
        public ?Piece $was,
        public ?Piece $is,
        public array $fields,
        public bool $isLeft,
    ) {
    }

    /**
     * What is otherwise, in the order of the template as it is now; what is gone comes last.
     *
     * @param list<Piece> $taken the template as the project took it
     * @param list<Piece> $now the template as it is
     * @param array<int, ?Piece> $left by id, what was left, as the template was then; null of what was gone
     *
     * @return list<self>
     */
    public static function between(array $taken, array $now, array $left = []): array
    {
        $was = array_column($taken, null, 'id');
        $is = array_column($now, null, 'id');
        $changes = [];

        foreach ($is as $id => $piece) {
            $before = $was[$id] ?? null;
            $fields = $before === null ? [] : self::differing($before, $piece);

            if ($before === null || $fields !== []) {
                $isLeft = isset($left[$id]) && self::differing($left[$id], $piece) === [];
                $changes[] = new self($id, $before, $piece, $fields, $isLeft);
            }
        }

        foreach (array_diff_key($was, $is) as $id => $piece) {
            $changes[] = new self($id, $piece, null, [], array_key_exists($id, $left) && $left[$id] === null);
        }

        return $changes;
    }

    public function isNew(): bool
    {
        return $this->was === null;
    }

    public function isGone(): bool
    {
        return $this->is === null;
    }

    /** @return list<string> steps that came, by title */
    public function stepsAdded(): array
    {
        return array_values(array_diff($this->is->steps ?? [], $this->was->steps ?? []));
    }

    /** @return list<string> steps that went, by title */
    public function stepsRemoved(): array
    {
        return array_values(array_diff($this->was->steps ?? [], $this->is->steps ?? []));
    }

    /** @return list<int> ids of the pieces that have to be done before it by now, and had not */
    public function afterAdded(): array
    {
        return array_values(array_diff($this->is->after ?? [], $this->was->after ?? []));
    }

    /** @return list<int> ids of those that had to be done before it, and need not any more */
    public function afterRemoved(): array
    {
        return array_values(array_diff($this->was->after ?? [], $this->is->after ?? []));
    }

    /** @return list<string> */
    private static function differing(Piece $was, Piece $is): array
    {
        return array_keys(
            array_filter([
                'title' => $was->title !== $is->title,
                'stage' => $was->stage !== $is->stage,
                'role' => $was->role !== $is->role,
                'day' => $was->day !== $is->day,
                'minutes' => $was->minutes !== $is->minutes,
                'steps' => $was->steps !== $is->steps,
                'after' => array_diff($was->after, $is->after) !== [] || array_diff($is->after, $was->after) !== [],
            ]),
        );
    }
}
