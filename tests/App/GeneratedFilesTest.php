<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Console\GeneratedFile;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Output\BufferedOutput;
use Symfony\Component\Console\Style\SymfonyStyle;

/** Files that a command writes and nobody else: written, and found stale. */
final class GeneratedFilesTest extends TestCase
{
    private string $path;
    private BufferedOutput $output;
    private SymfonyStyle $io;

    protected function setUp(): void
    {
        $this->path = sys_get_temp_dir().'/generated-'.bin2hex(random_bytes(6)).'.ts';
        $this->output = new BufferedOutput();
        $this->io = new SymfonyStyle(new ArrayInput([]), $this->output);
    }

    protected function tearDown(): void
    {
        @unlink($this->path);
    }

    public function testItIsWrittenAndThenFresh(): void
    {
        $file = new GeneratedFile($this->path, "export type A = 'a'\n");
        self::assertSame(Command::SUCCESS, $file->write($this->io, false, 'types:generate'));
        self::assertStringEqualsFile($this->path, "export type A = 'a'\n");
        self::assertSame(Command::SUCCESS, $file->write($this->io, true, 'types:generate'));
    }

    public function testACheckNamesTheCommandAndWritesNothing(): void
    {
        file_put_contents($this->path, "export type A = 'b'\n");
        $file = new GeneratedFile($this->path, "export type A = 'a'\n");
        self::assertSame(Command::FAILURE, $file->write($this->io, true, 'types:generate'));
        self::assertStringEqualsFile($this->path, "export type A = 'b'\n");
        self::assertStringContainsString('is stale: run bin/console types:generate.', $this->output->fetch());
    }

    public function testAFileThatIsNotThereIsStale(): void
    {
        self::assertSame(Command::FAILURE, (new GeneratedFile($this->path, 'x'))->write($this->io, true, 'rules:document'));
        self::assertFileDoesNotExist($this->path);
    }
}
