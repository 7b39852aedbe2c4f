<?php

declare(strict_types=1);

use App\Models\Reading;
use App\Models\Role;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->me = Made::person(Role::Lead, 'Noor Aksoy');
    $this->goal = Made::goal($this->me, '2027-Q1', ['measure' => 'number', 'start_value' => 0, 'target_value' => 40]);
    $this->actingAs($this->me);
    $this->paste = fn(string $text, array $more = []) => $this->post("/goals/{$this->goal->id}/readings/column", [
        'text' => $text,
        'last' => '2027-02-10',
        ...$more,
    ]);
    $this->there = fn(): array => Reading::query()
        ->orderBy('on')
        ->orderBy('id')
        ->get()
        ->map(static fn(Reading $reading): string => "$reading->on ".(float) $reading->value)
        ->all();
});

it('leaves out what is there already, and says so', function (): void {
    ($this->paste)("2027-01-11\t3\n2027-01-18\t5,5")->assertSessionHasNoErrors();
    ($this->paste)("2027-01-11\t3\n2027-01-18\t5,50\n2027-01-25\t7\n2027-01-18\t6")->assertSessionHasNoErrors();

    expect(($this->there)())
        ->toBe(['2027-01-11 3', '2027-01-18 5.5', '2027-01-18 6', '2027-01-25 7'])
        ->and(session('change')['words'])
        ->toContain('Entered 2 readings')
        ->toContain('2 of 4 were there already');
    $this->post('/undo')->assertSessionHasNoErrors();
    expect(($this->there)())->toBe(['2027-01-11 3', '2027-01-18 5.5']);
    ($this->paste)("2027-01-11\t3\n2027-01-18\t5.5")->assertSessionHasErrors(['text' => 'All 2 readings are there already.']);
});

it('names all lines that it cannot read, and enters none', function (): void {
    ($this->paste)("2027-01-11\t3\nx\n2027-01-18\tfour\n2027-01-25\t7")->assertSessionHasErrors([
        'text' => 'Not a day and a value: line 2 “x”, line 3 “2027-01-18 four”.',
    ]);
    expect(($this->there)())->toBe([]);
});

it('asks for the order of dates that can be read both ways, and takes what is answered', function (): void {
    $text = "3/1/2027\t1\n5/1/2027\t2";
    ($this->paste)($text)->assertSessionHasErrors(['order' => 'Does “3/1/2027” begin with the day or with the month?']);
    expect(($this->there)())->toBe([]);
    ($this->paste)($text, ['order' => 'day'])->assertSessionHasNoErrors();
    expect(($this->there)())->toBe(['2027-01-03 1', '2027-01-05 2']);
    ($this->paste)($text, ['order' => 'year'])->assertSessionHasErrors('order');
});

it('asks about a day long before the goal, and about none within a year of it', function (): void {
    ($this->paste)("2017-01-11\t3")->assertSessionHasErrors(['sure' => '11 Jan 2017 is 9 years before this goal begins. Is that right?']);
    $this->post("/goals/{$this->goal->id}/readings", ['on' => '2025-12-31', 'value' => '3'])->assertSessionHasErrors('sure');
    expect(($this->there)())->toBe([]);
    ($this->paste)("2026-02-01\t1")->assertSessionHasNoErrors();
    ($this->paste)("2017-01-11\t3", ['sure' => true])->assertSessionHasNoErrors();
    $this->post("/goals/{$this->goal->id}/readings", ['on' => '2025-12-31', 'value' => '3', 'sure' => true])->assertSessionHasNoErrors();

    expect(($this->there)())->toBe(['2017-01-11 3', '2025-12-31 3', '2026-02-01 1']);
});

it('takes none of a column that has a day to come', function (): void {
    ($this->paste)("2027-02-09\t3\n2027-02-11\t4")->assertSessionHasErrors([
        'text' => 'A reading cannot be dated in the future: 2027-02-11.',
    ]);
    expect(($this->there)())->toBe([]);
});
