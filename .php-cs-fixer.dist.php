<?php

declare(strict_types=1);

return (new PhpCsFixer\Config())
    ->setRiskyAllowed(true)
    ->setUnsupportedPhpVersionAllowed(true)
    ->setRules([
        '@PSR12' => true,
        '@Symfony' => true,
        'declare_strict_types' => true,
        'concat_space' => ['spacing' => 'none'],
        'global_namespace_import' => false,
        'phpdoc_align' => ['align' => 'left'],
        'phpdoc_to_comment' => false,
        'phpdoc_summary' => false,
        'single_line_throw' => false,
        'yoda_style' => false,
        'increment_style' => ['style' => 'pre'],
        'native_function_invocation' => false,
        'nullable_type_declaration_for_default_null_value' => true,
        'trailing_comma_in_multiline' => ['elements' => ['arrays', 'arguments', 'parameters', 'match']],
    ])
    ->setFinder(
        PhpCsFixer\Finder::create()->in([
            __DIR__ . '/app',
            __DIR__ . '/core/src',
            __DIR__ . '/core/tests',
            __DIR__ . '/compat/src',
            __DIR__ . '/tests',
            __DIR__ . '/database',
            __DIR__ . '/routes',
            __DIR__ . '/bench',
        ]),
    )
    ->setCacheFile(__DIR__ . '/storage/.php-cs-fixer.cache');
