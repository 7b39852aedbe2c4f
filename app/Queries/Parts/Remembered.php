<?php

declare(strict_types=1);

namespace App\Queries\Parts;

use App\Actions\ChangeLog;
use App\Models\Workspace;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/**
 * What every screen shows and all its parts of the year go into, kept until anything is changed. Every change stands in
 * the log: while the log has no new entry and the day is the same, the answer is the same. Not to be asked within a change
 * that is taken back: what is true there never was.
 */
final readonly class Remembered
{
    public function __construct(private Workspace $workspace, private ChangeLog $log)
    {
    }

    /**
     * @template T
     *
     * @param string        $what which question this answers, and for whom if that matters
     * @param callable(): T $work
     *
     * @return T
     */
    public function of(string $what, callable $work): mixed
    {
        if (config('app.remembers') !== true) {
            return $work();
        }

        $now = [$this->log->lastEntry(), (string) $this->workspace->today(), (string) $this->workspace->updated_at];
        $key = 'remembered in '.DB::connection()->getDatabaseName().": $what";
        $kept = Cache::get($key);

        if (is_array($kept) && $kept[0] === $now) {
            /** @var T */
            return $kept[1];
        }

        $answer = $work();
        Cache::put($key, [$now, $answer], 86_400);

        return $answer;
    }
}
