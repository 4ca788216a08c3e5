<?php

declare(strict_types=1);

namespace KindHeel\App\Demo;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Counter\Collect;
use KindHeel\App\Counter\CollectInput;
use KindHeel\App\Counter\Paid;
use KindHeel\App\Counter\PieceInput;
use KindHeel\App\Counter\TicketInput;
use KindHeel\App\Counter\TrayInput;
use KindHeel\App\Database\Row;
use KindHeel\App\Intake\IntakeInput;
use KindHeel\App\Intake\TakeIn;
use KindHeel\App\Intake\UsualJob;
use KindHeel\App\Intake\WithPieceInput;
use KindHeel\App\Job\PlaceInput;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\People\Person;
use KindHeel\App\Promise\GivePromise;
use KindHeel\App\Promise\PromiseInput;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Colour\Shade;
use Psr\Clock\ClockInterface;

/** Who comes to the counter while the demo’s time is let go by: some bring a piece, some fetch theirs. The same moment brings the same people. */
final readonly class DemoVisitors
{
    /** Of a hundred half-hours in which the counter is open, in how many somebody brings something: about thirty tickets a week. */
    private const BRINGS = 31;
    /** Nobody is promised a day before a week has gone. */
    private const PROMISED_DAYS = 8;
    /** More than so many open pieces are not taken on: the next weeks are full. */
    private const FULL = 30;
    /** What comes in, the usual more often than the seldom. */
    private const KINDS = [
        Kind::Derby, Kind::Oxford, Kind::CourtTrainer, Kind::AnkleBoot, Kind::Derby, Kind::Loafer, Kind::Chelsea, Kind::Satchel, Kind::Oxford, Kind::Belt,
        Kind::Brogue, Kind::SkateTrainer,
    ];
    private const SHADES = [Shade::Black, Shade::Chestnut, Shade::Espresso, Shade::Tan, Shade::Oxblood, Shade::Navy];
    private const NAMES = ['Everyday', 'Sunday', 'Travelling', 'Father’s', 'Rehearsal', 'Market', 'Stage', 'Winter'];
    private const COLLECTED_AT_ONCE = 6;

    public function __construct(
        private EntityManagerInterface $entities,
        private Connection $connection,
        private TakeIn $takeIn,
        private GivePromise $promise,
        private Collect $collect,
        private DemoHands $hands,
        private ClockInterface $clock,
    ) {
    }

    /** What half an hour at the counter brings. */
    public function come(): void
    {
        $now = $this->clock->now();
        $seed = crc32('counter'.$now->format('YmdHi'));
        if ($seed % 100 < self::BRINGS && self::FULL > $this->open()) {
            $this->hands->act(fn () => $this->bring($seed, $now));
        }
        if (0 === $seed % 3) {
            foreach ($this->ready($now) as $ticket => $pieces) {
                $this->hands->act(fn () => ($this->collect)($ticket, $this->fetched($pieces), $this->counter()));
            }
        }
    }

    private function bring(int $seed, \DateTimeImmutable $now): void
    {
        $kind = self::KINDS[crc32('kind'.$seed) % \count(self::KINDS)];
        $worn = $kind->family()->isFootwear();
        $jobs = array_values(array_filter(
            $this->entities->getRepository(UsualJob::class)->findBy([], ['id' => 'ASC']),
            static fn (UsualJob $j): bool => $j->isFor($kind->family()),
        ));
        if ([] === $jobs) {
            return;
        }
        $ticket = ($this->takeIn)(new IntakeInput(
            new TicketInput(
                DemoPast::somebody($seed % DemoPast::TOWN),
                [new PieceInput(
                    self::NAMES[crc32('name'.$seed) % \count(self::NAMES)].' '.$kind->label(),
                    $kind,
                    Aim::Freshen,
                    $worn ? 36.0 + crc32('size'.$seed) % 10 : null,
                    $worn ? null : 300.0,
                    shade: self::SHADES[crc32('shade'.$seed) % \count(self::SHADES)],
                )],
            ),
            [new WithPieceInput(job: $jobs[crc32('job'.$seed) % \count($jobs)]->id())],
        ), $this->counter());
        ($this->promise)($ticket->id(), new PromiseInput(
            $now->modify(\sprintf('+%d days', self::PROMISED_DAYS))->format(\DATE_RFC3339),
            $ticket->promisedAt()->format(\DATE_RFC3339),
        ), $this->counter());
    }

    private function open(): int
    {
        return Row::all($this->connection, 'SELECT COUNT(*) AS n FROM piece WHERE finished_at IS NULL')[0]->int('n');
    }

    /** @return array<int, list<int>> pieces that have cured, by ticket, those that stand there longest first */
    private function ready(\DateTimeImmutable $now): array
    {
        $ready = [];
        foreach (Row::all(
            $this->connection,
            'SELECT p.id, p.ticket_id FROM piece p WHERE p.finished_at < ? AND p.collected_at IS NULL ORDER BY p.finished_at, p.id LIMIT '
                .self::COLLECTED_AT_ONCE,
            [Iso::toRow($now->modify('-1 day'))],
        ) as $row) {
            $ready[$row->int('ticket_id')][] = $row->int('id');
        }

        return $ready;
    }

    /** @param list<int> $pieces */
    private function fetched(array $pieces): CollectInput
    {
        $tray = [];
        foreach ($pieces as $id) {
            $piece = $this->entities->find(StoredPiece::class, $id) ?? throw new \LogicException('It stood on the shelf this moment.');
            foreach ($piece->parts() as $part) {
                if ($part->isOff()) {
                    $at = $part->toCore()->at;
                    $tray[] = new TrayInput($id, new PlaceInput($at->part, $at->half));
                }
            }
        }

        return new CollectInput($pieces, 'the owner', Paid::Now, 4500, 'cash', tray: $tray);
    }

    private function counter(): Person
    {
        return $this->entities->getRepository(Person::class)->findOneBy(['login' => 'cora']) ?? throw new \LogicException('Nobody is at the counter.');
    }
}
