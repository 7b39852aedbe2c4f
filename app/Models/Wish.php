<?php

declare(strict_types=1);

namespace App\Models;

/**
 * How one person wants to be told on one occasion.
 *
 * @property int      $person_id
 * @property Occasion $occasion
 * @property Reach    $reach
 */
final class Wish extends Record
{
    public static function of(int $person, Occasion $occasion): Reach
    {
        return self::query()->where('person_id', $person)->where('occasion', $occasion)->first()->reach ?? Reach::News;
    }

    protected function casts(): array
    {
        return ['occasion' => Occasion::class, 'reach' => Reach::class];
    }
}
