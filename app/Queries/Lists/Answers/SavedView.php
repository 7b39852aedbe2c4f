<?php

declare(strict_types=1);

namespace App\Queries\Lists\Answers;

use App\Queries\Lists\ListGrouping;
use App\Queries\Lists\ListSort;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;

/** A saved list with its tasks, or one about to be built. */
final readonly class SavedView implements Props
{
    /**
     * @param ?int $id null while it is being built
     * @param list<Condition> $conditions
     * @param string $sentence the conditions in plain words
     * @param list<FieldOptions> $fields that a condition can be about
     * @param list<ListCount> $lists
     * @param list<SavedTag> $saved
     * @param list<ListGroup> $groups
     * @param list<PersonTag> $people
     */
    public function __construct(
        public ?int $id,
        public string $title,
        public bool $isShared,
        public bool $isMine,
        public string $owner,
        public array $conditions,
        public ListSort $sort,
        public ?ListGrouping $group,
        public string $sentence,
        public array $fields,
        public array $lists,
        public array $saved,
        public array $groups,
        public int $total,
        public array $people,
    ) {
    }
}
