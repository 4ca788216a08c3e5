<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use Doctrine\DBAL\Driver\AbstractException;
use Doctrine\DBAL\Exception\DeadlockException;
use Doctrine\DBAL\Exception\DriverException;
use Doctrine\DBAL\Exception\LockWaitTimeoutException;
use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Air\AirReading;
use KindHeel\App\Air\AirSource;
use KindHeel\App\Colour\ColourShelf;
use KindHeel\App\Counter\TicketView;
use KindHeel\App\Database\Row;
use KindHeel\App\Http\IdempotentRequest;
use KindHeel\App\Shelf\LotMoveKind;
use KindHeel\App\Shelf\Takings;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Drying\DryingPlace;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\RequestStack;

/** One key, one act: whoever asks, however often, whatever gets in the way. */
final class IdempotencyTest extends ApiTestCase
{
    public function testOneKeyOfTwoPeopleIsTwoActs(): void
    {
        $this->signIn('tomas');
        $this->ask('POST', '/api/tickets', $this->ticketBody(), ['Idempotency-Key' => 'k']);
        $his = $this->answered(TicketView::class)->id;
        $this->signIn('nell');
        $this->ask('POST', '/api/tickets', $this->ticketBody(), ['Idempotency-Key' => 'k']);
        $hers = $this->answered(TicketView::class)->id;
        self::assertNotSame($his, $hers, 'an answer goes to nobody but the one who asked');
        self::assertNull($this->client->getResponse()->headers->get('Idempotency-Replayed'));
        $this->signIn('tomas');
        $this->ask('POST', '/api/tickets', $this->ticketBody(), ['Idempotency-Key' => 'k']);
        self::assertSame($his, $this->answered(TicketView::class)->id);
        self::assertSame(2, $this->rows('ticket'));
    }

    public function testWhatWasRefusedIsNotRememberedAndMayBeAskedAgainWithItsKey(): void
    {
        $this->signIn();
        $wrong = $this->ticketBody();
        $wrong['customer'] = '';
        self::assertSame(422, $this->ask('POST', '/api/tickets', $wrong, ['Idempotency-Key' => 'k']));
        self::assertSame(0, $this->rows('remembered_answer'));
        self::assertSame(201, $this->ask('POST', '/api/tickets', $this->ticketBody(), ['Idempotency-Key' => 'k']));
    }

    public function testEveryActNeedsAKey(): void
    {
        $this->signIn();
        foreach (['', str_repeat('k', 201)] as $key) {
            $status = $this->ask('POST', '/api/tickets', $this->ticketBody(), ['Idempotency-Key' => $key]);
            self::assertSame([400, 0], [$status, $this->rows('ticket')], 'nothing was done');
            self::assertStringContainsString('Idempotency-Key', $this->content());
        }
        self::assertSame(201, $this->ask('POST', '/api/tickets', $this->ticketBody(), ['Idempotency-Key' => str_repeat('k', 200)]));
    }

    public function testWhatTheDatabaseUndidIsDoneOnceMoreFromTheStart(): void
    {
        [$once, $entities] = $this->request('k');
        $before = $this->rows('air_reading');
        $tries = 0;
        $answer = $once->answer(function () use (&$tries, $entities): object {
            $entities->persist(new AirReading($this->clock->now(), Air::reference(), AirSource::Typed, DryingPlace::Bench));
            $entities->flush();
            if (++$tries < 3) {
                throw self::deadlock();
            }

            return new class {
                public string $done = 'yes';
            };
        });
        self::assertSame([3, '{"done":"yes"}'], [$tries, $answer->getContent()]);
        self::assertSame($before + 1, $this->rows('air_reading'), 'what was undone left nothing');
    }

    public function testWhatIsUndoneAgainAndAgainIsToldSoAndLeavesNothing(): void
    {
        [$once] = $this->request('k');
        $tries = 0;
        try {
            $once->answer(static function () use (&$tries): never {
                ++$tries;
                throw self::deadlock();
            });
            self::fail('It went on for ever.');
        } catch (DeadlockException) {
            self::assertSame([4, 0], [$tries, $this->rows('remembered_answer')]);
        }
    }

    public function testWhatTwoWroteAtOnceIsDoneOnceMoreOnWhatTheOtherWrote(): void
    {
        [$once] = $this->request('k');
        $tries = 0;
        $answer = $once->answer(static function () use (&$tries): object {
            if (++$tries < 2) {
                throw new UniqueConstraintViolationException(self::driverError('Duplicate entry', 1062), null);
            }

            return new \stdClass();
        });
        self::assertSame([2, 200], [$tries, $answer->getStatusCode()]);
    }

    public function testADeadlockThatTookItsSavepointWithItIsDoneOnceMore(): void
    {
        [$once] = $this->request('k');
        $tries = 0;
        $once->answer(static function () use (&$tries): object {
            if (++$tries < 2) {
                throw new DriverException(self::driverError('SAVEPOINT DOCTRINE_2 does not exist', 1305), null);
            }

            return new \stdClass();
        });
        self::assertSame(2, $tries);
    }

    public function testALockThatTookTooLongIsNotWaitedForAgain(): void
    {
        [$once] = $this->request('k');
        $tries = 0;
        try {
            $once->answer(static function () use (&$tries): never {
                ++$tries;
                throw new LockWaitTimeoutException(self::driverError('Lock wait timeout exceeded', 1205), null);
            });
            self::fail('It was waited for again.');
        } catch (LockWaitTimeoutException) {
            self::assertSame([1, 0], [$tries, $this->rows('remembered_answer')]);
        }
        self::assertEquals(5, $this->connection()->fetchOne('SELECT @@innodb_lock_wait_timeout'), 'and not for a minute');
    }

    public function testAnotherPictureWithTheSameKeyIsAnotherAct(): void
    {
        $sent = static function (string $bytes): string {
            $file = tempnam(sys_get_temp_dir(), 'kh');
            self::assertIsString($file);
            file_put_contents($file, $bytes);
            $request = Request::create('/api/x', 'POST', files: ['picture' => new UploadedFile($file, 'a.jpg', test: true)]);
            $request->headers->set('Idempotency-Key', 'k');
            self::getContainer()->get(RequestStack::class)->push($request);
            $answer = self::getContainer()->get(IdempotentRequest::class)->answer(static function () use ($bytes): object {
                $view = new \stdClass();
                $view->took = $bytes;

                return $view;
            });
            unlink($file);

            return (string) $answer->getContent();
        };
        self::assertSame('{"took":"left"}', $sent('left'));
        self::assertSame('{"took":"right"}', $sent('right'));
        self::assertSame('{"took":"left"}', $sent('left'));
        self::assertSame(2, $this->rows('remembered_answer'));
    }

    public function testTheShelfIsLookedAtAnewWhenTheFirstTryWasUndone(): void
    {
        self::getContainer()->get(\KindHeel\App\Colour\RangeDocument::class)->take((string) file_get_contents(__DIR__.'/../../demo/house-range.json'));
        $shelf = self::getContainer()->get(ColourShelf::class);
        $left = fn (): float => Row::first(
            $this->connection(),
            "SELECT SUM(l.left_amount) AS there FROM lot l JOIN product p ON p.id = l.product_id WHERE p.code = 'brick'",
        )?->float('there') ?? 0.0;
        $takings = self::getContainer()->get(Takings::class);
        $before = $left();
        [$once] = $this->request('k');
        $tries = 0;
        $once->answer(static function () use ($shelf, $takings, &$tries): object {
            $takings->take($shelf->paint('brick'), 1.0, LotMoveKind::Taken, new \DateTimeImmutable(), null);
            if (++$tries < 2) {
                throw self::deadlock();
            }

            return new \stdClass();
        });
        self::assertEqualsWithDelta($before - 1.0, $left(), 1e-9, 'once, and out of the tube that is there');
    }

    /** @return array{IdempotentRequest, EntityManagerInterface} as within a request */
    private function request(string $key): array
    {
        $request = Request::create('/api/x', 'POST', content: '{}');
        $request->headers->set('Idempotency-Key', $key);
        self::getContainer()->get(RequestStack::class)->push($request);

        return [self::getContainer()->get(IdempotentRequest::class), self::getContainer()->get(EntityManagerInterface::class)];
    }

    private static function deadlock(): DeadlockException
    {
        return new DeadlockException(self::driverError('Deadlock found', 1213), null);
    }

    private static function driverError(string $said, int $code): AbstractException
    {
        return new class($said, 'HY000', $code) extends AbstractException {};
    }
}
