<?php

declare(strict_types=1);

namespace KindHeel\App\People;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('people:word', 'Gives somebody who forgot their password a word for one sign-in.')]
final readonly class OneTimeWordCommand
{
    public function __construct(private EntityManagerInterface $entities, private Passwords $passwords, private SignIns $signIns, private AccountNotes $notes)
    {
    }

    public function __invoke(SymfonyStyle $io, #[Argument('The name they sign in with.')] string $login): int
    {
        $person = $this->entities->getRepository(Person::class)->findOneBy(['login' => mb_strtolower(trim($login))]);
        if (null === $person || $person->hasLeft()) {
            $io->error('Nobody signs in by that name.');

            return Command::FAILURE;
        }
        $word = $this->passwords->giveOneTimeWord($person);
        $this->entities->flush();
        $this->signIns->endAll($person->id());
        $this->notes->say($person->id(), AccountChange::WordGiven);
        $io->writeln($word);
        $io->writeln(\sprintf('With it %s signs in once, within %d hours, and sets a password of their own.', $person->name(), Passwords::ONE_TIME_HOURS));

        return Command::SUCCESS;
    }
}
