<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Queries\Props;

/** Which projects the register shows, in what order, under what headings: all of it stands in the address. */
final readonly class RegisterFilter implements Props
{
    public const STATES = ['open', 'active', 'paused', 'proposed', 'shelved', 'done', 'dropped', 'all'];

    public const NEEDS = ['stuck', 'ready', 'behind', 'unlinked'];

    public const SORTS = ['need', 'title', 'due', 'progress', 'changed', 'owner', 'rank'];

    public const GROUPS = ['state', 'owner', 'area', 'thread', 'focus', 'collection', 'none'];

    /** What groups or sorts by an extra field begins with; its id follows. */
    public const FIELD = 'field:';

    /**
     * @param string $state open: active, paused, proposed
     * @param ?string $need stuck, ready, behind, unlinked
     * @param ?int $thread the goal at its top
     * @param ?int $field a field of one's own in which a value stands
     * @param string $words in the title or the status line
     */
    public function __construct(
        public string $state = 'open',
        public ?string $need = null,
        public ?int $owner = null,
        public ?int $area = null,
        public ?int $thread = null,
        public ?string $focus = null,
        public ?int $collection = null,
        public ?int $field = null,
        public string $value = '',
        public string $words = '',
        public string $sort = 'need',
        public string $group = 'state',
        public int $page = 1,
    ) {
    }

    /** Whether something was typed, beside what is chosen from lists. */
    public function isTyped(): bool
    {
        return $this->words !== '' || $this->value !== '';
    }

    /** The extra field by which they are grouped or sorted, if by one. */
    public static function fieldIn(string $order): ?int
    {
        return str_starts_with($order, self::FIELD) ? (int) substr($order, strlen(self::FIELD)) : null;
    }
}
