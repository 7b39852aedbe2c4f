<?php

declare(strict_types=1);

namespace App\Queries\Lists;

use App\Queries\Parts\Option;
use App\Queries\Props;

/** What a condition on a field can be. */
final readonly class FieldOptions implements Props
{
    /** @param list<Option> $options empty where it is typed */
    public function __construct(public ListField $field, public bool $isNumber, public array $options)
    {
    }
}
