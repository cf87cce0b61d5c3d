<?php

declare(strict_types=1);

return (new PhpCsFixer\Config())
    ->setRiskyAllowed(true)
    ->setParallelConfig(PhpCsFixer\Runner\Parallel\ParallelConfigFactory::detect())
    ->setRules([
        '@Symfony' => true,
        '@Symfony:risky' => true,
        '@PHP82Migration' => true,
        'declare_strict_types' => true,
        'final_class' => true,
        'phpdoc_to_comment' => false,
        'php_unit_method_casing' => false,
        'single_line_throw' => false,
        'yoda_style' => true,
        'method_argument_space' => ['on_multiline' => 'ignore'],
    ])
    ->setFinder((new PhpCsFixer\Finder())->in([__DIR__.'/core', __DIR__.'/app', __DIR__.'/tests', __DIR__.'/migrations', __DIR__.'/bench', __DIR__.'/training'])
        ->notPath('data/reading')->name('*.php'));
