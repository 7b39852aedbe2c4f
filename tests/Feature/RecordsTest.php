<?php

declare(strict_types=1);

use App\Models\Record;
use Database\Demo\Saltglass;
use Loftrin\Core\Calendar\Day;

it('reads each column as the framework reads it', function (): void {
    Saltglass::load(Day::of('2027-02-10'));
    $read = 0;

    foreach (glob(app_path('Models/*.php')) ?: [] as $file) {
        $class = 'App\\Models\\'.basename($file, '.php');

        if (! is_subclass_of($class, Record::class) || (new ReflectionClass($class))->isAbstract()) {
            continue;
        }

        foreach ($class::query()->limit(20)->get() as $record) {
            foreach (array_keys($record->getAttributes()) as $column) {
                expect($record->getAttribute($column))->toEqual($record->getAttributeValue($column));
                $read++;
            }
        }
    }

    expect($read)->toBeGreaterThan(1000);
});
