<?php

declare(strict_types=1);

namespace KindHeel\App\Http;

use KindHeel\Core\Text\FieldError;
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpKernel\Event\ControllerEvent;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/**
 * Every file that is handed in goes through the scanner of the machine before anybody reads it, where there is one (`SCAN_COMMAND`): a command that is given
 * the file as its last word and ends with 0 for a clean one and 1 for one that is not, as `clamdscan` does. What it cannot look through is not kept.
 */
#[AsEventListener]
final readonly class ScannedUploads
{
    private const CLEAN = 0;
    private const FOUND = 1;
    private const LONGEST_S = 60;

    public function __construct(private string $scanCommand, private LoggerInterface $logger)
    {
    }

    /** @throws FieldError */
    public function __invoke(ControllerEvent $event): void
    {
        if ('' === $this->scanCommand || !$event->isMainRequest()) {
            return;
        }
        $files = $event->getRequest()->files->all();
        array_walk_recursive($files, function (mixed $file): void {
            if ($file instanceof UploadedFile && $file->isValid()) {
                $this->mustBeClean($file->getPathname());
            }
        });
    }

    private function mustBeClean(string $path): void
    {
        $scan = new Process([...explode(' ', $this->scanCommand), $path], timeout: self::LONGEST_S);
        try {
            $said = $scan->run();
        } catch (ProcessTimedOutException) {
            $said = null;
        }
        if (self::CLEAN === $said) {
            return;
        }
        $this->logger->warning('A file that was handed in was refused by the scanner ({code}).', ['code' => $said]);
        throw new FieldError('file', self::FOUND === $said
            ? 'The scanner of this machine takes this file for harmful. Nothing of it was kept.'
            : 'The scanner of this machine does not answer, so this file was not kept. Try again; if it stays so, whoever looks after the machine must know.');
    }
}
