<?php

declare(strict_types=1);

namespace App\Queries\Parts\Answers;

use App\Models\Person;
use App\Models\Relations\Everybody;
use App\Queries\Props;

/** A person as named on a screen. */
final readonly class PersonTag implements Props
{
    public function __construct(public int $id, public string $name, public string $initials)
    {
    }

    public static function of(Person $person): self
    {
        return new self($person->id, $person->name, $person->initials);
    }

    /**
     * Everybody who is here, by name: nothing is given to those who left.
     *
     * @return list<self>
     */
    public static function all(): array
    {
        return array_values(app(Everybody::class)->present()->map(self::of(...))->all());
    }
}
