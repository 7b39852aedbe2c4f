<?php

declare(strict_types=1);

namespace App\Actions\Undo;

use App\Models\Goal;
use App\Models\Person;
use App\Store\RefusedChange;
use Illuminate\Support\Facades\Gate;

/** Asks today's rights: who may not change something any more cannot undo what they did to it when they could. */
final readonly class Permitted
{
    /** @throws RefusedChange when the person may not change it today */
    public static function check(Person $who, LoggedWrite $entry): void
    {
        $record = $entry->subject();

        $gate = Gate::forUser($who);
        $may = $gate->inspect('update', $record);

        if ($may->allowed() && $record instanceof Goal && array_key_exists('is_main', $entry->now)) {
            $may = $gate->inspect('makeMain', $record);
        }

        if ($may->denied()) {
            throw new RefusedChange('undo', $may->status() === 404 ? 'This is no longer there for you. Nothing was undone.' : $may->message().' Nothing was undone.');
        }
    }
}
