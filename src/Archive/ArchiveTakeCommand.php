<?php

declare(strict_types=1);

namespace KindHeel\App\Archive;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Console\Progress;
use KindHeel\App\Http\Refused;
use KindHeel\App\People\Passwords;
use KindHeel\App\People\Person;
use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('archive:take', 'Brings a whole workshop back from its archive into an empty one, or takes in one piece with its history.')]
final readonly class ArchiveTakeCommand
{
    public function __construct(private TakeWorkshop $workshop, private TakePiece $piece, private EntityManagerInterface $entities)
    {
    }

    public function __invoke(
        SymfonyStyle $io,
        #[Argument('The archive.')]
        string $file,
        #[Option('Of one piece: who takes it in, by the name they sign in with.')]
        ?string $by = null,
    ): int {
        $progress = new Progress($io);
        try {
            if (null !== $by) {
                return $this->takePiece($io, $file, $by);
            }
            $taken = ($this->workshop)($file, $progress->tell(...));
        } catch (BadArchive|Refused $error) {
            $progress->end();
            $io->error($error->getMessage());

            return Command::FAILURE;
        }
        $progress->end();
        $io->writeln(\sprintf('%d lines and %d files are here.', $taken['lines'], $taken['files']));
        $io->writeln(\sprintf(
            'No archive holds a password. %s signs in once with %s, within %d hours, sets one, and gives a word to everybody else under “People”.',
            $taken['login'],
            $taken['word'],
            Passwords::ONE_TIME_HOURS,
        ));

        return Command::SUCCESS;
    }

    private function takePiece(SymfonyStyle $io, string $file, string $by): int
    {
        $person = $this->entities->getRepository(Person::class)->findOneBy(['login' => mb_strtolower(trim($by))]);
        if (null === $person || $person->hasLeft()) {
            $io->error('Nobody signs in by that name.');

            return Command::FAILURE;
        }
        $taken = ($this->piece)($file, $person);
        $known = 'All its visits are known here; nothing was taken in.';
        $io->writeln(0 === $taken['visits'] ? $known : \sprintf('It is here, with %d visits.', $taken['visits']));

        return Command::SUCCESS;
    }
}
