<?php

declare(strict_types=1);

namespace App\Queries\Parts;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/** A condition for the database: words stand in a column, in capitals or not, whatever signs are in them. */
final readonly class Containing
{
    /**
     * @template M of Model
     *
     * @param Builder<M> $query
     * @param 'and'|'or' $boolean
     *
     * @return Builder<M>
     */
    public static function words(Builder $query, string $column, string $words, string $boolean = 'and'): Builder
    {
        return $query->whereRaw(
            "lower({$query->qualifyColumn($column)}) like lower(?) escape '!'",
            ['%'.strtr($words, ['!' => '!!', '%' => '!%', '_' => '!_']).'%'],
            $boolean,
        );
    }
}
