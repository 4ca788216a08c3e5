<?php

declare(strict_types=1);

namespace KindHeel\App\People;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Database\Row;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('people:first-owner', 'Asks who the first owner of an empty workshop is.')]
final readonly class FirstOwnerCommand
{
    public function __construct(private Connection $connection, private EntityManagerInterface $entities, private Passwords $passwords)
    {
    }

    public function __invoke(
        SymfonyStyle $io,
        #[Option('Only say by the exit code whether there is somebody: 0, or 1 for nobody.')]
        bool $anybody = false,
    ): int {
        $somebody = null !== Row::first($this->connection, 'SELECT id FROM person LIMIT 1');
        if ($anybody) {
            return $somebody ? Command::SUCCESS : Command::FAILURE;
        }
        if ($somebody) {
            $io->error('Somebody works here already. An owner adds people from inside.');

            return Command::FAILURE;
        }
        $name = $io->ask('Your name', null, self::name(...));
        $login = $io->ask('The name you sign in with', null, self::login(...));
        \assert(\is_string($name) && \is_string($login));
        $password = $io->askHidden(
            \sprintf('A password of %d characters or more', Passwords::SHORTEST),
            static fn (mixed $said): string => self::password($said, $login, $name),
        );
        \assert(\is_string($password));
        $person = new Person($login, $name, Role::Owner);
        $this->passwords->set($person, $password);
        $this->entities->persist($person);
        $this->entities->flush();
        $io->writeln(\sprintf('%s is the owner of this workshop.', $name));

        return Command::SUCCESS;
    }

    private static function name(mixed $said): string
    {
        $name = trim(\is_string($said) ? $said : '');

        return 1 === preg_match(Person::NAME, $name) ? $name : throw new \RuntimeException(Person::NAME_SAID);
    }

    private static function login(mixed $said): string
    {
        $login = mb_strtolower(trim(\is_string($said) ? $said : ''));

        return 1 === preg_match(Person::LOGIN, $login) ? $login : throw new \RuntimeException(Person::LOGIN_SAID);
    }

    private static function password(mixed $said, string $login, string $name): string
    {
        $password = \is_string($said) ? $said : '';
        Passwords::mustDo($password, $login, $name);

        return $password;
    }
}
