<?php

declare(strict_types=1);

namespace App\Queries\Parts;

use App\Models\Goal;
use App\Models\Jot;
use App\Models\Person;
use App\Models\Project;
use App\Models\Task;
use App\Queries\Parts\Answers\ReturnRow;

/** When a task, project or goal comes back to a person's tray: by a return date of their own, or from the shelf. */
final readonly class ReturnsOf
{
    /** @return list<ReturnRow> the next first */
    public static function of(Task|Project|Goal $about, Person $viewer): array
    {
        $own = Jot::query()
            ->where('person_id', $viewer->id)
            ->where($about->getForeignKey(), $about->id)
            ->whereNull('sorted_on')
            ->whereNotNull('return_on')
            ->orderBy('return_on')
            ->orderBy('id')
            ->get();

        return [
            ...$about->return_on === null ? [] : [new ReturnRow(null, $about->return_on, null, null)],
            ...array_values(
                array_filter(
                    $own
                        ->map(
                            static fn(Jot $jot): ?ReturnRow => $jot->return_on === null
                                ? null
                                : new ReturnRow($jot->id, $jot->return_on, $jot->return_at, $jot->rhythm),
                        )
                        ->all(),
                ),
            ),
        ];
    }
}
