<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Tests\Feature\Writes;

/** What a person could enter that no field takes. */
const WRONG = [
    'nothing' => '',
    'broken words' => "twelve\0 \xC3\x28",
    'a long text' => 'LONG',
    'twenty digits' => '99999999999999999999',
    'less than nothing' => -1,
    'a list' => [['x' => ['y']]],
    'a day that is not' => '2027-02-30',
];

beforeEach(function (): void {
    Storage::fake();
    [$owner, $this->at, $this->sent] = Writes::prepared();
    $this->actingAs($owner);
});

it('says in a sentence of plain English what does not fit, of every field of every write', function (mixed $value): void {
    $value = $value === 'LONG' ? str_repeat('Ask the diver. ', 2000) : $value;
    $raw = [];
    $said = 0;

    foreach ($this->sent as $name => $fields) {
        [$method, $address] = Writes::address($name, $this->at);

        foreach (array_keys($fields) as $field) {
            DB::beginTransaction();
            $status = $this->$method($address, [...$fields, $field => $value])->status();
            DB::rollBack();

            if ($status >= 500) {
                $raw[] = "$name $field: $status";
            }

            foreach (session('errors')?->all() ?? [] as $message) {
                $said++;
                $isRaw = preg_match('/\bfield\b|_|[a-z][A-Z]|\.\d|\.\*|validation/', $message) === 1;
                $isSentence = preg_match('/^[\p{Lu}“\d].*[.?]$/us', $message) === 1;

                if ($isRaw || ! $isSentence) {
                    $raw[] = "$name $field: $message";
                }
            }

            session()->forget('errors');
        }
    }

    expect(array_values(array_unique($raw)))->toBe([])->and($said)->toBeGreaterThan(20);
})->with(array_map(static fn(mixed $value): array => [$value], WRONG));
