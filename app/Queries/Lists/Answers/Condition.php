<?php

declare(strict_types=1);

namespace App\Queries\Lists\Answers;

use App\Queries\Lists\ListField;
use App\Queries\Props;

/** One condition of a saved list. */
final readonly class Condition implements Props
{
    /** @param string $value one of those that its field offers, a number, or words */
    public function __construct(public ListField $field, public string $value)
    {
    }
}
