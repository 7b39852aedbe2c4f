<?php

declare(strict_types=1);

namespace App\Store;

use App\Models\Workspace;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/**
 * What every screen shows and all its parts of the year go into, kept until anything is changed: while the state has the
 * same name and the day is the same, the answer is the same. Within a change nothing is kept, since what is true there
 * may never become so. Keys carry the database and the build, so that neither an upgrade nor a restored backup finds
 * anything stale. It is written down once the request is answered: nobody waits for that.
 */
final class Remembered
{
    private const SECONDS = 86_400;

    /** @var array<string, array{list<string>, mixed}> worked out in this request, with the state and day for which it is true */
    private array $new = [];

    public function __construct(
        private readonly Workspace $workspace,
        private readonly ChangeLog $log,
        private readonly Turn $turn,
        private readonly Stamp $stamp,
    ) {
    }

    /**
     * @template T
     *
     * @param callable(): T $work
     *
     * @return T
     */
    public function of(Question $question, callable $work): mixed
    {
        if (config('app.remembers') !== true || $this->log->isOpen() || $this->turn->isOpen()) {
            return $work();
        }

        $now = [$question->isAboutPast ? $this->stamp->past() : $this->stamp->current(), (string) $this->workspace->today()];
        $key = implode(' ', ['remembered', config()->string('app.build'), DB::connection()->getDatabaseName(), $question->words]);
        $kept = $this->new[$key] ?? self::store()->get($key);

        if (is_array($kept) && $kept[0] === $now) {
            /** @var T */
            return $kept[1];
        }

        $answer = $work();
        $this->new[$key] = [$now, $answer];
        defer($this->write(...), self::class, always: true);

        return $answer;
    }

    private function write(): void
    {
        foreach ($this->new as $key => $answer) {
            // Another process may empty the store at this very moment: then the next one works it out again.
            rescue(static fn() => self::store()->put($key, $answer, self::SECONDS), report: false);
        }

        $this->new = [];
    }

    /** Forgets everything: what was asked for on other days is asked for no more. */
    public static function forget(): void
    {
        self::store()->clear();
    }

    private static function store(): Repository
    {
        return Cache::store('remembered');
    }
}
