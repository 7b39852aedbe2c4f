<?php

declare(strict_types=1);

namespace App\Actions\Capture;

use App\Models\Jot;
use App\Models\Person;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;

/** Sorts several things of the tray alike: one change, one undo. */
final readonly class SortMany
{
    public function __construct(private ChangeLog $log, private SaveJot $jots)
    {
    }

    /**
     * Makes a task of each, by what its line says.
     *
     * @param list<int> $ids
     * @param ?string $planned a day or a period, for those that do not say when
     *
     * @throws RefusedChange when one is not there, or was sorted already: then none is sorted
     */
    public function makeTasks(Person $who, array $ids, ?string $planned): void
    {
        $count = count($ids);
        $this->log->change($who, "Made $count ".Str::plural('task', $count), function () use ($who, $ids, $planned): void {
            foreach (self::find($who, $ids) as $jot) {
                $this->jots->makeTaskAsSaid($who, $jot, $planned);
            }
        });
    }

    /**
     * @param list<int> $ids
     *
     * @throws RefusedChange when one is not there
     */
    public function throwAway(Person $who, array $ids): void
    {
        $count = count($ids);
        $this->log->change($who, "Deleted $count ".Str::plural('thing', $count).' from the tray', function () use ($who, $ids): void {
            foreach (self::find($who, $ids) as $jot) {
                $this->jots->throwAway($who, $jot);
            }
        });
    }

    /**
     * @param list<int> $ids
     *
     * @return list<Jot>
     */
    private static function find(Person $who, array $ids): array
    {
        $jots = Jot::query()->whereKey($ids)->with('series')->orderBy('id')->get()->all();

        foreach ($jots as $jot) {
            if ($jot->sorted_on !== null || Gate::forUser($who)->denies('update', $jot)) {
                throw new RefusedChange('jots', 'One of these is no longer in your tray. Nothing was sorted.');
            }
        }

        return count($jots) === count(array_unique($ids))
            ? array_values($jots)
            : throw new RefusedChange('jots', 'One of these is no longer in your tray. Nothing was sorted.');
    }
}
