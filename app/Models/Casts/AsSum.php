<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Loftrin\Core\Decimal;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Contributor;
use Loftrin\Core\Goals\ContributorKind;
use Loftrin\Core\Work\LeftOut;

/**
 * The lines of a sum, kept as text: what they weighed and counted then, to four decimals.
 *
 * @implements CastsAttributes<list<Contributor>, list<Contributor>>
 */
final class AsSum implements CastsAttributes
{
    /** @return ?list<Contributor> */
    public function get(Model $model, string $key, mixed $value, array $attributes): ?array
    {
        if (! is_string($value)) {
            return null;
        }

        /**
         * @var list<array{
         *     kind: string, id: ?string, weight: string, progress: ?string, left_out: ?string, since: ?string, is_rest?: bool,
         * }> $stored
         */
        $stored = json_decode($value, true, flags: JSON_THROW_ON_ERROR);
        $lines = array_map(
            static fn(array $line): Contributor => new Contributor(
                kind: ContributorKind::from($line['kind']),
                id: $line['id'],
                weight: Fraction::parse($line['weight']),
                progress: $line['progress'] === null ? null : Fraction::parse($line['progress']),
                leftOut: $line['left_out'] === null ? null : LeftOut::from($line['left_out']),
                since: AsDay::read($line['since']),
                isRest: $line['is_rest'] ?? false,
            ),
            $stored,
        );
        $weights = array_reduce(
            $lines,
            static fn(Fraction $sum, Contributor $line): Fraction => $line->leftOut !== null || $line->isRest
                ? $sum
                : $sum->plus($line->weight),
            Fraction::zero(),
        );

        return array_map(static fn(Contributor $line): Contributor => $line->among($weights), $lines);
    }

    /** @param ?list<Contributor> $value */
    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        if ($value === null) {
            return null;
        }

        return json_encode(
            array_map(
                static fn(Contributor $line): array => [
                    'kind' => $line->kind->value,
                    'id' => $line->id,
                    'weight' => Decimal::of($line->weight->rounded()),
                    'progress' => $line->progress === null ? null : Decimal::of($line->progress->rounded()),
                    'left_out' => $line->leftOut?->value,
                    'since' => $line->since === null ? null : (string) $line->since,
                    'is_rest' => $line->isRest,
                ],
                $value,
            ),
            JSON_THROW_ON_ERROR,
        );
    }
}
