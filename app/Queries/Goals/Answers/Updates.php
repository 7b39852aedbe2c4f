<?php

declare(strict_types=1);

namespace App\Queries\Goals\Answers;

use App\Queries\Props;

/** What happened to the goals that a person owns or follows. */
final readonly class Updates implements Props
{
    /**
     * @param list<UpdateRow> $unread newest first
     * @param list<UpdateRow> $earlier the last ones that were read, newest first
     */
    public function __construct(public array $unread, public array $earlier)
    {
    }
}
