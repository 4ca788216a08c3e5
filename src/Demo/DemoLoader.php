<?php

declare(strict_types=1);

namespace KindHeel\App\Demo;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Air\AirReading;
use KindHeel\App\Air\AirSource;
use KindHeel\App\Counter\Collect;
use KindHeel\App\Counter\CollectInput;
use KindHeel\App\Counter\OpenTicket;
use KindHeel\App\Counter\Paid;
use KindHeel\App\Counter\PieceInput;
use KindHeel\App\Counter\ReadyShelf;
use KindHeel\App\Counter\ShelfInput;
use KindHeel\App\Counter\TicketInput;
use KindHeel\App\Counter\ToldInput;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\BenchChanged;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Message\Post;
use KindHeel\App\Message\SeasonInput;
use KindHeel\App\Message\WriteMessages;
use KindHeel\App\People\Member;
use KindHeel\App\People\Passwords;
use KindHeel\App\People\Person;
use KindHeel\App\People\Role;
use KindHeel\App\Picture\Moment;
use KindHeel\App\Plan\MakePlan;
use KindHeel\App\Plan\PlanInput;
use KindHeel\App\Search\PieceWords;
use KindHeel\App\Settings\IdentityView;
use KindHeel\App\Settings\WorkshopSettings;
use KindHeel\App\Simulation\SimulatedThermoHygrometer;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Drying\DryingPlace;
use KindHeel\Core\Offer\Meaning;
use Psr\EventDispatcher\EventDispatcherInterface;
use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;

/**
 * Lives through two weeks in the workshop with the same use cases that people use, on a clock of its own.
 *
 * So what the demo shows – waits, windows, ledger – is what the application really made of it.
 */
final class DemoLoader
{
    private const DAYS = 14;
    /** Login, name, role; the password is `lantern-` and the login. */
    public const PEOPLE = [
        ['ida', 'Ida Varga', Role::Owner],
        ['tomas', 'Tomas Bell', Role::Restorer],
        ['wren', 'Wren Okafor', Role::Apprentice],
        ['cora', 'Cora Lind', Role::Counter],
    ];
    /** The last stretch of work ends now, whatever the hour, so that something is always wet. */
    private const LAST_STRETCH_MINUTES = 175;
    private const COLLECTED_AFTER_HOURS = 50;
    /** Of the tickets without a signature, every third had its ways laid before the owner as well. */
    private const OFFERED = 3;

    private MockClock $clock;
    /** @var array<int, DemoTicket> what is still to come in, the earliest first */
    private array $coming = [];

    public function __construct(
        private readonly EntityManagerInterface $entities,
        private readonly Connection $connection,
        private readonly PasswordHasherFactoryInterface $hashers,
        private readonly SimulatedThermoHygrometer $instrument,
        private readonly OpenTicket $open,
        private readonly MakePlan $plan,
        private readonly DemoLookOver $lookOver,
        private readonly DemoColours $colours,
        private readonly DemoShelf $shelfOfProducts,
        private readonly DemoOffers $offers,
        private readonly DemoHands $hands,
        private readonly Collect $collect,
        private readonly ReadyShelf $shelf,
        private readonly DemoPast $past,
        private readonly WriteMessages $write,
        private readonly Post $post,
        private readonly PieceWords $words,
        private readonly WorkshopSettings $settings,
        private readonly EventDispatcherInterface $events,
        private readonly string $workshopTimezone,
    ) {
    }

    /**
     * @param \DateTimeImmutable $now    the moment up to which they have worked
     * @param int                $years  that lie behind them
     * @param int                $visits how many visits there were in those years
     */
    public function load(\DateTimeImmutable $now, int $years, int $visits): void
    {
        $before = DemoPast::visits($years, $visits);
        $this->past->leaveRoom(\count($before));
        $real = Clock::get();
        $this->clock = new MockClock($now->modify(\sprintf('-%d days', self::DAYS)));
        Clock::set($this->clock);
        $this->connection->beginTransaction();
        try {
            $this->people();
            $this->settings->takeIdentity(new IdentityView('The yard by the theatre', "Cooper’s Yard 3\nby the stage door", 'Ring twice, or 555 01 82'));
            $this->air($now);
            $this->colours->range();
            $this->shelfOfProducts->fill($this->clock->now(), $this->person('ida'));
            $this->offers->prices($this->person('ida'));
            $this->coming = LanternPlayers::tickets();
            usort($this->coming, static fn (DemoTicket $a, DemoTicket $b): int => $b->daysAgo <=> $a->daysAgo);
            foreach ($this->stretches($now) as [$from, $until]) {
                $this->hands->stretch(['tomas', 'wren'], $this->clock, $from, $until, $now, fn (\DateTimeImmutable $at) => $this->takeIn($at, $now));
            }
            $this->photographFinished($now);
            $this->handOut($now);
            $this->clock->modify($now->modify('-80 minutes')->format('Y-m-d\TH:i:s\Z'));
            $this->colours->mix($this->person('tomas'), $this->clock);
            $this->clock->modify($now->format('Y-m-d\TH:i:s\Z'));
            $this->offers->beside($this->person('tomas'));
            $this->offers->invoices($this->person('ida'));
            $this->shelfOfProducts->runLow($now, $this->person('ida'));
            $this->past->live($before, $now);
            $this->tellOwners();
            $this->events->dispatch(BenchChanged::inTime());
            $this->connection->commit();
            $this->words->all();
        } catch (\Throwable $error) {
            if ($this->connection->isTransactionActive()) {
                $this->connection->rollBack();
            }
            throw $error;
        } finally {
            Clock::set($real);
        }
    }

    private function people(): void
    {
        foreach (self::PEOPLE as [$login, $name, $role]) {
            $person = new Person($login, $name, $role);
            $person->setPasswordHash($this->hashers->getPasswordHasher(Member::class)->hash(Passwords::DEMO.$login));
            $this->entities->persist($person);
        }
        $this->entities->flush();
    }

    private function air(\DateTimeImmutable $now): void
    {
        for ($at = $this->clock->now(); $at < $now; $at = $at->modify('+30 minutes')) {
            $this->readAir($at);
        }
        $this->readAir($now);
        $this->entities->flush();
    }

    private function readAir(\DateTimeImmutable $at): void
    {
        foreach (DryingPlace::cases() as $place) {
            $said = $this->instrument->read($at, $place);
            if (null !== $said) {
                $this->entities->persist(new AirReading($at, Air::of(...$said->figures()), AirSource::Simulated, $place));
            }
        }
    }

    /** @return list<array{\DateTimeImmutable, \DateTimeImmutable}> when somebody is at the bench */
    private function stretches(\DateTimeImmutable $now): array
    {
        $stretches = [];
        $last = $now->modify(\sprintf('-%d minutes', self::LAST_STRETCH_MINUTES));
        for ($day = self::DAYS - 1; $day > 0; --$day) {
            $local = $now->modify("-$day days")->setTimezone(new \DateTimeZone($this->workshopTimezone));
            $from = $local->setTime(9, 0);
            $until = min($local->setTime(16, 30), $last->modify('-30 minutes'));
            if ('7' !== $local->format('N') && $from < $until) {
                $stretches[] = [$from, $until];
            }
        }

        return [...$stretches, [$last, $now]];
    }

    private function takeIn(\DateTimeImmutable $at, \DateTimeImmutable $now): void
    {
        while (isset($this->coming[0])) {
            $due = $now->modify(\sprintf('-%d minutes', (int) round(1440 * $this->coming[0]->daysAgo)));
            if ($due > $at) {
                return;
            }
            $ticket = array_shift($this->coming);
            $this->clock->modify(max($due, $this->clock->now())->format('Y-m-d\TH:i:s\Z'));
            $this->openTicket($ticket, $now);
        }
    }

    private function openTicket(DemoTicket $demo, \DateTimeImmutable $now): void
    {
        $promised = $now
            ->modify(\sprintf('+%d minutes', (int) round(1440 * $demo->daysAhead)))
            ->setTimezone(new \DateTimeZone($this->workshopTimezone))
            ->setTime(18, 30);
        $promised = $promised > $now ? $promised : $promised->modify('+1 day');
        $ticket = ($this->open)(
            new TicketInput(
                $demo->customer,
                array_map(
                    static fn (DemoPiece $p): PieceInput => new PieceInput($p->name, $p->kind, $p->aim, $p->sizeEu, $p->lengthMm, $p->gloss, $p->shade),
                    $demo->pieces,
                ),
                $demo->contact,
                $demo->wish,
                $promised->format(\DATE_RFC3339),
            ),
            $this->person('ida'),
        );
        $ids = array_map(
            static fn (Row $row): int => $row->int('id'),
            Row::all($this->connection, 'SELECT id FROM piece WHERE ticket_id = ? ORDER BY id', [$ticket->id()]),
        );
        $this->entities->clear();
        foreach ($demo->pieces as $i => $piece) {
            if ($piece->lookedOver) {
                $this->hands->act(fn () => $this->lookOver->see($this->piece($ids[$i]), $piece));
                $this->hands->act(fn () => $this->lookOver->try($this->piece($ids[$i]), $piece, $this->person('tomas'), $this->clock->now()));
            }
            if ($piece->pictures) {
                $this->hands->act(
                    fn () => $this->lookOver->photograph($this->piece($ids[$i]), $piece, Moment::Before, $this->person('wren'), $this->clock->now()),
                );
            }
            $taken = null !== $piece->signedBy || 0 === $ticket->id() % self::OFFERED;
            if ($piece->lookedOver && ($taken || !$piece->planned)) {
                $worth = 100 * (90 + crc32($piece->name) % 220);
                $meaning = null === $piece->signedBy ? Meaning::Some : Meaning::Dear;
                $this->hands->act(fn () => $this->offers->offer($this->piece($ids[$i]), $worth, $meaning, $this->person('tomas')));
            }
            if ($piece->lookedOver && $piece->planned && $taken) {
                $this->hands->act(fn () => $this->offers->take($this->piece($ids[$i]), $this->person('tomas')));
            }
            if (null !== $piece->signedBy) {
                $this->hands->act(fn () => $this->lookOver->sign($this->piece($ids[$i]), (string) $piece->signedBy, $this->person('ida')));
            }
            if ($piece->planned && !$taken) {
                $this->hands->act(fn () => ($this->plan)($ids[$i], new PlanInput($this->piece($ids[$i])->version()), $this->person('tomas')));
            }
        }
    }

    /** What has been handed over was photographed once more at the end. */
    private function photographFinished(\DateTimeImmutable $now): void
    {
        foreach (LanternPlayers::tickets() as $ticket) {
            foreach ($ticket->pieces as $demo) {
                $row = Row::first($this->connection, 'SELECT id, finished_at FROM piece WHERE name = ? AND finished_at IS NOT NULL', [$demo->name]);
                if ($demo->pictures && null !== $row) {
                    $this->hands->act(
                        fn () => $this->lookOver->photograph(
                            $this->piece($row->int('id')),
                            $demo,
                            Moment::After,
                            $this->person('wren'),
                            min($now, $row->time('finished_at')),
                        ),
                    );
                }
            }
        }
    }

    /** What has been done for some days has been collected; the rest stands on the ready shelf, and its owners know. */
    private function handOut(\DateTimeImmutable $now): void
    {
        $places = ['A 1', 'A 2', 'B 1', 'B 2', 'C 1'];
        foreach (Row::all(
            $this->connection,
            'SELECT p.ticket_id, MAX(p.finished_at) AS done, GROUP_CONCAT(p.id ORDER BY p.id) AS pieces, MIN(t.customer) AS customer
             FROM piece p JOIN ticket t ON t.id = p.ticket_id WHERE p.finished_at IS NOT NULL GROUP BY p.ticket_id ORDER BY done',
        ) as $row) {
            $pieces = array_map(intval(...), explode(',', $row->text('pieces')));
            $later = $row->time('done')->modify(\sprintf('+%d hours', self::COLLECTED_AFTER_HOURS));
            $this->clock->modify(min($later, $now)->format('Y-m-d\TH:i:s\Z'));
            foreach ($later < $now ? [] : $pieces as $i => $piece) {
                $this->hands->act(fn () => $this->shelf->put($piece, new ShelfInput($places[$i % \count($places)])));
            }
            $this->hands->act(fn () => $later < $now
                ? ($this->collect)($row->int('ticket_id'), new CollectInput($pieces, $row->text('customer'), Paid::Later), $this->person('wren'))
                : $this->shelf->told($row->int('ticket_id'), new ToldInput('left word at the stage door'), $this->person('wren')));
        }
    }

    /** Some of those who are due this month have been written to; one wants to be rung up, one gets a letter. */
    private function tellOwners(): void
    {
        $this->entities->clear();
        $month = $this->clock->now()->setTimezone(new \DateTimeZone($this->workshopTimezone))->format('Y-m');
        $owners = array_map(static fn (Row $r): int => $r->int('id'), Row::all(
            $this->connection,
            "SELECT id FROM owner WHERE may_remind = 1 AND name IN ('Hedda Quarrie', 'Tibor Amsel', 'Josephine Tarr')",
        ));
        $this->hands->act(fn () => $this->write->season(new SeasonInput($month, $owners), $this->person('ida')));
        $this->post->round();
    }

    private function piece(int $id): StoredPiece
    {
        return $this->entities->find(StoredPiece::class, $id) ?? throw new \LogicException('No such piece.');
    }

    private function person(string $login): Person
    {
        return $this->entities->getRepository(Person::class)->findOneBy(['login' => $login]) ?? throw new \LogicException('Nobody of that name.');
    }
}
