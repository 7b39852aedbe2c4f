<?php

declare(strict_types=1);

/**
 * Which of the application's layers each may use: what is stored, changed and remembered knows nothing of who asks for it.
 * By the names that stand in the files, imported or not, so that a class of the same folder or a full name is no way around.
 */
const LAYERS = [
    'Store' => ['Models', 'Store'],
    'Models' => ['Models'],
    'Policies' => ['Models', 'Policies'],
    'Queries' => ['Models', 'Store', 'Queries', 'Policies'],
    'Actions' => ['Models', 'Store', 'Queries', 'Actions', 'Policies', 'Exchange'],
];

/** @return list<string> uses of a layer that a file of another may not use */
function breaches(string $layer): array
{
    $found = [];
    $root = dirname(__DIR__, 2).'/app';

    foreach (filesIn("app/$layer") as $file) {
        $code = implode(
            '',
            array_map(
                static fn(PhpToken $token): string => in_array($token->id, [T_NAME_QUALIFIED, T_NAME_FULLY_QUALIFIED], true)
                    ? ' '.ltrim($token->text, '\\').' '
                    : '',
                PhpToken::tokenize((string) file_get_contents($file)),
            ),
        );
        preg_match_all('/ App\\\\(\w+)[\\\\ ]/', $code, $used);

        foreach (array_diff(array_unique($used[1]), LAYERS[$layer]) as $other) {
            $found[] = substr($file, strlen($root) + 1)." uses $other";
        }
    }

    return $found;
}

it('uses only the layers beneath', function (string $layer): void {
    expect(breaches($layer))->toBe([]);
})->with(array_keys(LAYERS));

it('answers actions with no page', function (): void {
    $pages = [];

    foreach (filesIn('app/Actions') as $file) {
        preg_match_all('/App\\\\Queries\\\\\w+\\\\(\w+Page)\b/', (string) file_get_contents($file), $used);
        array_push($pages, ...$used[1]);
    }

    expect($pages)->toBe([]);
});
