<?php

declare(strict_types=1);

use Symfony\Component\Finder\Finder;

/** Who one is: nothing of it may be kept in a browser, so that it goes by visits. */
const VISITS = [
    'pages/people/Access.tsx',
    'pages/people/Account.tsx',
    'pages/people/Forgotten.tsx',
    'pages/people/SignIn.tsx',
    'pages/people/StartWorkspace.tsx',
    'parts/frame/Yourself.tsx',
];

it('sends changes by the queue alone', function (): void {
    $found = [];

    foreach (Finder::create()->files()->in(__DIR__.'/../../resources/js')->name(['*.ts', '*.tsx']) as $file) {
        $isVisit = in_array($file->getRelativePathname(), VISITS, true);
        $isQueue = str_starts_with($file->getRelativePathname(), 'lib/queue/');
        $ways = [
            '/\brouter\s*\.\s*(?:post|put|patch|delete)\(/' => ! $isVisit,
            '/\b(?:fetch|router\s*\.\s*visit)\([^;]*method:/s' => $file->getRelativePathname() !== 'lib/request.ts',
            '/useForm\b[^;]*from \'@inertiajs/' => ! $isVisit,
            '/\brequest\(\s*[\'"](?:post|put|delete)/' => ! $isQueue && $file->getFilename() !== 'useHere.ts',
        ];

        foreach ($ways as $way => $isRefused) {
            if ($isRefused && preg_match($way, $file->getContents()) === 1) {
                $found[] = "{$file->getRelativePathname()}: $way";
            }
        }
    }

    expect($found)->toBe([]);
});
