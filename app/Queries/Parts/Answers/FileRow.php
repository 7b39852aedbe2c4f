<?php

declare(strict_types=1);

namespace App\Queries\Parts\Answers;

use App\Queries\Props;

final readonly class FileRow implements Props
{
    public function __construct(public int $id, public string $name, public int $bytes)
    {
    }
}
