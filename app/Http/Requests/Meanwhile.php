<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\Request;

/**
 * The one way in which a form changes something that others may have changed meanwhile. It sends only the fields that were
 * changed, and under `seen` what stood in them when the person began. What was not sent stays as it is; what somebody else
 * changed meanwhile is refused at its field, with their text in sight beside one's own.
 */
final readonly class Meanwhile
{
    /**
     * Completes what was sent by what stands there, before it is validated.
     *
     * @param array<string, mixed> $there by field, as the form shows it
     *
     * @throws ChangedMeanwhile at each field that somebody else changed
     */
    public static function complete(Request $request, array $there): void
    {
        self::refuse($request, $there);

        if (is_array($request->input('seen'))) {
            $request->merge(array_diff_key(self::plain($there), $request->all()));
        }
    }

    /**
     * Only refuses to overwrite, where what is not sent is left alone in any case.
     *
     * @param array<string, mixed> $there by field, as the form shows it
     *
     * @throws ChangedMeanwhile at each field that somebody else changed
     */
    public static function refuse(Request $request, array $there): void
    {
        $seen = $request->input('seen');
        $seen = is_array($seen) ? $seen : [];
        $changed = array_filter(
            array_intersect_key(self::plain($there), $seen),
            static fn(mixed $value, string $field): bool => $request->has($field) &&
                ! self::same($seen[$field], $value) &&
                ! self::same($request->input($field), $value),
            ARRAY_FILTER_USE_BOTH,
        );

        if ($changed !== []) {
            throw new ChangedMeanwhile(array_map(self::words(...), $changed), $changed);
        }
    }

    /**
     * What is ticked in a list of boxes once it is saved. What the person ticked and unticked since they began is done to what
     * stands there now, so that two who tick beside each other take nothing away from each other.
     *
     * @param list<int> $there
     *
     * @return list<int>
     */
    public static function ticked(Request $request, string $field, array $there): array
    {
        $ids = static fn(mixed $list): array => array_map(intval(...), array_filter(is_array($list) ? $list : [], is_numeric(...)));
        $sent = $ids($request->input($field));
        $seen = $ids($request->input("seen.$field", $there));

        return array_values(array_unique([...array_diff($there, array_diff($seen, $sent)), ...array_diff($sent, $seen)]));
    }

    /**
     * @param array<string, mixed> $there
     *
     * @return array<string, mixed> as JSON has it
     */
    private static function plain(array $there): array
    {
        /** @var array<string, mixed> */
        return json_decode(json_encode($there, JSON_THROW_ON_ERROR), true, 64, JSON_THROW_ON_ERROR);
    }

    private static function same(mixed $one, mixed $other): bool
    {
        return self::text($one) === self::text($other);
    }

    /** Empty is empty, and a number is the same however it was typed. */
    private static function text(mixed $value): string
    {
        return match (true) {
            $value === null, $value === false, $value === [] => '',
            $value === true => '1',
            is_numeric($value) => (string) ($value + 0),
            is_string($value) => trim(str_replace("\r\n", "\n", $value)),
            default => (string) json_encode(is_array($value) ? array_map(self::text(...), $value) : $value),
        };
    }

    private static function words(mixed $value): string
    {
        return match (true) {
            is_string($value) && trim($value) !== '',
            is_numeric($value)
                => "Somebody changed this to “{$value}” while you were writing. Your text was not saved: save again to replace theirs.",
            self::text($value) === '' => 'Somebody cleared this while you were writing. Your text was not saved: save again to keep it.',
            default => 'Somebody changed this while you were writing. Your text was not saved: save again to replace theirs.',
        };
    }
}
