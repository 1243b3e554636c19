<?php

declare(strict_types=1);

return (new PhpCsFixer\Config())
    ->setRiskyAllowed(true)
    ->setRules([
        '@Symfony' => true,
        '@Symfony:risky' => true,
        'declare_strict_types' => true,
        'phpdoc_to_comment' => false,
        'phpdoc_align' => ['align' => 'vertical'],
        'single_line_throw' => false,
    ])
    ->setCacheFile(__DIR__.'/var/php-cs-fixer.cache')
    ->setFinder(PhpCsFixer\Finder::create()->in([
        __DIR__.'/core',
        __DIR__.'/src',
        __DIR__.'/tests',
        __DIR__.'/migrations',
        __DIR__.'/config',
    ])->notPath('reference.php'));
