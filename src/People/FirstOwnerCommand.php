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
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;

#[AsCommand('people:first-owner', 'Asks who the first owner of an empty workshop is.')]
final readonly class FirstOwnerCommand
{
    private const SHORTEST_PASSWORD = 10;

    public function __construct(private Connection $connection, private EntityManagerInterface $entities, private PasswordHasherFactoryInterface $hashers)
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
        $password = $io->askHidden('A password of ten characters or more', static fn (mixed $said): string => self::password($said, $login));
        \assert(\is_string($password));
        $person = new Person($login, $name, Role::Owner);
        $person->setPasswordHash($this->hashers->getPasswordHasher(Member::class)->hash($password));
        $this->entities->persist($person);
        $this->entities->flush();
        $io->writeln(\sprintf('%s is the owner of this workshop.', $name));

        return Command::SUCCESS;
    }

    private static function name(mixed $said): string
    {
        $name = trim(\is_string($said) ? $said : '');

        return 1 === preg_match('/^[^\p{C}]{1,80}$/u', $name) ? $name : throw new \RuntimeException('A name has 1 to 80 letters.');
    }

    private static function login(mixed $said): string
    {
        $login = mb_strtolower(trim(\is_string($said) ? $said : ''));

        return 1 === preg_match('/^[\p{L}\p{N}._-]{2,40}$/u', $login)
            ? $login
            : throw new \RuntimeException('2 to 40 letters, digits, dots or dashes, without a space.');
    }

    private static function password(mixed $said, string $login): string
    {
        $password = \is_string($said) ? $said : '';
        if (mb_strlen($password) < self::SHORTEST_PASSWORD || mb_strlen($password) > 200) {
            throw new \RuntimeException('A password has 10 to 200 characters.');
        }

        return str_contains(mb_strtolower($password), $login) || \count(array_unique(mb_str_split($password))) < 5
            ? throw new \RuntimeException('Too easy to guess. Several words that do not belong together are good.')
            : $password;
    }
}
