<?php

declare(strict_types=1);

return (new PhpCsFixer\Config())
    ->setUnsupportedPhpVersionAllowed(true)
    ->setRiskyAllowed(true)
    ->setCacheFile(__DIR__.'/var/php-cs-fixer.cache')
    ->setRules([
        '@Symfony' => true,
        '@Symfony:risky' => true,
        'declare_strict_types' => true,
        'single_line_throw' => false,
        'phpdoc_to_comment' => false,
        'phpdoc_align' => ['align' => 'left'],
        'yoda_style' => ['equal' => true, 'identical' => true, 'less_and_greater' => null],
        'native_function_invocation' => ['include' => ['@compiler_optimized'], 'scope' => 'namespaced', 'strict' => true],
        'no_superfluous_phpdoc_tags' => ['allow_mixed' => true],
        'ordered_imports' => true,
    ])
    ->setFinder(PhpCsFixer\Finder::create()
        ->in(array_map(
            static fn (string $folder): string => __DIR__.'/'.$folder,
            ['core', 'src', 'tests', 'config', 'migrations', 'public'],
        ))
        ->append(array_map(static fn (string $file): string => __DIR__.'/bin/'.$file, [
            'console', 'figure', 'book', 'bench', 'bench-alike', 'bench-photos', 'bench-chain', 'bench-recording', 'bench-scale',
            'bench-stories', 'bench-told', 'columns', 'diagnose', 'draw', 'infer', 'judge', 'sheet', 'versions',
            'launcher/bench-client.php',
        ]))
        ->append([__FILE__])
        ->notPath('reference.php'));
