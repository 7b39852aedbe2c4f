<?php

declare(strict_types=1);

use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

pest()->extend(TestCase::class)->use(RefreshDatabase::class)->beforeEach(fn() => $this->countWhatIsStoredByHand())->in('Feature');
// Several processes on a database in a file, which no transaction around the test can hold.
pest()->extend(TestCase::class)->in('Processes');

/** @return iterable<string> every file below the folders of the project */
function filesIn(string ...$folders): iterable
{
    foreach ($folders as $folder) {
        foreach (
            new RecursiveIteratorIterator(
                new RecursiveDirectoryIterator(dirname(__DIR__)."/$folder", FilesystemIterator::SKIP_DOTS),
            ) as $file
        ) {
            yield (string) $file;
        }
    }
}

/** @return iterable<ReflectionClass<object>> every class, interface, trait and enum below the folders, by the names that composer knows */
function classesIn(string ...$folders): iterable
{
    $spaces = ['app/' => 'App\\', 'core/' => 'Loftrin\\Core\\', 'database/demo/' => 'Database\\Demo\\'];

    foreach (filesIn(...$folders) as $file) {
        $path = substr($file, strlen(dirname(__DIR__)) + 1, -strlen('.php'));
        $class = strtr(str_replace(array_keys($spaces), array_values($spaces), $path), '/', '\\');

        if (str_ends_with($file, '.php') && (class_exists($class) || interface_exists($class) || trait_exists($class))) {
            yield new ReflectionClass($class);
        }
    }
}
