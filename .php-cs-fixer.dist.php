<?php

declare(strict_types=1);

use PhpCsFixer\Config;
use PhpCsFixer\Finder;
use PhpCsFixer\Runner\Parallel\ParallelConfig;

return (new Config())
    ->setUnsupportedPhpVersionAllowed(true)
    ->setRiskyAllowed(true)
    ->setParallelConfig(new ParallelConfig(2, 20))
    ->setRules([
        '@Symfony' => true,
        '@Symfony:risky' => true,
        'declare_strict_types' => true,
        'phpdoc_to_comment' => false,
        'phpdoc_align' => ['align' => 'vertical', 'tags' => ['param']],
        'single_line_throw' => false,
        'method_argument_space' => ['on_multiline' => 'ensure_fully_multiline'],
        'concat_space' => ['spacing' => 'none'],
        'native_constant_invocation' => ['scope' => 'namespaced'],
    ])
    ->setCacheFile(__DIR__.'/var/php-cs-fixer.cache')
    ->setFinder((new Finder())->in(['core', 'src', 'tests', 'migrations', 'tools', 'config'])->name('*.php')->notPath('reference.php')->append([__FILE__]));
