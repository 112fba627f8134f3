<?php

$finder = (new PhpCsFixer\Finder)
    ->in(['core', 'app', 'bootstrap', 'config', 'database', 'public', 'routes', 'tests'])
    ->exclude(['cache', 'build'])
    ->append(['bin/router.php', 'bin/screenshots', 'bin/bench', 'artisan', __FILE__]);

return (new PhpCsFixer\Config)
    ->setRules([
        '@PER-CS' => true,
        'concat_space' => ['spacing' => 'none'],
        'new_with_parentheses' => ['named_class' => false, 'anonymous_class' => false],
        'not_operator_with_successor_space' => true,
        'ordered_imports' => true,
        'no_unused_imports' => true,
        'single_quote' => true,
        'trailing_comma_in_multiline' => true,
        'function_declaration' => ['closure_fn_spacing' => 'one'],
        'phpdoc_trim' => true,
    ])
    ->setFinder($finder);
