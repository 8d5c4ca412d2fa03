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
    ->setFinder(PhpCsFixer\Finder::create()->in([__DIR__.'/core', __DIR__.'/src', __DIR__.'/tests', __DIR__.'/config', __DIR__.'/migrations', __DIR__.'/public'])->append([__DIR__.'/bin/console', __DIR__.'/bin/figure', __DIR__.'/bin/book', __DIR__.'/bin/bench', __DIR__.'/bin/bench-photos', __DIR__.'/bin/bench-chain', __DIR__.'/bin/bench-stories', __DIR__.'/bin/infer', __DIR__.'/bin/launcher/bench-client.php', __FILE__])->notPath('reference.php'));
