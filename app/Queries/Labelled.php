<?php

declare(strict_types=1);

namespace App\Queries;

/** A choice that people make by its name: an enum whose words stand here alone, and reach the pages with its type. */
interface Labelled
{
    /** As it stands in a list of choices. */
    public function label(): string;
}
