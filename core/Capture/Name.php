<?php

declare(strict_types=1);

namespace Loftrin\Core\Capture;

/** Somebody or something that a line can name. */
final readonly class Name
{
    public function __construct(public NameKind $kind, public string $id, public string $words)
    {
    }
}
