<?php

declare(strict_types=1);

/** Words that are not used for what docs/glossary.md calls otherwise; each as a pattern over what people read. */
const REPLACED = [
    '\bcircles?\b',
    '\boutlooks?\b',
    '\broutines?\b',
    '\btheme\b',
    '\bhangs? on\b',
    '\bstands? alone\b',
    '\bserv(?:es|ing) (?:no|a|the|it)\b',
    '\bcame along\b',
    '\blook(?:s|ed)? over\b',
    '\bunder way\b',
    '\bwaits? on\b',
    '\bask again\b',
    '\btake out\b',
    '\bthrow away\b',
    '\blet (?:it )?go\b',
    '\bsay (?:it|anew)\b',
    '\bsealed\b',
    '\bmissed it\b',
    '\bset aside\b',
    '\bletters?\b',
    '\bsteady output\b',
    '\blay out\b',
    '\bthe stock\b',
    '\buntouched\b',
    '\bundated\b',
    '\bcomes? about\b',
    '\bfits my gap\b',
    '\bfirst in line\b',
    '\bwhat reaches you\b',
    '\bwho does what by when\b',
    '\bThere is no such\b',
    '\bin the way\b',
    '\bworn by\b',
    '\bunmark\b',
    '\blogbook\b',
];

/** Ordinary words in another sense. */
const EXCEPTED = ['two letters', 'Two letters', 'theme=', 'theme: Theme', 'there is no such day'];

/** What is a question to the database, or code. */
const CODE = '/\b(?i:select|from)\b[^.]*\b(?i:where|from|in|join)\b *[\w("]+[._(]|=>|\(\)|::|->|\bapp\\\\|^App/';

/** @return list<string> what people may read in a file: its texts, without comments, classes and code */
function textsIn(string $path): array
{
    $source = (string) preg_replace(['#/\*.*?\*/#s', '#(?<![:\'"])//[^\n]*#'], '', (string) file_get_contents($path));
    $texts = ['\'((?:[^\'\\\\\n]|\\\\.)*)\'', '"((?:[^"\\\\\n]|\\\\.)*)"', '`([^`]*)`', '[>}]([^<>{}]+)[<{]'];
    preg_match_all('/'.implode('|', $texts).'/', $source, $found, PREG_SET_ORDER);
    $texts = array_map(static fn(array $match): string => trim((string) end($match)), $found);

    return array_values(
        array_filter(
            $texts,
            static fn(string $text): bool => preg_match('/[a-z’”] [a-z“]|^[A-Z][a-z]+/u', $text) === 1 &&
                preg_match(CODE, $text) !== 1,
        ),
    );
}

it('says things in the words of the glossary', function (): void {
    $found = [];

    foreach (filesIn('app', 'core', 'resources/js') as $path) {
        if (preg_match('#\.(php|tsx?)$#', $path) !== 1 || str_contains($path, '/generated/')) {
            continue;
        }

        foreach (textsIn($path) as $text) {
            $plain = str_replace(EXCEPTED, '', (string) preg_replace('/\$\{[^}]*\}/', '', $text));

            if (preg_match('/'.implode('|', REPLACED).'/i', $plain, $word) === 1) {
                $found[] = basename($path).": “{$word[0]}” in “{$text}”";
            }
        }
    }

    expect($found)->toBe([]);
});
