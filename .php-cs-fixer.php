<?php

declare(strict_types=1);

use PhpCsFixer\Config;
use PhpCsFixer\Finder;
use PhpCsFixer\Runner\Parallel\ParallelConfig;

return (new Config())
    ->setRiskyAllowed(true)
    ->setRules([
        '@PER-CS2x0' => true,
        '@PHP82Migration' => true,
        'declare_strict_types' => true,
        'no_unused_imports' => true,
        'ordered_imports' => true,
        'global_namespace_import' => true,
        'fully_qualified_strict_types' => ['import_symbols' => true],
        'concat_space' => ['spacing' => 'none'],
        'not_operator_with_successor_space' => true,
        'new_with_parentheses' => true,
        'single_quote' => true,
        'strict_comparison' => true,
        'trailing_comma_in_multiline' => ['elements' => ['arguments', 'arrays', 'match', 'parameters']],
        'blank_line_before_statement' => ['statements' => ['return', 'throw', 'if', 'foreach', 'for', 'while', 'switch', 'try']],
        'phpdoc_align' => ['align' => 'left'],
        'phpdoc_trim' => true,
        'single_line_empty_body' => false,
        'braces_position' => ['allow_single_line_empty_anonymous_classes' => false],
    ])
    ->setFinder(
        Finder::create()
            ->in([
                __DIR__.'/app',
                __DIR__.'/bin',
                __DIR__.'/bootstrap',
                __DIR__.'/config',
                __DIR__.'/core',
                __DIR__.'/database',
                __DIR__.'/routes',
                __DIR__.'/tests',
            ])
            ->exclude('cache')
            ->append([__FILE__]),
    )
    ->setParallelConfig(new ParallelConfig(2))
    ->setCacheFile(__DIR__.'/storage/framework/cache/php-cs-fixer.json');
