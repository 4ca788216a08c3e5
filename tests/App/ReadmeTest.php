<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Finder\Finder;
use Symfony\Component\Process\Process;

/** What the README prints is there, and works as it is printed, from the project's root. */
final class ReadmeTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    /** @return iterable<string, array{string}> commands that need nothing but the project */
    public static function commands(): iterable
    {
        foreach (self::printed() as $command) {
            if (str_contains($command, ' < ')) {
                yield $command => [$command];
            }
        }
    }

    #[DataProvider('commands')]
    public function testACommandThatIsPrintedWorksAsItIsPrinted(string $command): void
    {
        $process = Process::fromShellCommandline($command, self::ROOT);
        self::assertSame(0, $process->run(), $process->getErrorOutput());
        self::assertJson($process->getOutput());
    }

    public function testEveryComputationIsPrintedAndEveryCommandIsThere(): void
    {
        $printed = implode("\n", self::printed());
        $said = new Process(['bin/console', 'compute', 'nothing'], self::ROOT);
        $said->setInput('{}');
        $said->run();
        preg_match_all('/\b(?:dry|plan|schedule|colour|quantity|estimate)\.[a-z-]+/', $said->getErrorOutput(), $names);
        self::assertGreaterThan(14, \count($names[0]));
        foreach ($names[0] as $name) {
            self::assertStringContainsString("compute $name < docs/examples/$name.json", $printed);
        }
        foreach ((new Finder())->in(self::ROOT.'/tools')->name(['bench-*.php', 'first-page.php', 'screenshots.php']) as $tool) {
            self::assertStringContainsString('php tools/'.$tool->getFilename(), $printed);
        }
        foreach (self::printed() as $command) {
            preg_match_all('#(?:tools|docs|bin)/[\w./-]+#', $command, $files);
            foreach ($files[0] as $file) {
                self::assertFileExists(self::ROOT.'/'.$file);
            }
        }
    }

    public function testWhatTheDocumentsPointToIsThere(): void
    {
        foreach ((new Finder())->in([self::ROOT.'/docs', self::ROOT])->depth(0)->name('*.md') as $document) {
            preg_match_all('/\]\(([^)#:]+)\)/', $document->getContents(), $links);
            foreach ($links[1] as $link) {
                self::assertFileExists($document->getPath().'/'.$link, $document->getFilename());
            }
            // Files that are named in passing, such as `core/Treatment/RuleBook.php`.
            preg_match_all('#`((?:core|src|web|tests|tools|config|docs|data|demo)/[\w./-]+?)/?`#', $document->getContents(), $named);
            foreach ($named[1] as $file) {
                self::assertFileExists(self::ROOT.'/'.$file, $document->getFilename());
            }
        }
    }

    /** @return list<string> lines of code of the README, without what is said beside them */
    private static function printed(): array
    {
        preg_match_all('/^    (\S.*?)(?:\s{2,}#.*)?$/m', (string) file_get_contents(self::ROOT.'/README.md'), $found);

        return $found[1];
    }
}
