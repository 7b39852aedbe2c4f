<?php

declare(strict_types=1);

use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\PlanningSpan;
use Loftrin\Core\Work\Capacity;

describe('a stretch that is planned', function (): void {
    it('is a period or several weeks', function (string $name, string $first, string $last, Horizon $horizon): void {
        $stretch = PlanningSpan::tryOf(new Calendar(), $name);

        expect((string) $stretch?->span->first)
            ->toBe($first)
            ->and((string) $stretch?->span->last)
            ->toBe($last)
            ->and($stretch?->horizon())
            ->toBe($horizon)
            ->and($stretch?->name)
            ->toBe($name);
    })->with([
        ['2027', '2027-01-01', '2027-12-31', Horizon::Year],
        ['2027-Q1', '2027-01-01', '2027-03-31', Horizon::Quarter],
        ['2027-02', '2027-02-01', '2027-02-28', Horizon::Month],
        ['2027-W06', '2027-02-08', '2027-02-14', Horizon::Week],
        ['2027-W06+2', '2027-02-08', '2027-02-21', Horizon::Week],
        ['2026-W53+2', '2026-12-28', '2027-01-10', Horizon::Week],
    ]);

    it('is nothing else', function (string $name): void {
        expect(PlanningSpan::tryOf(new Calendar(), $name))->toBeNull();
    })->with(['', '2027-Q5', '2027-Q1+2', '2027-W06+1', '2027-W06+7', '2027-W06+', '2027-W77+2', '2027-W06+2+2']);

    it('has a neighbour as long on either side', function (string $name, string $previous, string $next): void {
        $calendar = new Calendar();
        $stretch = PlanningSpan::tryOf($calendar, $name);

        expect($stretch?->previous($calendar)->name)->toBe($previous)->and($stretch?->next($calendar)->name)->toBe($next);
    })->with([['2027-Q1', '2026-Q4', '2027-Q2'], ['2027-W06+2', '2027-W04+2', '2027-W08+2'], ['2027', '2026', '2028']]);

    it('is over after its last day', function (): void {
        $calendar = new Calendar();
        $stretch = PlanningSpan::tryOf($calendar, '2027-W06+2');

        expect($stretch?->isOverOn($stretch->span->last))
            ->toBeFalse()
            ->and($stretch?->isOverOn($stretch->span->last->plus(1)))
            ->toBeTrue()
            ->and((string) $stretch?->anchor())
            ->toBe('2027-02-11');
    });
});

describe('a capacity', function (): void {
    it('is over when more is planned than there is', function (int $planned, int $hours, bool $isOver, ?float $load): void {
        $capacity = new Capacity($hours, planned: $planned);

        expect($capacity->isOver())
            ->toBe($isOver)
            ->and($capacity->load()?->rounded())
            ->toBe($load);
    })->with([[60, 60, false, 1.0], [61, 60, true, 1.0167], [0, 60, false, 0.0], [0, 0, false, null], [1, 0, true, null]]);

    it('has nothing available where meetings take more than the hours, and main efforts count besides', function (): void {
        expect((new Capacity(60, 90, 30))->available())
            ->toBe(0)
            ->and((new Capacity(60, 90, 30))->free())
            ->toBe(-30)
            ->and((new Capacity(480, 60, 120, 90))->free())
            ->toBe(210)
            ->and((new Capacity(480, 60))->plus(new Capacity(240, 0, 30))->with(60, 15)->free())
            ->toBe(480 + 240 - 60 - 30 - 60 - 15);
    });

    it('is rounded down to the half hour for others', function (int $free, int $shown): void {
        expect((new Capacity(600, planned: 600 - $free))->freeToOthers())->toBe($shown);
    })->with([[0, 0], [29, 0], [30, 30], [149, 120], [-1, -30], [-30, -30], [-31, -60]]);

    it('gives each day its part, so that the days add up to the week', function (int $weekly, int $days): void {
        $parts = array_map(static fn(int $place): int => Capacity::ofDay($weekly, $days, $place), range(0, $days - 1));

        expect(array_sum($parts))->toBe($weekly * 60)->and(max($parts) - min($parts))->toBeLessThanOrEqual(1);
    })->with([[40, 5], [24, 5], [37, 7], [1, 7], [0, 3]]);

    it('has many goals from the sixth on', function (): void {
        expect(Capacity::areMany(5))->toBeFalse()->and(Capacity::areMany(6))->toBeTrue();
    });
});
