<?php

declare(strict_types=1);

namespace App\Queries\Capture\Answers;

use App\Queries\Props;

/** Whose tray it is, where several people sort it. */
final readonly class TrayOf implements Props
{
    /** @param 'area'|'series' $kind */
    public function __construct(public string $kind, public int $id, public string $title, public string $link)
    {
    }
}
