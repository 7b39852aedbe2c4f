<?php

declare(strict_types=1);

namespace App\Queries\Lists\Answers;

use App\Models\Person;
use App\Models\SavedList;
use App\Models\Visibility;
use App\Queries\Props;

/** A saved list by its name. */
final readonly class SavedTag implements Props
{
    public function __construct(public int $id, public string $title, public bool $isShared, public bool $isMine)
    {
    }

    /** @return list<self> one's own and those that are shared, by name */
    public static function all(Person $viewer): array
    {
        return array_values(
            SavedList::query()
                ->visibleTo($viewer)
                ->orderBy('title')
                ->orderBy('id')
                ->get()
                ->map(
                    static fn(SavedList $list): self => new self(
                        $list->id,
                        $list->title,
                        $list->visibility === Visibility::Everyone,
                        $list->owner_id === $viewer->id,
                    ),
                )
                ->all(),
        );
    }
}
