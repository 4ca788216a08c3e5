<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use Doctrine\DBAL\Driver\AbstractException;
use Doctrine\DBAL\Exception\ConnectionLost;
use Doctrine\DBAL\Exception\DeadlockException;
use Doctrine\DBAL\Exception\DriverException;
use Doctrine\DBAL\Exception\LockWaitTimeoutException;
use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use KindHeel\App\Files\NoRoom;
use KindHeel\App\Http\ProblemListener;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Psr\Log\LoggerInterface;
use Psr\Log\NullLogger;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\HttpKernelInterface;

/** What the database and the disk refuse is told as what it is: nothing of the inside, and no fault where there is none. */
final class ProblemListenerTest extends TestCase
{
    /** @return iterable<string, array{\Throwable, int, string}> */
    public static function refusals(): iterable
    {
        foreach ([3, 1021, 1026, 1030, 1114, 1290, 1836] as $code) {
            yield 'full, '.$code => [new DriverException(self::driver($code), null), 507, 'no room left'];
        }
        yield 'the disk' => [new NoRoom(), 507, 'no room left'];
        yield 'another error' => [new DriverException(self::driver(1054), null), 500, 'went wrong on our side'];
        yield 'a lock' => [new LockWaitTimeoutException(self::driver(1205), null), 503, 'takes too long'];
        yield 'in each other’s way' => [new DeadlockException(self::driver(1213), null), 503, 'does not answer just now'];
        yield 'gone away' => [new ConnectionLost(self::driver(2006), null), 503, 'does not answer just now'];
        yield 'the same from elsewhere' => [new UniqueConstraintViolationException(self::driver(1062), null), 409, 'from elsewhere'];
    }

    #[DataProvider('refusals')]
    public function testItIsToldAsWhatItIs(\Throwable $error, int $status, string $words): void
    {
        $kernel = $this->createStub(HttpKernelInterface::class);
        $event = new ExceptionEvent($kernel, Request::create('/api/bench'), HttpKernelInterface::MAIN_REQUEST, $error);
        (new ProblemListener(new NullLogger()))($event);
        $said = json_decode((string) $event->getResponse()?->getContent(), true);
        self::assertIsArray($said);
        self::assertSame($status, $event->getResponse()?->getStatusCode());
        self::assertIsString($said['detail'] ?? null);
        self::assertStringContainsString($words, $said['detail']);
        self::assertStringNotContainsString('said the driver', $said['detail'], 'nothing of the inside');
    }

    public function testNothingThatWasToBeWrittenComesIntoTheLog(): void
    {
        $lines = [];
        $logger = $this->createStub(LoggerInterface::class);
        $logger->method('error')->willReturnCallback(static function (string $message, array $context) use (&$lines): void {
            $lines[] = $message.' '.json_encode($context, \JSON_PARTIAL_OUTPUT_ON_ERROR);
        });
        $event = fn (\Throwable $error): ExceptionEvent => new ExceptionEvent(
            $this->createStub(HttpKernelInterface::class),
            Request::create('/api/bench'),
            HttpKernelInterface::MAIN_REQUEST,
            $error,
        );
        (new ProblemListener($logger))($event(new DriverException(self::driver(1406), null)));
        (new ProblemListener($logger))($event(new \LogicException('outside', 0, new DriverException(self::driver(1406), null))));
        (new ProblemListener($logger))($event(new \LogicException('one of ours')));
        self::assertStringNotContainsString('said the driver', implode("\n", $lines));
        self::assertStringContainsString('1406', $lines[0] ?? '');
        self::assertStringContainsString('1406', $lines[1] ?? '');
        self::assertStringContainsString('one of ours', $lines[2] ?? '');
    }

    private static function driver(int $code): AbstractException
    {
        return new class('said the driver', 'HY000', $code) extends AbstractException {};
    }
}
