<?php

declare(strict_types=1);

/*
 * Read once when PHP-FPM starts: what Symfony's container lists, then the craft, the application and the parts of
 * Doctrine's DBAL that every request uses, so that no request looks for a file.
 */

$root = dirname(__DIR__);
$generated = glob($root.'/var/cache/'.getenv('APP_ENV').'/*.preload.php')[0] ?? null;
if (null !== $generated) {
    require $generated;
}
/** @var array<class-string, string> $classes */
$classes = require $root.'/vendor/composer/autoload_classmap.php';
$prefixes = [
    'KindHeel\\Core\\', 'KindHeel\\App\\Air\\', 'KindHeel\\App\\Bench\\', 'KindHeel\\App\\Counter\\', 'KindHeel\\App\\Database\\', 'KindHeel\\App\\Http\\',
    'KindHeel\\App\\Ledger\\', 'KindHeel\\App\\People\\', 'KindHeel\\App\\Piece\\', 'KindHeel\\App\\Plan\\', 'KindHeel\\App\\Security\\', 'KindHeel\\App\\Words\\',
    'Doctrine\\DBAL\\Types\\', 'Doctrine\\DBAL\\Driver\\PDO\\MySQL\\', 'Doctrine\\DBAL\\Platforms\\MariaDB', 'Doctrine\\DBAL\\SQL\\Parser', 'Doctrine\\DBAL\\ArrayParameters\\',
];
$single = [
    Doctrine\DBAL\Connection::class, Doctrine\DBAL\Configuration::class, Doctrine\DBAL\DriverManager::class, Doctrine\DBAL\Result::class, Doctrine\DBAL\ExpandArrayParameters::class,
    Doctrine\DBAL\Driver\PDO\Connection::class, Doctrine\DBAL\Driver\PDO\Statement::class, Doctrine\DBAL\Driver\PDO\Result::class, Doctrine\DBAL\Tools\DsnParser::class,
];
foreach (array_keys($classes) as $class) {
    foreach ($prefixes as $prefix) {
        if (str_starts_with($class, $prefix) && !str_ends_with($class, 'Command')) {
            $single[] = $class;
        }
    }
}
foreach ($single as $class) {
    class_exists($class) || interface_exists($class) || trait_exists($class);
}
