<?php

declare(strict_types=1);

namespace App\Actions\Day;

use App\Models\LogLine;
use App\Models\Person;
use App\Models\Workspace;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Illuminate\Support\Str;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Day\LogTag;

/** The running log of a person's day. */
final readonly class WriteLog
{
    public function __construct(private ChangeLog $log, private Workspace $workspace)
    {
    }

    /**
     * @param string $words may begin with its tag: "Finding: …"
     * @param ?string $at HH:MM; now when null
     *
     * @throws RefusedChange of a day to come
     */
    public function add(Person $who, Day $on, string $words, ?string $at): LogLine
    {
        if ($on->isAfter($this->workspace->today())) {
            throw new RefusedChange('words', 'This day is still to come. Jot it, or plan it.');
        }

        [$tag, $rest] = LogTag::read($words);

        return $this->log->change(
            $who,
            'Added a line to the log',
            fn(): LogLine => LogLine::query()->create([
                'person_id' => $who->id,
                'on' => $on,
                'at' => $at ?? $this->workspace->now()->format('H:i'),
                'words' => $rest,
                'tag' => $tag,
            ]),
        );
    }

    public function change(Person $who, LogLine $line, string $words, string $at, ?LogTag $tag): void
    {
        [$said, $rest] = LogTag::read($words);
        $this->log->change(
            $who,
            self::named('Changed', $line),
            static fn() => $line->update(['words' => $rest, 'at' => $at, 'tag' => $said ?? $tag]),
        );
    }

    public function remove(Person $who, LogLine $line): void
    {
        $this->log->change($who, self::named('Deleted', $line), static fn() => $line->delete());
    }

    private static function named(string $did, LogLine $line): string
    {
        return "$did “".Str::limit($line->words, 60, '…').'”';
    }
}
