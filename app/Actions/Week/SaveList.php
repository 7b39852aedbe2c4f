<?php

declare(strict_types=1);

namespace App\Actions\Week;

use App\Models\Person;
use App\Models\SavedList;
use App\Models\Visibility;
use App\Queries\Lists\Answers\Condition;
use App\Queries\Lists\Fields;
use App\Queries\Lists\ListGrouping;
use App\Queries\Lists\ListSort;
use App\Store\ChangeLog;
use App\Store\RefusedChange;

/** Keeps a list built from conditions. What it finds depends on who reads it: nobody sees more through it. */
final readonly class SaveList
{
    public function __construct(private ChangeLog $log, private Fields $fields)
    {
    }

    /**
     * @param list<Condition> $conditions
     *
     * @throws RefusedChange when a condition asks for what its field does not offer
     */
    public function __invoke(
        Person $who,
        string $title,
        array $conditions,
        ListSort $sort,
        ?ListGrouping $group,
        bool $isShared,
        ?SavedList $list = null,
    ): SavedList {
        foreach ($conditions as $place => $condition) {
            if (! $this->fields->offers($condition, $who)) {
                throw new RefusedChange("conditions.$place.value", 'Choose a value');
            }
        }

        return $this->log->change($who, ($list === null ? 'Added' : 'Changed')." the list “{$title}”", static function () use (
            $who,
            $title,
            $conditions,
            $sort,
            $group,
            $isShared,
            $list,
        ): SavedList {
            $record = $list ?? new SavedList(['owner_id' => $who->id]);
            $record
                ->fill([
                    'title' => $title,
                    'conditions' => array_map(
                        static fn(Condition $condition): array => ['field' => $condition->field->value, 'value' => $condition->value],
                        $conditions,
                    ),
                    'sort' => $sort->value,
                    'group' => $group?->value,
                    'visibility' => $isShared ? Visibility::Everyone : Visibility::OnlyMe,
                ])
                ->save();

            return $record;
        });
    }

    public function remove(Person $who, SavedList $list): void
    {
        $this->log->change($who, "Deleted the list “{$list->title}”", static fn() => $list->delete());
    }
}
