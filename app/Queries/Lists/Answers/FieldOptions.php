<?php

declare(strict_types=1);

namespace App\Queries\Lists\Answers;

use App\Queries\Lists\ListField;
use App\Queries\Parts\Answers\Option;
use App\Queries\Props;

/** What a condition on a field can be. */
final readonly class FieldOptions implements Props
{
    /** @param list<Option> $options empty where it is typed */
    public function __construct(public ListField $field, public bool $isNumber, public array $options)
    {
    }
}
