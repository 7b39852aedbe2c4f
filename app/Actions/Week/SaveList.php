<?php

declare(strict_types=1);

namespace App\Actions\Week;

use App\Models\Person;
use App\Models\SavedList;
use App\Models\Visibility;
use App\Queries\Lists\BuiltList;
use App\Queries\Lists\Fields;
use App\Store\ChangeLog;
use App\Store\RefusedChange;

/** Keeps a list built from conditions. What it finds depends on who reads it: nobody sees more through it. */
final readonly class SaveList
{
    public function __construct(private ChangeLog $log, private Fields $fields)
    {
    }

    /** @throws RefusedChange when a condition asks for what its field does not offer */
    public function __invoke(Person $who, string $title, BuiltList $built, bool $isShared, ?SavedList $list = null): SavedList
    {
        foreach ($built->conditions as $place => $condition) {
            if (! $this->fields->offers($condition, $who)) {
                throw new RefusedChange("conditions.$place.value", 'Choose a value');
            }
        }

        return $this->log->change($who, ($list === null ? 'Added' : 'Changed')." the list “{$title}”", static function () use (
            $who,
            $title,
            $built,
            $isShared,
            $list,
        ): SavedList {
            $record = $list ?? new SavedList(['owner_id' => $who->id]);
            $record
                ->fill([
                    'title' => $title,
                    ...$built->stored(),
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
