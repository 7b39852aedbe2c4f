<?php

declare(strict_types=1);

use App\Models\LogLine;
use App\Models\Role;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->me = Made::person(name: 'Noor Aksoy');
    $this->other = Made::person(Role::Lead, 'Elif Demir');
    $this->actingAs($this->me);
    $this->day = fn(string $at = '/'): array => $this->props($at)['page'];
});

describe('the log', function (): void {
    it('keeps lines in the order of time, the tag from their first word', function (): void {
        $this->post('/log-lines', ['on' => Made::TODAY, 'words' => 'Finding: one key against a deposit']);
        $this->post('/log-lines', ['on' => Made::TODAY, 'words' => 'Fog until nine', 'at' => '08:10']);
        $log = ($this->day)()['log'];

        expect(array_column($log, 'words'))
            ->toBe(['Fog until nine', 'one key against a deposit'])
            ->and(array_column($log, 'tag'))
            ->toBe([null, 'finding'])
            ->and($log[1]['at'])
            ->toBe('09:00');
    });

    it('is written for any day that has begun, and changed later', function (): void {
        $this->post('/log-lines', ['on' => '2026-02-28', 'words' => 'Snow', 'at' => '07:00'])->assertSessionHasNoErrors();
        $line = LogLine::query()->sole();
        $this->put("/log-lines/$line->id", [
            'words' => 'Snow, a metre of it',
            'at' => '07:30',
            'tag' => 'idea',
        ])->assertSessionHasNoErrors();

        expect(($this->day)('/days/2026-02-28')['log'][0])->toMatchArray([
            'words' => 'Snow, a metre of it',
            'at' => '07:30',
            'tag' => 'idea',
        ]);
        $this->delete("/log-lines/$line->id");
        expect(LogLine::query()->count())->toBe(0);
        $this->post('/undo');
        expect(LogLine::query()->sole()->words)->toBe('Snow, a metre of it');
    });

    it('refuses a day to come, nothing written, and a time that is none', function (): void {
        $this->assertRefused(
            'post',
            '/log-lines',
            ['on' => '2027-02-11', 'words' => 'x'],
            [
                'words' => 'This day is still to come. Jot it, or plan it.',
            ],
        );
        $this->post('/log-lines', ['on' => Made::TODAY, 'words' => ' '])->assertSessionHasErrors('words');
        $this->post('/log-lines', ['on' => Made::TODAY, 'words' => 'x', 'at' => '25:00'])->assertSessionHasErrors('at');
        expect(LogLine::query()->count())->toBe(0);
    });

    it('is found again by tag and by words over all months, whatever its letters', function (): void {
        $lines = [['2026-07-01', 'Decision: Pay 100% of the DEPOSIT'], ['2027-01-05', 'Finding: it drifts'], [Made::TODAY, 'A plain line']];

        foreach ($lines as [$on, $words]) {
            $this->post('/log-lines', ['on' => $on, 'words' => $words]);
        }

        $found = fn(string $query): array => array_column(($this->day)("/log$query")['lines'], 'words');
        expect($found(''))
            ->toBe(['A plain line'])
            ->and($found('/2026-07'))
            ->toBe(['Pay 100% of the DEPOSIT'])
            ->and($found('?tag=finding'))
            ->toBe(['it drifts'])
            ->and($found('?words=deposit'))
            ->toBe(['Pay 100% of the DEPOSIT'])
            ->and($found('?words='.urlencode('100%')))
            ->toBe(['Pay 100% of the DEPOSIT'])
            ->and($found('?words='.urlencode('%')))
            ->toBe(['Pay 100% of the DEPOSIT'])
            ->and($found('?words=_'))
            ->toBe([])
            ->and($found('?tag=finding&words=deposit'))
            ->toBe([]);
    });
});
