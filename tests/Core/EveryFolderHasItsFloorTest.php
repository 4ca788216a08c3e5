<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core;

use KindHeel\Tests\Architecture\AppFloors;
use KindHeel\Tests\Architecture\CoreFloors;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Finder\Finder;

/** PHPStan proves that no floor names one above it; here, that no folder is left out of the list. */
final class EveryFolderHasItsFloorTest extends TestCase
{
    /** @param class-string<\KindHeel\Tests\Architecture\Floors> $floors */
    #[TestWith(['core', CoreFloors::class])]
    #[TestWith(['src', AppFloors::class])]
    public function testEveryFolderIsAFloor(string $root, string $floors): void
    {
        $folders = [];
        foreach ((new Finder())->files()->in(\dirname(__DIR__, 2).'/'.$root)->name('*.php') as $file) {
            $folders[$file->getRelativePath()] = true;
        }
        unset($folders['']);
        self::assertEqualsCanonicalizing($floors::floors(), array_keys($folders));
    }
}
