<?php

declare(strict_types=1);

/*
 * Read once when PHP-FPM starts: what Symfony's container lists, then the craft, the application and what requests use
 * of Doctrine and of Symfony beside it, so that no request looks for a class.
 */

$root = dirname(__DIR__);
$generated = glob($root.'/var/cache/'.getenv('APP_ENV').'/*.preload.php')[0] ?? null;
if (null !== $generated) {
    require $generated;
}
/** @var array<class-string, string> $classes */
$classes = require $root.'/vendor/composer/autoload_classmap.php';
$prefixes = [
    'KindHeel\\Core\\', 'KindHeel\\App\\', 'Doctrine\\DBAL\\Types\\', 'Doctrine\\DBAL\\Driver\\PDO\\MySQL\\', 'Doctrine\\DBAL\\Platforms\\MariaDB',
    'Doctrine\\DBAL\\SQL\\Parser', 'Doctrine\\DBAL\\ArrayParameters\\', 'Doctrine\\DBAL\\Connection\\', 'Doctrine\\ORM\\Persisters\\',
    'Doctrine\\ORM\\Mapping\\PropertyAccessors\\', 'Doctrine\\ORM\\Internal\\', 'Doctrine\\ORM\\Event', 'Doctrine\\ORM\\Utility\\', 'Doctrine\\ORM\\Query\\Exec\\',
    'Doctrine\\Persistence\\Mapping\\', 'Doctrine\\Persistence\\Reflection\\', 'Doctrine\\Persistence\\Event\\', 'Doctrine\\Instantiator\\',
    'Symfony\\Bridge\\Doctrine\\Types\\', 'Symfony\\Component\\TypeInfo\\', 'Symfony\\Component\\PropertyAccess\\', 'Symfony\\Component\\Serializer\\Encoder\\',
    'Symfony\\Component\\Serializer\\Mapping\\', 'Symfony\\Component\\Validator\\Constraint', 'Symfony\\Component\\Validator\\Context\\',
    'Symfony\\Component\\Validator\\Mapping\\', 'Symfony\\Component\\Validator\\Util\\', 'Symfony\\Component\\Validator\\Validator\\',
    'Symfony\\Component\\HttpKernel\\Attribute\\', 'Symfony\\Component\\Security\\Http\\Attribute\\', 'Symfony\\Component\\Security\\Core\\Authentication\\Token\\',
    'Symfony\\Component\\HttpFoundation\\Session\\', 'Symfony\\Component\\Routing\\Attribute\\', 'Symfony\\Component\\DependencyInjection\\Exception\\',
    'Symfony\\Component\\Clock\\', 'Symfony\\Component\\VarExporter\\', 'Symfony\\Component\\String\\Inflector\\',
];
$single = [
    Doctrine\DBAL\Connection::class, Doctrine\DBAL\Configuration::class, Doctrine\DBAL\DriverManager::class, Doctrine\DBAL\Result::class, Doctrine\DBAL\ExpandArrayParameters::class,
    Doctrine\DBAL\Driver\PDO\Connection::class, Doctrine\DBAL\Driver\PDO\Statement::class, Doctrine\DBAL\Driver\PDO\Result::class, Doctrine\DBAL\Tools\DsnParser::class,
];
foreach (array_keys($classes) as $class) {
    foreach ($prefixes as $prefix) {
        if (str_starts_with($class, $prefix) && 1 !== preg_match('/(Command|ExpressionLanguageProvider)$/', $class)) {
            $single[] = $class;
        }
    }
}
foreach ($single as $class) {
    try {
        class_exists($class) || interface_exists($class) || trait_exists($class);
    } catch (Throwable) {
        // Built on a library that is not here, and so asked for by nobody.
    }
}
