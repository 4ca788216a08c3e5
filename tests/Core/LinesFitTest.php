<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Finder\Finder;

/** A line is read at a glance, beside another file. */
final class LinesFitTest extends TestCase
{
    private const COLUMNS = 160;

    public function testNoLineIsLongerThanItMayBe(): void
    {
        $root = \dirname(__DIR__, 2);
        $folders = array_map(static fn (string $folder): string => $root.'/'.$folder, ['core', 'src', 'tests', 'web/src', 'web/tests', 'tools', 'migrations']);
        $long = [];
        foreach ((new Finder())->files()->in($folders)->name(['*.php', '*.ts', '*.vue', '*.css']) as $file) {
            foreach (explode("\n", $file->getContents()) as $i => $line) {
                if (mb_strlen($line) > self::COLUMNS) {
                    $long[] = \sprintf('%s:%d', $file->getRelativePathname(), $i + 1);
                }
            }
        }
        self::assertSame([], $long);
    }
}
