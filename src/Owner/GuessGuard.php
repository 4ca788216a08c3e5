<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;

/** Whoever tries addresses of care pages is soon not answered any more; a right one is not shown either then. */
final readonly class GuessGuard
{
    private const MOST = 20;
    private const MINUTES = 15;
    private const WHO = 'care-page';

    public function __construct(private Connection $connection, private ClockInterface $clock)
    {
    }

    public function check(Request $request): void
    {
        $tries = $this->connection->fetchOne(
            'SELECT COUNT(*) FROM sign_in_failure WHERE who = ? AND address = ? AND at > ?',
            [self::WHO, self::address($request), $this->at(\sprintf('-%d minutes', self::MINUTES))],
        );
        if (is_numeric($tries) && (int) $tries >= self::MOST) {
            throw new TooManyRequestsHttpException(60 * self::MINUTES, 'Too many addresses that lead nowhere. Try again later.');
        }
    }

    public function missed(Request $request): void
    {
        $this->connection->insert('sign_in_failure', ['who' => self::WHO, 'address' => self::address($request), 'at' => $this->at('now')]);
    }

    private function at(string $when): string
    {
        return $this->clock->now()->modify($when)->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d H:i:s');
    }

    /** Of its own: whoever mistypes an address of a care page is still let in where people sign in. */
    private static function address(Request $request): string
    {
        return substr('care/'.$request->getClientIp(), 0, 45);
    }
}
