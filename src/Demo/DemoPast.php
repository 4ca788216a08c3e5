<?php

declare(strict_types=1);

namespace KindHeel\App\Demo;

use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\ReachedBy;
use KindHeel\Core\Care\Cause;
use KindHeel\Core\Care\Fault;
use KindHeel\Core\Colour\Shade;

/**
 * Years before the fortnight: pieces that came again and again, and owners who only come now and then. Each visit is a copy of what was done to a piece of the
 * fortnight, so many days earlier.
 */
final readonly class DemoPast
{
    /** Of the fortnight, with what is done alike. */
    private const AGAIN = [
        'The lamplighter’s derbies' => 'The lamplighter’s derbies', 'The judge’s court shoes' => 'The judge’s court shoes',
        'Father’s oxfords' => 'Father’s oxfords', 'Chorus shoes, first pair' => 'Chorus shoes, first pair',
        'The baker’s Sunday brogues' => 'The baker’s Sunday brogues', 'The stage boots of the crew' => 'The stage boots of the crew',
        'The Captain’s oxfords' => 'Father’s oxfords', 'Two-tone brogues' => 'The baker’s Sunday brogues', 'Travelling derbies' => 'The lamplighter’s derbies',
    ];
    /** Whoever comes now and then: how they are reached, whether they want to be told, and what they bring. */
    private const NOW_AND_THEN = [
        ['Hedda Quarrie', ReachedBy::Email, 'hedda.quarrie@example.org', true, ['Walking boots', 'Black courts']],
        ['Tibor Amsel', ReachedBy::Phone, '555 02 14', true, ['The usher’s oxfords']],
        ['Josephine Tarr', ReachedBy::Post, "Flat 3, Lock House\nCanal Row 8", true, ['Sunday derbies', 'Brown brogues']],
        ['Emeka Lindqvist', ReachedBy::Email, 'lindqvist@example.org', true, ['Interview oxfords']],
        ['Vera Holm-Castell', ReachedBy::Phone, '555 07 73', false, ['Dancing shoes']],
        ['Anselm Pryce', ReachedBy::Email, 'a.pryce@example.org', true, ['Ferryman’s boots', 'Church derbies', 'Oxblood brogues']],
    ];
    private const FIRST = ['Ada', 'Bela', 'Cleo', 'Dario', 'Edda', 'Farid', 'Greta', 'Hugo', 'Ines', 'Jonas', 'Kira', 'Luka', 'Mona', 'Nils', 'Olga',
        'Pavel', 'Rosa', 'Sami', 'Tilda', 'Umar', 'Viola', 'Wim', 'Xenia', 'Yusuf', 'Zora'];
    private const LAST = ['Abend', 'Brandt', 'Corrigan', 'Dvorak', 'Ekholm', 'Farrow', 'Grieve', 'Hallam', 'Isaksen', 'Janda', 'Kestrel', 'Lorimer',
        'Maddern', 'Norling', 'Oakes', 'Pellow', 'Quist', 'Rowan', 'Sedley', 'Tregear', 'Ulven', 'Varley', 'Wexford', 'Yarrow', 'Zeller'];
    private const KINDS = [
        'boots' => 'The stage boots of the crew', 'courts' => 'The judge’s court shoes', 'oxfords' => 'Father’s oxfords',
        'derbies' => 'The lamplighter’s derbies',
        'brogues' => 'The baker’s Sunday brogues', 'shoes' => 'Chorus shoes, first pair',
    ];
    private const SHADES = [Shade::Black, Shade::Chestnut, Shade::Espresso, Shade::Tan, Shade::Oxblood, Shade::Navy];
    public const TOWN = 625;
    private const YEAR = 365;
    private const BATCH = 500;
    /** Of the ledger, for a visit: no job of the fortnight has as many. */
    private const LINES = 250;
    /** What belongs to a piece and is copied with it; what was taken from the shelf is not, as it would be taken twice. */
    private const OF_PIECE = ['piece_part', 'plan_step', 'finding', 'trial', 'ledger_entry', 'piece_move', 'agreement'];

    public function __construct(private Connection $connection)
    {
    }

    /**
     * @param int $visits how many; the few of the usual demo, or thousands to see how it is after years
     *
     * @return list<DemoVisit> the oldest first
     */
    public static function visits(int $years, int $visits): array
    {
        $made = [];
        foreach (array_keys(self::AGAIN) as $n => $piece) {
            for ($k = 1; $k <= 2; ++$k) {
                $made[] = new DemoVisit('', ReachedBy::Other, '', false, $piece, self::AGAIN[$piece], null, 150 * $k + 23 * $n);
            }
        }
        foreach (self::NOW_AND_THEN as $n => [$owner, $by, $reached, $reminded, $pieces]) {
            foreach ($pieces as $i => $piece) {
                for ($k = 0; $k < 3; ++$k) {
                    $made[] = self::ownVisit($owner, $by, $reached, $reminded, $piece, 190 + 260 * $k + 17 * $n + 40 * $i, $n + $i);
                }
            }
        }
        // Two of them mend the visit before: what was laid on too soon after degreasing peeled, and one half was mixed on another day.
        $made[] = new DemoVisit('', ReachedBy::Other, '', false, 'The Captain’s oxfords', 'Father’s oxfords', null, 40, Fault::Peels, Cause::NotDegreased);
        [$owner, $by, $reached, $reminded, $pieces] = self::NOW_AND_THEN[5];
        $made[] = self::ownVisit($owner, $by, $reached, $reminded, $pieces[1], 130, 6)->back(Fault::DarkerHalf, Cause::OtherDay);
        $span = $years * self::YEAR;
        for ($n = \count($made), $piece = 0; $n < $visits; ++$piece) {
            // Most come a few times, some year after year.
            $times = min($visits - $n, 0 === $piece % 40 ? 30 : 1 + $piece % 8);
            $who = intdiv($piece, 2);
            $owner = self::somebody($who);
            $kinds = array_keys(self::KINDS);
            $name = ucfirst(self::SHADES[$piece % 6]->value).' '.$kinds[$piece % 6];
            for ($k = 0; $k < $times; ++$k) {
                $ago = 20 + (($piece * 7919 + $k * intdiv($span, $times)) % $span);
                $visit = self::ownVisit($owner, ReachedBy::Email, "owner$who@example.org", 0 === $who % 3, $name, $ago, $piece);
                $made[] = $k > 0 && 0 === $piece % 29 ? $visit->back(Fault::Streaks, Cause::WetEdgeLost) : $visit;
            }
            $n += $times;
        }
        usort($made, static fn (DemoVisit $a, DemoVisit $b): int => $b->daysAgo <=> $a->daysAgo);

        return $made;
    }

    /** Numbers below these stay free for what came before: what is newer has a higher one. */
    public function leaveRoom(int $visits): void
    {
        foreach (['ticket' => 1, 'piece' => 1, 'ledger_entry' => self::LINES] as $table => $each) {
            $this->connection->executeStatement(\sprintf('ALTER TABLE %s AUTO_INCREMENT = %d', $table, $visits * $each + 1));
        }
    }

    /** @param list<DemoVisit> $visits the oldest first */
    public function live(array $visits, \DateTimeImmutable $now): void
    {
        $this->connection->executeStatement('CREATE TEMPORARY TABLE demo_visit (
            ticket INT NOT NULL PRIMARY KEY, template INT NOT NULL, template_ticket INT NOT NULL, days INT NOT NULL, owner INT NOT NULL, passport INT NOT NULL,
            name VARCHAR(120) NOT NULL, shade VARCHAR(40) NULL, fault VARCHAR(20) NULL, cause VARCHAR(20) NULL, mends INT NULL, pictures INT NOT NULL,
            KEY (template)) DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci');
        $templates = $this->templates();
        $visits = self::doneAlike($visits, $templates);
        [$owners, $passports] = $this->people($visits, $templates, $now);
        $last = $rows = [];
        foreach ($visits as $n => $visit) {
            $template = $templates[$visit->like];
            $passport = $passports[self::key($visit)];
            $rows[] = [
                $n + 1, $template->int('id'), $template->int('ticket_id'), $visit->daysAgo, $owners[self::key($visit)], $passport, $visit->piece,
                $visit->shade?->value, $visit->fault?->value, $visit->cause?->value, null === $visit->fault ? null : $last[$passport] ?? null,
                (int) ('' === $visit->owner),
            ];
            $last[$passport] = $n + 1;
        }
        foreach (array_chunk($rows, self::BATCH) as $batch) {
            $this->connection->executeStatement(
                'INSERT INTO demo_visit VALUES '.implode(', ', array_fill(0, \count($batch), '(?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)')),
                array_merge(...$batch),
            );
        }
        $this->copy('ticket', 'o.id = v.template_ticket', [
            'id' => 'v.ticket', 'owner_id' => 'v.owner', 'customer' => '(SELECT w.name FROM owner w WHERE w.id = v.owner)',
            'contact' => "LEFT(COALESCE((SELECT JSON_VALUE(w.ways, '$[0].at') FROM owner w WHERE w.id = v.owner), ''), 160)",
        ]);
        $this->copy('piece', 'o.id = v.template', [
            'id' => 'v.ticket', 'ticket_id' => 'v.ticket', 'name' => 'v.name', 'passport_id' => 'v.passport', 'usual_job_id' => 'NULL', 'shelf' => "''",
            'fault' => 'v.fault', 'cause' => 'v.cause', 'mends_id' => 'NULL',
            'collected_at' => 'COALESCE(o.collected_at, o.finished_at + INTERVAL 50 HOUR) - INTERVAL v.days DAY',
        ]);
        $this->connection->executeStatement('UPDATE piece p JOIN demo_visit v ON v.ticket = p.id SET p.mends_id = v.mends WHERE v.mends IS NOT NULL');
        foreach (self::OF_PIECE as $table) {
            $this->copy($table, 'o.piece_id = v.template', ['piece_id' => 'v.ticket'] + match ($table) {
                'piece_part' => ['shade' => 'COALESCE(v.shade, o.shade)'],
                'ledger_entry' => ['id' => 'ROW_NUMBER() OVER (ORDER BY v.ticket, o.id)'],
                default => [],
            });
        }
        $this->copy('picture', 'o.piece_id = v.template AND v.pictures = 1', ['piece_id' => 'v.ticket']);
        $this->connection->executeStatement(
            'UPDATE passport s JOIN (SELECT p.passport_id, MIN(t.opened_at) AS since FROM piece p JOIN ticket t ON t.id = p.ticket_id GROUP BY p.passport_id) f
             ON f.passport_id = s.id SET s.since = f.since',
        );
        $this->connection->executeStatement('DROP TEMPORARY TABLE demo_visit');
    }

    /** One of a townful of people; beyond six hundred they are told apart by a number. */
    public static function somebody(int $who): string
    {
        return self::FIRST[$who % 25].' '.self::LAST[intdiv($who, 25) % 25].($who < self::TOWN ? '' : ' '.(1 + intdiv($who, self::TOWN)));
    }

    private static function ownVisit(string $owner, ReachedBy $by, string $reached, bool $reminded, string $piece, int $daysAgo, int $n): DemoVisit
    {
        $words = explode(' ', strtolower($piece));

        return new DemoVisit($owner, $by, $reached, $reminded, $piece, self::KINDS[end($words)] ?? self::KINDS['shoes'], self::SHADES[$n % 6], $daysAgo);
    }

    /**
     * What of the fortnight is not done yet is done like something else; a piece of the fortnight only ever like itself.
     *
     * @param list<DemoVisit>    $visits
     * @param array<string, Row> $templates
     *
     * @return list<DemoVisit>
     */
    private static function doneAlike(array $visits, array $templates): array
    {
        $other = array_values(array_intersect(self::KINDS, array_keys($templates)))[0] ?? throw new \LogicException('Nothing is done yet.');
        $alike = [];
        foreach ($visits as $visit) {
            if (isset($templates[$visit->like])) {
                $alike[] = $visit;
            } elseif ('' !== $visit->owner) {
                $alike[] = $visit->like($other);
            }
        }

        return $alike;
    }

    /** Whose and which: one passport. */
    private static function key(DemoVisit $visit): string
    {
        return $visit->owner.'/'.$visit->piece;
    }

    /** @return array<string, Row> pieces that are done, by name */
    private function templates(): array
    {
        $found = [];
        foreach (Row::all($this->connection, 'SELECT id, ticket_id, name, kind FROM piece WHERE finished_at IS NOT NULL ORDER BY id') as $row) {
            $found[$row->text('name')] = $row;
        }

        return $found;
    }

    /**
     * @param list<DemoVisit>    $visits
     * @param array<string, Row> $templates
     *
     * @return array{array<string, int>, array<string, int>} owner and passport, by whose and which
     */
    private function people(array $visits, array $templates, \DateTimeImmutable $now): array
    {
        $owners = $passports = $byName = [];
        foreach (Row::all($this->connection, 'SELECT id, name, owner_id FROM passport') as $row) {
            $owners['/'.$row->text('name')] = $row->int('owner_id');
            $passports['/'.$row->text('name')] = $row->int('id');
        }
        foreach ($visits as $visit) {
            $key = self::key($visit);
            if (isset($passports[$key])) {
                continue;
            }
            if (!isset($byName[$visit->owner])) {
                $this->connection->insert('owner', [
                    'name' => $visit->owner, 'ways' => json_encode([['by' => $visit->by->value, 'at' => $visit->reached]], \JSON_THROW_ON_ERROR),
                    'language' => '', 'notes' => '', 'may_remind' => (int) $visit->reminded, 'since' => $now->format('Y-m-d H:i:s'),
                ]);
                $byName[$visit->owner] = (int) $this->connection->lastInsertId();
            }
            $use = ['days' => 1 + \count($passports) % 6, 'for' => 'everyday', 'wet' => 0 === \count($passports) % 3, 'salt' => false, 'sun' => false,
                'dark' => false, 'stored' => null];
            $this->connection->insert('passport', [
                'owner_id' => $byName[$visit->owner], 'name' => $visit->piece, 'kind' => $templates[$visit->like]->text('kind'),
                'code' => substr(hash('sha256', 'demo '.$key), 0, 10), 'care_page' => 0, 'cares' => '[]', 'stored_at' => '',
                'carried' => json_encode($use, \JSON_THROW_ON_ERROR), 'since' => $now->format('Y-m-d H:i:s'),
            ]);
            $owners[$key] = $byName[$visit->owner];
            $passports[$key] = (int) $this->connection->lastInsertId();
        }

        return [$owners, $passports];
    }

    /** @param array<string, string> $as what else stands in a column; what has a time is so many days earlier */
    private function copy(string $table, string $on, array $as): void
    {
        $columns = $values = [];
        foreach (Row::all($this->connection, 'SHOW COLUMNS FROM '.$table) as $row) {
            $column = $row->text('Field');
            if ('id' !== $column || isset($as['id'])) {
                $columns[] = "`$column`";
                $values[] = $as[$column] ?? ('datetime' === $row->text('Type') ? "o.`$column` - INTERVAL v.days DAY" : "o.`$column`");
            }
        }
        $this->connection->executeStatement(\sprintf(
            'INSERT INTO %s (%s) SELECT %s FROM demo_visit v JOIN %1$s o ON %s ORDER BY v.ticket',
            $table,
            implode(', ', $columns),
            implode(', ', $values),
            $on,
        ));
    }
}
