<?php

declare(strict_types=1);

namespace KindHeel\App\OldList;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Database\Row;
use KindHeel\App\Files\CsvTable;
use KindHeel\App\Job\Owner;
use KindHeel\App\Job\Passport;
use KindHeel\App\Job\PassportCode;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Job\Ticket;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\LedgerEntry;
use KindHeel\App\People\Person;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Assessment\Agreed;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Text\FieldError;
use Psr\Clock\ClockInterface;

/**
 * Owners and what they once brought, out of a table from before: which column is what is guessed and can be said, what is known already is found, and what
 * cannot be read is named row by row. A piece becomes a visit of its day that has gone home, so that it is known when it comes again.
 */
final readonly class TakeOldList
{
    private const AT_ONCE = 100;
    private const SAMPLES = 3;
    private const SHOWN = 200;

    public function __construct(
        private EntityManagerInterface $entities,
        private Connection $connection,
        private OldListReader $reader,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @param array<array-key, string>                $said what columns are, by their heads; “” for nothing. What is not said is guessed
     * @param Kind|null                               $else what a piece is where nothing known is said
     * @param (\Closure(string, int, int): void)|null $tell what is done, how much of it, of how much
     *
     * @throws FieldError when it is no table, or no column says whose things they are; then nothing was taken in
     */
    public function __invoke(
        string $bytes,
        array $said,
        ?Kind $else,
        bool $apply,
        Person $by,
        int $most = CsvTable::MOST_ROWS,
        ?\Closure $tell = null,
    ): OldListView {
        [$heads, $table] = CsvTable::read($bytes);
        if (\count($table) > $most) {
            throw new FieldError('file', \sprintf(
                'That is %d rows; here up to %d can be taken in at once. On the machine itself, list:take takes more.',
                \count($table),
                $most,
            ));
        }
        $columns = self::columns($heads, $said);
        if (!\in_array(OldListColumn::Owner, $columns, true)) {
            throw new FieldError('columns', 'Say which column has the names of the owners.');
        }
        $now = $this->clock->now();
        $good = $rows = [];
        $faulty = 0;
        foreach ($table as $i => $cells) {
            if ('' === implode('', $cells)) {
                continue;
            }
            $known = [];
            foreach ($columns as $head => $is) {
                if (null !== $is) {
                    $known[$is->value] = trim(($known[$is->value] ?? '').' '.$cells[$head]);
                }
            }
            try {
                $row = $this->reader->row($i + 2, $known, $else, $now);
                $good[] = $row;
                if ('' !== $row->says) {
                    $rows[] = new OldListRowView($row->line, $row->owner, $row->says, false);
                }
            } catch (FieldError $error) {
                ++$faulty;
                $rows[] = new OldListRowView($i + 2, $known['owner'] ?? '', $error->getMessage(), true);
            }
        }
        usort($rows, static fn (OldListRowView $a, OldListRowView $b): int => [$b->isFaulty, $a->line] <=> [$a->isFaulty, $b->line]);
        // In the order in which they came.
        usort($good, static fn (OldListRow $a, OldListRow $b): int => [$a->cameIn, $a->line] <=> [$b->cameIn, $b->line]);
        [$newOwners, $knownOwners, $newVisits, $knownVisits] = $this->take($good, $apply, $by, $tell);

        return new OldListView(
            array_map(static fn (string $head): OldListColumnView => new OldListColumnView($head, $columns[$head], self::samples($head, $table)), $heads),
            $newOwners,
            $knownOwners,
            $newVisits,
            $knownVisits,
            $faulty,
            \array_slice($rows, 0, self::SHOWN),
            $apply,
        );
    }

    /**
     * @param list<OldListRow>                        $rows the oldest first
     * @param (\Closure(string, int, int): void)|null $tell
     *
     * @return array{int, int, int, int} owners that are new and known, visits that are new and known
     */
    private function take(array $rows, bool $apply, Person $by, ?\Closure $tell): array
    {
        $book = new OldListBook($this->connection);
        $counts = [0, 0, 0, 0];
        $person = $by->id();
        foreach ($rows as $i => $row) {
            $owner = $book->owner($row);
            $counts[0] += null === $owner ? 1 : 0;
            $counts[1] += null !== $owner && $book->meets($owner) ? 1 : 0;
            $isKnown = null === $row->kind || $book->hasVisit($row);
            $counts[2] += $isKnown ? 0 : 1;
            $counts[3] += $isKnown && null !== $row->kind ? 1 : 0;
            if ($apply) {
                $stored = $this->owner($row, $owner);
                $piece = $isKnown ? null : $this->visit($row, $stored, $book->passport($row), $person);
                $this->entities->flush();
                $book->add($row, $stored->id(), $piece?->passport()->id());
                if (0 === ($i + 1) % self::AT_ONCE) {
                    null === $tell || $tell('rows', $i + 1, \count($rows));
                    $this->entities->clear();
                }
            } else {
                $book->add($row, null, null);
            }
        }

        return $counts;
    }

    private function owner(OldListRow $row, ?int $known): Owner
    {
        $owner = null === $known ? null : $this->entities->find(Owner::class, $known);
        if (null === $owner) {
            $owner = new Owner($row->owner, '', $row->cameIn ?? $this->clock->now());
            $owner->is($row->owner, $row->ways, null, '', $row->notes, true, false);
            $this->entities->persist($owner);
        }

        return $owner;
    }

    private function visit(OldListRow $row, Owner $owner, ?int $passport, int $person): StoredPiece
    {
        \assert(null !== $row->kind && null !== $row->size && null !== $row->cameIn && null !== $row->wentHome && null !== $row->piece);
        $by = $this->entities->find(Person::class, $person) ?? throw new \LogicException('Whoever takes it in works here.');
        $ticket = new Ticket($row->owner, $owner->contact(), $row->wentHome, '', $row->cameIn, $by, false, $owner);
        $this->entities->persist($ticket);
        $same = null === $passport ? null : $this->entities->find(Passport::class, $passport);
        $same ??= new Passport($owner, $row->piece, $row->kind, PassportCode::fresh(), $row->cameIn);
        $this->entities->persist($same);
        $piece = new StoredPiece($ticket, $row->piece, $row->kind, $row->size, new Agreed(Aim::Freshen, Gloss::Satin), $row->shade, $same);
        $piece->collected($row->wentHome);
        $this->entities->persist($piece);
        $text = '' === $row->done ? 'Out of an old list.' : \sprintf('Out of an old list: “%s”', $row->done);
        $this->entities->persist(new LedgerEntry($row->wentHome, $by, $piece, Event::Noted, $text, null, null));

        return $piece;
    }

    /**
     * @param list<string>             $heads
     * @param array<array-key, string> $said
     *
     * @return array<string, OldListColumn|null> by head
     */
    private static function columns(array $heads, array $said): array
    {
        $columns = [];
        foreach ($heads as $head) {
            $is = \array_key_exists($head, $said) ? OldListColumn::tryFrom($said[$head]) : OldListColumn::guess($head);
            // What is guessed a second time is something else.
            $columns[$head] = !\array_key_exists($head, $said) && \in_array($is, $columns, true) ? null : $is;
        }

        return $columns;
    }

    /**
     * @param list<array<string, string>> $table
     *
     * @return list<string>
     */
    private static function samples(string $head, array $table): array
    {
        $found = array_filter(array_column(\array_slice($table, 0, 40), $head), static fn (string $cell): bool => '' !== $cell);

        return array_map(static fn (string $cell): string => mb_substr($cell, 0, 60), \array_slice(array_values(array_unique($found)), 0, self::SAMPLES));
    }
}
