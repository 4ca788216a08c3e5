<?php

declare(strict_types=1);

namespace KindHeel\App\Archive;

use KindHeel\App\Console\Progress;
use KindHeel\App\Http\Refused;
use KindHeel\App\Owner\PassportReader;
use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

#[AsCommand('archive:make', 'Writes everything of the workshop, or one piece over all its visits, into an archive that any program can read.')]
final readonly class ArchiveMakeCommand
{
    public function __construct(private WriteWorkshop $workshop, private WritePiece $piece, private PassportReader $passports, private ArchivesMade $made)
    {
    }

    public function __invoke(
        SymfonyStyle $io,
        #[Argument('Where it is to lie, e.g. workshop.tar.')]
        string $file = '',
        #[Option('The ten letters of one piece; none for the whole workshop.')]
        ?string $piece = null,
        #[Option('Of one piece: with how its owner can be reached.')]
        bool $reach = false,
        #[Option('Begins anew what was cut off, instead of going on with it.')]
        bool $anew = false,
        #[Option('The one that somebody has asked for on a page.')]
        bool $asked = false,
    ): int {
        if ($asked) {
            $this->made->make();

            return Command::SUCCESS;
        }
        if ('' === $file) {
            $io->error('Where is it to lie? For example: archive:make workshop.tar');

            return Command::INVALID;
        }
        $progress = new Progress($io);
        try {
            if (null !== $piece) {
                ($this->piece)($this->passports->withCode(strtolower(trim($piece)))->id, $file, $reach);
            } else {
                $manifest = ($this->workshop)($file, $anew, $progress->tell(...));
                $progress->end();
                $io->writeln(\sprintf('%d lines of %d kinds, as they were at %s.', $manifest->count(), \count($manifest->lines), $manifest->madeAt));
            }
        } catch (NotFoundHttpException) {
            $io->error(\sprintf('No piece has “%s” on its tag.', $piece));

            return Command::FAILURE;
        } catch (\RuntimeException|Refused $error) {
            $progress->end();
            $io->error($error->getMessage());

            return Command::FAILURE;
        }
        $io->writeln(\sprintf('%s, %.1f MB. It holds names and addresses: keep it as you would the book they stand in.', $file, filesize($file) / 1_000_000));

        return Command::SUCCESS;
    }
}
