<?php

declare(strict_types=1);

namespace KindHeel\Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Selector\SelectorInterface;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Folders as floors of a house, the lowest first: none names anything of a floor above it, so there is no circle. PHPStan reads this through phpat. */
abstract class Floors
{
    /** @return non-empty-list<string> folders, the lowest first */
    abstract public static function floors(): array;

    abstract public static function root(): string;

    /** @return iterable<string, Rule> */
    public function testNoFloorNamesOneAboveIt(): iterable
    {
        $floors = static::floors();
        foreach (\array_slice($floors, 0, -1) as $i => $floor) {
            yield $floor => PHPat::rule()
                ->classes(self::of($floor))
                ->shouldNotDependOn()
                ->classes(...array_map(self::of(...), \array_slice($floors, $i + 1)))
                ->because($floor.' lies below');
        }
    }

    /** Classes of the folder itself, without those of folders in it. */
    private static function of(string $floor): SelectorInterface
    {
        $namespace = rtrim(static::root().'\\'.str_replace('/', '\\', $floor), '\\.');

        return Selector::classname('/^'.preg_quote($namespace, '/').'\\\\[^\\\\]+$/', true);
    }
}
