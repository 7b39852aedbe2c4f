<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;

/**
 * How one person wants to be told on one occasion.
 *
 * @property int $person_id
 * @property Occasion $occasion
 * @property Reach $reach
 */
final class Wish extends Record
{
    protected $table = 'wishes';

    /**
     * Where a person wants to hear of it; in the news, as long as they have no wish.
     *
     * @param Collection<int, self> $wishes
     */
    public static function among(Collection $wishes, int $person, Occasion $occasion): Reach
    {
        return $wishes->first(static fn(self $wish): bool => $wish->person_id === $person && $wish->occasion === $occasion)->reach ??
            Reach::News;
    }

    protected function casts(): array
    {
        return ['occasion' => Occasion::class, 'reach' => Reach::class];
    }
}
