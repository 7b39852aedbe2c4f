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
