<?php

declare(strict_types=1);

namespace KindHeel\App\OldList;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Console\Progress;
use KindHeel\App\People\Person;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Text\FieldError;
use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('list:take', 'Shows what an old list of owners and pieces would bring; with --apply it brings it.')]
final readonly class OldListCommand
{
    public function __construct(private TakeOldList $take, private EntityManagerInterface $entities)
    {
    }

    /** @param list<string> $column */
    public function __invoke(
        SymfonyStyle $io,
        #[Argument('The table, as CSV.')]
        string $file,
        #[Option('Who takes it in, by the name they sign in with.')]
        string $by = '',
        #[Option('What a column is, as head=owner, first-name, email, phone, address, notes, piece, kind, size, colour, came-in, went-home, done, or nothing.')]
        array $column = [],
        #[Option('What a piece is where nothing known is said, such as low-shoe/derby.')]
        ?string $else = null,
        #[Option('Takes it in.')]
        bool $apply = false,
    ): int {
        $person = $this->entities->getRepository(Person::class)->findOneBy(['login' => mb_strtolower(trim($by))]);
        $said = [];
        foreach ($column as $one) {
            [$head, $is] = explode('=', $one, 2) + [1 => ''];
            $said[mb_strtolower(trim($head))] = trim($is);
        }
        $kind = null === $else ? null : Kind::tryFrom($else);
        if (null === $person || $person->hasLeft() || (null !== $else && null === $kind) || !is_readable($file)) {
            $io->error(match (true) {
                !is_readable($file) => $file.' cannot be read.',
                null !== $else && null === $kind => \sprintf('“%s” is no kind of piece.', $else),
                default => 'Say with --by who takes it in.',
            });

            return Command::INVALID;
        }
        $progress = new Progress($io);
        try {
            $seen = ($this->take)((string) file_get_contents($file), $said, $kind, $apply, $person, tell: $progress->tell(...));
            $progress->end();
        } catch (FieldError $error) {
            $progress->end();
            $io->error($error->getMessage());

            return Command::FAILURE;
        }
        $io->table(['column', 'is', 'such as'], array_map(
            static fn (OldListColumnView $c): array => [$c->head, $c->is->value ?? '–', implode(', ', $c->samples)],
            $seen->columns,
        ));
        $io->listing(array_map(static fn (OldListRowView $r): string => \sprintf('row %d, %s: %s', $r->line, $r->name, $r->says), $seen->rows));
        $io->writeln(\sprintf(
            '%s %d new owners (%d known), %d visits (%d known); %d rows cannot be read.',
            $seen->done ? 'Taken in:' : 'It would bring',
            $seen->newOwners,
            $seen->knownOwners,
            $seen->newVisits,
            $seen->knownVisits,
            $seen->faulty,
        ));

        return Command::SUCCESS;
    }
}
