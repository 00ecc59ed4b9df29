<?php

declare(strict_types=1);

return (new PhpCsFixer\Config())
    ->setRiskyAllowed(true)
    ->setUnsupportedPhpVersionAllowed(true)
    ->setCacheFile(__DIR__ . '/var/php-cs-fixer.cache')
    ->setRules([
        '@PER-CS2.0' => true,
        '@PHP82Migration' => true,
        'declare_strict_types' => true,
        'final_class' => true,
        'native_function_invocation' => false,
        'global_namespace_import' => ['import_classes' => true],
        'no_unused_imports' => true,
        'ordered_imports' => true,
    ])
    ->setFinder(
        PhpCsFixer\Finder::create()
            ->in([
                __DIR__ . '/core',
                __DIR__ . '/adapters',
                __DIR__ . '/render',
                __DIR__ . '/cli',
                __DIR__ . '/app',
                __DIR__ . '/database',
                __DIR__ . '/routes',
                __DIR__ . '/config',
                __DIR__ . '/tests',
                __DIR__ . '/bin/lib',
            ])
            ->append([__DIR__ . '/bootstrap/app.php'])
            ->exclude('demo')
            // A table, wrapped by hand.
            ->notPath('src/Part/Data/KindTable.php'),
    );
