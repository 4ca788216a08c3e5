<?php

declare(strict_types=1);

namespace KindHeel\Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Arrows run one way: `web → src → core`. PHPStan reads this through phpat. */
final class CoreStandsAlone
{
    public function testCoreNamesNothingButPhpBrickAndItself(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('KindHeel\Core'))
            ->canOnlyDependOn()
            ->classes(
                Selector::inNamespace('KindHeel\Core'),
                Selector::inNamespace('Brick'),
                Selector::classname('/^\\\\?[A-Za-z]+$/', true),
            )
            ->because('the craft knows no framework, no database and no clock');
    }
}
