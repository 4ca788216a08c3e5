<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Database\Row;
use KindHeel\App\Http\Refused;
use KindHeel\App\Job\Owner;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Names, ways, words and pictures of an owner are gone; what the workshop did, with its figures, stays without them. */
final readonly class EraseOwner
{
    /** Pages that are kept to be shown once more. */
    private const SHOWN = ['bench_shown', 'shelf_shown'];
    /** A name or a way to reach somebody that is shorter is everybody’s. */
    private const SHORTEST = 3;
    /** So long is a part of a name by which somebody is known. */
    private const SHORTEST_PART = 4;
    private const OF_PIECE = 'piece_id IN (:pieces)';
    private const OF_POT = 'JOIN reading r ON r.id = p.target_id WHERE r.piece_id IN (:pieces)';
    /** Words of hands about a piece, by column, and which rows are of a piece: a name in them goes, the rest stays. */
    private const WORDED = [
        'ledger_entry.text' => self::OF_PIECE,
        'piece.name' => 'id IN (:pieces)',
        'passport.name' => 'id IN (SELECT passport_id FROM piece WHERE id IN (:pieces))',
        'reading.whereabouts' => self::OF_PIECE,
        'supplement.what' => self::OF_PIECE,
        'offer.ways' => self::OF_PIECE,
        'plan_step.overrides' => self::OF_PIECE,
        'lot_move.note' => self::OF_PIECE,
        'invoice.written' => 'ticket_id IN (SELECT ticket_id FROM piece WHERE id IN (:pieces))',
        'pot.name' => 'target_id IN (SELECT id FROM reading WHERE '.self::OF_PIECE.')',
        'pot.kept_where' => 'target_id IN (SELECT id FROM reading WHERE '.self::OF_PIECE.')',
        'pot_event.text' => 'pot_id IN (SELECT p.id FROM pot p '.self::OF_POT.')',
    ];

    public function __construct(
        private EntityManagerInterface $entities,
        private Connection $connection,
        private Ledger $ledger,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @return list<string> digests of pictures whose files are to go once all this is stored
     *
     * @throws Refused while something of theirs is here
     */
    public function __invoke(int $id, Person $by): array
    {
        $owner = $this->entities->find(Owner::class, $id) ?? throw new NotFoundHttpException();
        if ($owner->isErased()) {
            return [];
        }
        $rows = Row::all($this->connection, 'SELECT p.id, p.collected_at FROM piece p JOIN ticket t ON t.id = p.ticket_id WHERE t.owner_id = ?', [$id]);
        if ([] !== array_filter($rows, static fn (Row $r): bool => null === $r->textOrNull('collected_at'))) {
            throw Refused::now('Something of theirs is still here. Hand it over or call it off first.');
        }
        $wishes = array_map(
            static fn (Row $r): string => $r->text('wish'),
            Row::all($this->connection, "SELECT DISTINCT wish FROM ticket WHERE owner_id = ? AND wish <> ''", [$id]),
        );
        $said = array_values(array_filter(
            [$owner->name(), ...array_column($owner->ways(), 'at')],
            static fn (string $w): bool => mb_strlen($w) >= self::SHORTEST,
        ));
        $owner->erase($this->clock->now());
        $this->entities->flush();
        $name = $owner->name();
        foreach ([
            "UPDATE ticket SET customer = ?, contact = '', wish = '' WHERE owner_id = ?",
            'UPDATE invoice i JOIN ticket t ON t.id = i.ticket_id SET i.customer = ? WHERE t.owner_id = ?',
            "UPDATE collection c JOIN ticket t ON t.id = c.ticket_id SET c.taken_by = ?, c.strokes = '[]', c.note = ''
             WHERE t.owner_id = ?",
            "UPDATE agreement a JOIN piece p ON p.id = a.piece_id JOIN ticket t ON t.id = p.ticket_id SET a.signed_by = ?, a.strokes = '[]'
             WHERE t.owner_id = ?",
            "UPDATE supplement s JOIN piece p ON p.id = s.piece_id JOIN ticket t ON t.id = p.ticket_id SET s.answered_by = ?, s.strokes = '[]'
             WHERE t.owner_id = ?",
        ] as $sql) {
            $this->connection->executeStatement($sql, [$name, $id]);
        }
        $this->connection->executeStatement(
            "UPDATE passport SET care_page = -ABS(care_page), carried = NULL, cares = '[]', stored_at = '', stored_until = NULL WHERE owner_id = ?",
            [$id],
        );
        $this->connection->executeStatement('DELETE FROM message WHERE owner_id = ?', [$id]);
        $this->answers([...$wishes, ...$said], $name);
        $pieces = array_map(static fn (Row $r): int => $r->int('id'), $rows);
        $digests = [] === $pieces ? [] : $this->ofPieces($pieces, $name, $said);
        foreach (self::SHOWN as $table) {
            $this->connection->executeStatement("DELETE FROM $table");
        }
        foreach ([] === $pieces ? [] : $this->entities->getRepository(StoredPiece::class)->findBy(['id' => $pieces]) as $piece) {
            $this->ledger->piece(Event::Corrected, $piece, $by, 'What was known of the owner was erased, as they asked.');
        }

        return $digests;
    }

    /**
     * Answers stay, so that no act is done twice by who asks once more; what they say of the owner goes.
     *
     * @param list<string> $said
     */
    private function answers(array $said, string $name): void
    {
        foreach ($said as $word) {
            foreach (self::forms($word) as $form) {
                $this->connection->executeStatement('UPDATE remembered_answer SET body = REPLACE(body, ?, ?)', [$form, $name]);
            }
        }
    }

    /**
     * The words whole, and of each the parts by which somebody is known as well (“Marchetti’s heel”), the longest first.
     *
     * @param list<string> $said
     *
     * @return string|null null where there are none
     */
    private static function pattern(array $said): ?string
    {
        $words = [];
        foreach ($said as $word) {
            preg_match_all('/(?<!\pL)\p{Lu}\pL{'.(self::SHORTEST_PART - 1).',}/u', $word, $parts);
            foreach ([$word, ...$parts[0]] as $part) {
                array_push($words, ...self::forms($part));
            }
        }
        usort($words, static fn (string $a, string $b): int => \strlen($b) <=> \strlen($a));

        return [] === $words ? null : '(?-i)(?<!\pL)(?:'.implode('|', array_map(preg_quote(...), $words)).')(?!\pL)';
    }

    /** @return list<string> as it is, and as it stands in JSON, with and without its letters beyond ASCII */
    private static function forms(string $word): array
    {
        $json = static fn (int $flags): string => substr((string) json_encode($word, $flags | \JSON_UNESCAPED_SLASHES), 1, -1);

        return array_values(array_unique([$word, $json(\JSON_UNESCAPED_UNICODE), $json(0)]));
    }

    /**
     * @param non-empty-list<int> $pieces
     * @param list<string>        $said   by which they are known
     *
     * @return list<string>
     */
    private function ofPieces(array $pieces, string $name, array $said): array
    {
        foreach ([
            // What hands have written may say anything of anybody.
            "UPDATE ledger_entry SET text = 'A note that was erased.' WHERE event IN ('noted', 'told') AND piece_id IN (?)",
            "UPDATE ledger_entry SET text = 'Taken in.' WHERE event = 'opened' AND piece_id IN (?)",
            "UPDATE ledger_entry SET text = 'Corrected.' WHERE event = 'corrected' AND piece_id IN (?)",
            "UPDATE piece SET unwanted = '' WHERE id IN (?)",
            // Made anew from what is left.
            'DELETE FROM piece_text WHERE piece_id IN (?)',
            'DELETE FROM piece_mark WHERE piece_id IN (?)',
        ] as $sql) {
            $this->connection->executeStatement($sql, [$pieces], [ArrayParameterType::INTEGER]);
        }
        $pattern = self::pattern($said);
        foreach (null === $pattern ? [] : self::WORDED as $where => $which) {
            [$table, $column] = explode('.', $where);
            $this->connection->executeStatement(
                \sprintf('UPDATE %s SET %2$s = REGEXP_REPLACE(%2$s, :said, :gone) WHERE %3$s', $table, $column, $which),
                ['said' => $pattern, 'gone' => '…', 'pieces' => $pieces],
                ['pieces' => ArrayParameterType::INTEGER],
            );
        }
        $digests = array_map(
            static fn (Row $r): string => $r->text('digest'),
            Row::all($this->connection, 'SELECT DISTINCT digest FROM picture WHERE piece_id IN (?)', [$pieces], [ArrayParameterType::INTEGER]),
        );
        $this->connection->executeStatement('DELETE FROM picture WHERE piece_id IN (?)', [$pieces], [ArrayParameterType::INTEGER]);

        return $digests;
    }
}
