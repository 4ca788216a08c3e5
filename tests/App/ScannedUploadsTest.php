<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Http\ScannedUploads;
use KindHeel\App\Kernel;
use KindHeel\Core\Text\FieldError;
use PHPUnit\Framework\TestCase;
use Psr\Log\NullLogger;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\ControllerEvent;
use Symfony\Component\HttpKernel\HttpKernelInterface;

/** What is handed in goes through the scanner of the machine first, where there is one. */
final class ScannedUploadsTest extends TestCase
{
    private string $scanner;

    protected function setUp(): void
    {
        $this->scanner = sys_get_temp_dir().'/scanner-'.bin2hex(random_bytes(4));
        // Ends as clamdscan does: 0 clean, 1 found, 2 could not.
        file_put_contents($this->scanner, <<<'SH'
            #!/bin/sh
            [ "$1" = --quick ] || exit 2
            grep -q WORM "$2" && exit 1
            grep -q BROKEN "$2" && exit 2
            exit 0

            SH);
        chmod($this->scanner, 0o700);
    }

    protected function tearDown(): void
    {
        @unlink($this->scanner);
    }

    public function testAFileThatTheScannerRefusesReachesNobody(): void
    {
        $this->handIn('a clean one', $this->scanner.' --quick');
        foreach (['a WORM in it' => 'harmful', 'a BROKEN one' => 'does not answer'] as $bytes => $says) {
            try {
                $this->handIn($bytes, $this->scanner.' --quick');
                self::fail($bytes.' came through.');
            } catch (FieldError $error) {
                self::assertSame('file', $error->field);
                self::assertStringContainsString($says, $error->getMessage());
            }
        }
    }

    public function testAScannerThatIsNotThereKeepsFilesOutAndNoScannerLetsThemIn(): void
    {
        $this->handIn('a WORM in it', '');
        $this->expectException(FieldError::class);
        $this->handIn('a clean one', '/nowhere/scanner');
    }

    private function handIn(string $bytes, string $command): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'handed');
        file_put_contents($path, $bytes);
        $request = new Request(files: ['deep' => ['file' => new UploadedFile($path, 'x.jpg', null, \UPLOAD_ERR_OK, test: true)]]);
        try {
            (new ScannedUploads($command, new NullLogger()))(
                new ControllerEvent(new Kernel('test', false), static fn (): null => null, $request, HttpKernelInterface::MAIN_REQUEST),
            );
            self::assertFileExists($path);
        } finally {
            @unlink($path);
        }
    }
}
