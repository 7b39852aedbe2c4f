<?php

declare(strict_types=1);

namespace App\Queries\Capture\Answers;

use App\Queries\Capture\TimedReturn;
use App\Queries\Props;
use Illuminate\Support\Carbon;

/** What comes back today at a time which is yet to come. */
final readonly class Alert implements Props
{
    /**
     * @param string $at on the wall clock of the workspace, HH:MM
     * @param int $left seconds until then: the browser's own clock may be set to another zone
     */
    public function __construct(public int $id, public string $words, public string $at, public int $left)
    {
    }

    /** @param Carbon $now on the wall clock of the workspace */
    public static function of(TimedReturn $return, Carbon $now): self
    {
        return new self(
            $return->id,
            $return->words,
            $return->at,
            max(0, (int) $now->diffInSeconds($now->copy()->setTimeFromTimeString($return->at))),
        );
    }
}
