<?php

declare(strict_types=1);

namespace App\Actions\Undo;

use App\Models\Goal;
use App\Models\Person;
use App\Store\RefusedChange;
use Illuminate\Auth\Access\Response;
use Illuminate\Support\Facades\Gate;

/** Asks today's rights: who may not change something any more cannot undo what they did to it when they could. */
final readonly class Permitted
{
    /** @throws RefusedChange when the person may not change it today */
    public static function check(Person $who, LoggedWrite $entry): void
    {
        $may = self::asked($who, $entry);

        if ($may->denied()) {
            throw new RefusedChange(
                'undo',
                $may->status() === 404 ? 'You can no longer see this. Nothing was undone.' : $may->message().' Nothing was undone.',
            );
        }
    }

    public static function may(Person $who, LoggedWrite $entry): bool
    {
        return self::asked($who, $entry)->allowed();
    }

    private static function asked(Person $who, LoggedWrite $entry): Response
    {
        $record = $entry->closedGoal() ?? $entry->subject();
        $gate = Gate::forUser($who);
        $may = $gate->inspect('update', $record);

        return $may->allowed() && $record instanceof Goal && $entry->isChanged('is_main')
            ? $gate->inspect('makeMain', $record)
            : $may;
    }
}
