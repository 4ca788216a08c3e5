<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\PieceColours;
use KindHeel\App\Job\PieceProgress;
use KindHeel\App\Job\Steps;
use KindHeel\App\Job\Tag;
use KindHeel\App\Job\Ticket;
use KindHeel\App\Search\PieceWords;
use KindHeel\App\Settings\WorkshopSettings;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\Size;
use KindHeel\Core\Assessment\Aim;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/**
 * Tickets, a page at a time: first those with something still to be done, the one promised soonest first, then those that wait to be collected. What was
 * collected is shown only where it is looked for.
 *
 * What was collected years ago costs nothing today: the open ones are few and found by an index, the others by the words that begin so.
 */
final readonly class TicketReader
{
    public const PAGE = 40;

    public function __construct(
        private Connection $connection,
        private WorkshopSettings $settings,
        private PieceWords $words,
        private ClockInterface $clock,
        private string $workshopTimezone,
    ) {
    }

    public function page(TicketQuery $query): TicketsView
    {
        [$where, $values] = $this->filter($query);
        $from = $query->page * self::PAGE;
        // One more than a page tells whether there is another.
        $isAway = $query->state?->isAway() ?? false;
        $ids = $isAway ? [] : $this->ids(
            "SELECT t.id FROM ticket t JOIN piece p ON p.ticket_id = t.id WHERE p.collected_at IS NULL AND $where
                GROUP BY t.id ORDER BY MIN(p.finished_at IS NOT NULL), MIN(t.promised_at), t.id",
            $values,
            $from,
            self::PAGE + 1,
        );
        $away = $isAway || null === $query->state && '' !== trim($query->find);
        if (\count($ids) <= self::PAGE && null === $query->due && $away) {
            $open = 0 === $from || $isAway ? \count($ids) : $this->countOpen($where, $values);
            // Of all that ever went home only those are gone through in which there is a word that begins so.
            [$narrowed, $parts] = PieceWords::atTheCounter($query->find);
            if ([] !== $parts) {
                $this->words->freshen();
            }
            $ids = [...$ids, ...$this->ids(
                "SELECT DISTINCT t.id, t.promised_at FROM ticket t JOIN piece p ON p.ticket_id = t.id WHERE $narrowed AND $where
                    AND NOT EXISTS (SELECT 1 FROM piece o WHERE o.ticket_id = t.id AND o.collected_at IS NULL) ORDER BY t.promised_at DESC, t.id",
                [...$parts, ...$values],
                max(0, $from - $open),
                self::PAGE + 1 - \count($ids),
            )];
        }

        $longAgo = $this->longAgo();

        return new TicketsView(
            $this->views(\array_slice($ids, 0, self::PAGE), $where, $values, $longAgo),
            $this->clock->now()->format(\DATE_RFC3339),
            \count($ids) > self::PAGE,
            Row::first(
                $this->connection,
                'SELECT COUNT(*) AS n FROM piece p WHERE p.collected_at IS NULL AND p.finished_at < ?',
                [Iso::toRow($longAgo)],
            )?->int('n') ?? 0,
        );
    }

    public function one(int $id): TicketView
    {
        return $this->views([$id], 'TRUE', [], $this->longAgo())[0] ?? throw new NotFoundHttpException();
    }

    /**
     * @param list<mixed> $values
     *
     * @return list<int>
     */
    private function ids(string $sql, array $values, int $from, int $most): array
    {
        return array_map(static fn (Row $r): int => $r->int('id'), Row::all($this->connection, $sql.' LIMIT '.$most.' OFFSET '.$from, $values));
    }

    /** @param list<mixed> $values */
    private function countOpen(string $where, array $values): int
    {
        return Row::first(
            $this->connection,
            "SELECT COUNT(DISTINCT t.id) AS open FROM ticket t JOIN piece p ON p.ticket_id = t.id WHERE p.collected_at IS NULL AND $where",
            $values,
        )?->int('open') ?? 0;
    }

    /**
     * @param list<int>   $tickets
     * @param list<mixed> $values
     *
     * @return list<TicketView> in the order of the tickets
     */
    private function views(array $tickets, string $where, array $values, \DateTimeImmutable $longAgo): array
    {
        if ([] === $tickets) {
            return [];
        }
        $rows = Row::all(
            $this->connection,
            'SELECT t.id AS ticket, t.customer, t.contact, t.wish, t.promised_at, t.promised, t.opened_at,
                    p.id, p.name, p.kind, '.Tag::PLACE.' AS place, p.aim, p.assessed, p.planned_from, p.finished_at,
                    p.collected_at, p.called_off, p.shelf, p.size_eu, p.length_mm, t.told_at, '.Steps::COUNTED.', '.PieceColours::COLUMN."
                FROM ticket t JOIN piece p ON p.ticket_id = t.id WHERE t.id IN (?) AND $where ORDER BY p.finished_at IS NOT NULL, p.id",
            [$tickets, ...$values],
            [ArrayParameterType::INTEGER],
        );
        $heads = $pieces = array_fill_keys($tickets, []);
        foreach ($rows as $row) {
            $heads[$row->int('ticket')] = $row;
            $pieces[$row->int('ticket')][] = new PieceRowView(
                id: $row->int('id'),
                tag: Tag::of($row->int('ticket'), $row->int('place')),
                name: $row->text('name'),
                kind: $row->enum('kind', Kind::class),
                aim: $row->enum('aim', Aim::class),
                state: $progress = PieceProgress::of($row),
                hasPlan: $progress->hasPlan(),
                stepsDone: $row->int('done'),
                stepsAll: $row->int('steps'),
                colours: PieceColours::of($row),
                readyAt: Iso::fromRow($row->textOrNull('finished_at')),
                shelf: $row->text('shelf'),
                sizeEu: $row->floatOrNull('size_eu'),
                lengthMm: $row->floatOrNull('length_mm'),
            );
        }
        $views = [];
        foreach ($heads as $id => $head) {
            if ($head instanceof Row) {
                $views[] = new TicketView(
                    $id,
                    $head->text('customer'),
                    $head->text('contact'),
                    $head->text('wish'),
                    Iso::always($head->text('promised_at')),
                    $head->flag('promised'),
                    Iso::always($head->text('opened_at')),
                    Iso::fromRow($head->textOrNull('told_at')),
                    $this->waits($pieces[$id], $longAgo),
                    self::seen($head, $pieces[$id]),
                    $pieces[$id],
                );
            }
        }

        return $views;
    }

    /** What has been ready since then is asked after. */
    private function longAgo(): \DateTimeImmutable
    {
        return $this->clock->now()->modify(\sprintf('-%d days', $this->settings->identity()->uncollectedDays));
    }

    /** @param list<PieceRowView> $pieces */
    private function waits(array $pieces, \DateTimeImmutable $longAgo): ?int
    {
        $since = array_filter(array_map(static fn (PieceRowView $p): ?string => PieceProgress::Ready === $p->state ? $p->readyAt : null, $pieces));
        $first = [] === $since ? null : new \DateTimeImmutable(min($since));

        return null === $first || $first >= $longAgo ? null : (int) $first->diff($this->clock->now())->days;
    }

    /**
     * As {@see Ticket::seen()}.
     *
     * @param list<PieceRowView> $pieces
     */
    private static function seen(Row $head, array $pieces): string
    {
        usort($pieces, static fn (PieceRowView $a, PieceRowView $b): int => $a->id <=> $b->id);
        $words = [$head->text('customer'), $head->text('contact'), $head->text('wish')];
        foreach ($pieces as $piece) {
            $size = Size::of($piece->kind, $piece->sizeEu, $piece->lengthMm);
            $words = [...$words, $piece->name, $piece->kind->value, (string) $size->eu, (string) $size->mm];
        }

        return Ticket::seenAs(...$words);
    }

    /** @return array{string, list<mixed>} SQL about a ticket `t` and its piece `p`, and the values in it */
    private function filter(TicketQuery $query): array
    {
        [$where, $values] = [[], []];
        if (null !== $query->state) {
            $where[] = $query->state->sql();
        }
        if (null !== $query->due) {
            $where[] = 'p.finished_at IS NULL AND t.promised_at < ?';
            $now = $this->clock->now();
            $values[] = Iso::toRow($query->due < 0 ? $now : $now->setTimezone(new \DateTimeZone($this->workshopTimezone))
                ->modify(\sprintf('+%d days', $query->due + 1))->setTime(0, 0));
        }
        foreach (preg_split('/\s+/', trim($query->find), -1, \PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            $like = '%'.addcslashes($word, '%_\\').'%';
            $kinds = array_filter(Kind::cases(), static fn (Kind $k): bool => false !== mb_stripos($k->label(), $word));
            $in = array_map(static fn (Kind $k): string => $k->value, array_values($kinds));
            $where[] = '(t.customer LIKE ? OR t.contact LIKE ? OR t.wish LIKE ? OR p.name LIKE ?'
                .' OR EXISTS (SELECT 1 FROM ledger_entry n WHERE n.piece_id = p.id AND n.event = \'noted\' AND n.text LIKE ?)'
                .([] === $in ? '' : ' OR p.kind IN ('.implode(', ', array_fill(0, \count($in), '?')).')')
                .(1 === preg_match('/^\d{1,9}(-\d{0,3})?$/', $word) ? ' OR CONCAT(t.id, \'-\', '.Tag::PLACE.') LIKE ?' : '').')';
            $values = [...$values, $like, $like, $like, $like, $like, ...$in];
            if (1 === preg_match('/^\d{1,9}(-\d{0,3})?$/', $word)) {
                $values[] = $word.'%';
            }
        }

        return [[] === $where ? 'TRUE' : implode(' AND ', $where), $values];
    }
}
