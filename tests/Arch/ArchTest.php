<?php

declare(strict_types=1);

use App\Models\Record;

arch('the core knows nothing of the application around it')
    ->expect('Loftrin\Core')
    ->toOnlyUse(['Brick\Math', 'Sabre\VObject']);

arch('the core does not ask what time it is')
    ->expect(['date', 'time', 'microtime', 'strtotime', 'rand', 'random_int', 'mt_rand'])
    ->not->toBeUsedIn('Loftrin\Core');

arch('every file is strict')
    ->expect(['App', 'Loftrin\Core', 'Database\Demo'])
    ->toUseStrictTypes();

arch('nothing is left to be found by hand')
    ->expect(['dd', 'dump', 'var_dump', 'ray', 'print_r', 'die'])
    ->not->toBeUsed();

arch('records are written by actions alone')
    ->expect('App\Http\Controllers')
    ->not->toUse(['Illuminate\Support\Facades\DB', 'Spatie\Activitylog']);

arch('every record can be logged and undone')
    ->expect('App\Models')
    ->classes()
    ->toExtend(Record::class)
    ->ignoring([Record::class, 'App\Models\Casts', 'App\Models\Relations']);

it('has records that name their tables: working out plurals takes longer than reading a row', function (): void {
    foreach (glob(__DIR__.'/../../app/Models/*.php') ?: [] as $file) {
        $class = new ReflectionClass('App\\Models\\'.basename($file, '.php'));
        $isNamed =
            ! $class->isSubclassOf(Record::class) || $class->isAbstract() || is_string($class->getProperty('table')->getDefaultValue());
        expect($isNamed)->toBeTrue("{$class->getName()} names no table");
    }
});

arch('models know no rules')
    ->expect('App\Models')
    ->not->toUse(['Loftrin\Core\Goals\Rollup', 'Loftrin\Core\Goals\Plan', 'Loftrin\Core\Goals\Forecaster', 'Loftrin\Core\Work\Doable']);

arch('actions and queries are small and closed')
    ->expect(['App\Actions', 'App\Queries', 'Loftrin\Core'])
    ->classes()
    ->toBeFinal();

it('has no method longer than one sees at once', function (): void {
    $long = [];

    foreach (classesIn('app', 'core', 'database/demo') as $class) {
        foreach ($class->getMethods() as $method) {
            $lines = $method->getEndLine() - $method->getStartLine() + 1;

            // A constructor is a list of what there is.
            if ($lines > 50 && ! $method->isConstructor() && $method->getFileName() === $class->getFileName()) {
                $long[] = "{$class->getName()}::{$method->getName()} has $lines lines";
            }
        }
    }

    expect($long)->toBe([]);
});

arch('names say what a thing is')
    ->expect(['App', 'Loftrin\Core'])
    ->classes()
    ->not->toHaveSuffix('Manager')
    ->not->toHaveSuffix('Helper')
    ->not->toHaveSuffix('Util')
    ->not->toHaveSuffix('Service');

it('tells questions and their answers apart by folder', function (): void {
    $misplaced = [];

    foreach (filesIn('app/Queries') as $path) {
        $name = basename($path, '.php');
        $isAnswer = str_contains((string) file_get_contents($path), ' implements Props');

        if ($isAnswer !== str_contains($path, '/Answers/') || ($isAnswer && str_ends_with($name, 'Page'))) {
            $misplaced[] = $path;
        }
    }

    expect($misplaced)->toBe([]);
});

it('keeps lines under 140 characters', function (): void {
    $long = [];

    $folders = ['app', 'bin', 'bootstrap', 'config', 'core', 'database', 'resources/css', 'resources/js', 'routes', 'tests'];

    foreach (filesIn(...$folders) as $path) {
        $isOurs = preg_match('#\.(php|tsx?|css)$|/bin/[a-z]+$#', $path) === 1 && preg_match('#generated|/cache/#', $path) === 0;

        foreach ($isOurs ? (array) file($path) : [] as $number => $line) {
            if (mb_strlen(rtrim((string) $line)) > 140) {
                $long[] = "$path:".($number + 1);
            }
        }
    }

    expect($long)->toBe([]);
});

it('keeps files under 250 lines', function (): void {
    $long = [];

    foreach (filesIn('app', 'core', 'database', 'resources/js', 'routes') as $path) {
        if (preg_match('#\.(php|tsx?|css)$#', $path) === 1 && ! str_contains($path, 'generated') && count((array) file($path)) > 250) {
            $long[] = $path;
        }
    }

    expect($long)->toBe([]);
});
