<?php

declare(strict_types=1);

use Loftrin\Core\People\Audience;

it('knows whom it admits and whom it includes', function (): void {
    [$all, $two, $one, $other] = [Audience::everyone(), Audience::of([1, 2]), Audience::of([1]), Audience::of([3])];

    expect($all->admits(9))
        ->toBeTrue()
        ->and($two->admits(2))
        ->toBeTrue()
        ->and($two->admits(3))
        ->toBeFalse()
        ->and($all->isEveryone())
        ->toBeTrue()
        ->and($two->isEveryone())
        ->toBeFalse()
        ->and($all->includes($two))
        ->toBeTrue()
        ->and($all->includes($all))
        ->toBeTrue()
        ->and($two->includes($one))
        ->toBeTrue()
        ->and($two->includes($two))
        ->toBeTrue()
        ->and($one->includes($two))
        ->toBeFalse()
        ->and($two->includes($other))
        ->toBeFalse()
        ->and($two->includes($all))
        ->toBeFalse();
});
