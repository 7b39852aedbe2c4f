<?php

declare(strict_types=1);

namespace App\Models;

/** Who is told of each record that is written. */
interface Journal
{
    /** @param string $event created, updated or deleted */
    public function note(Record $record, string $event): void;
}
