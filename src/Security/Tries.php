<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\RequestStack;

/**
 * Five wrong passwords for somebody from one address, or thirty from an address, within a quarter of an hour, and it rests for that address. Whoever is tried
 * from many addresses is slowed for strangers and friends alike, one try in ten seconds, but never locked out.
 */
final readonly class Tries
{
    private const FOR_SOMEBODY = 5;
    private const FROM_AN_ADDRESS = 30;
    private const FROM_EVERYWHERE = 20;
    private const MINUTES = 15;
    private const SLOWED_S = 10;

    public function __construct(private Connection $connection, private ClockInterface $clock, private RequestStack $requests)
    {
    }

    /**
     * A try is written down before it is looked at, so that many at once are counted too.
     *
     * @throws TooManyTries
     */
    public function begin(string $who): void
    {
        [$who, $address, $now] = [self::hash($who), $this->address(), $this->clock->now()];
        $this->connection->insert('sign_in_failure', ['who' => $who, 'address' => $address, 'at' => self::at($now)]);
        $try = (int) $this->connection->lastInsertId();
        $counts = $this->connection->fetchNumeric(
            'SELECT COALESCE(SUM(who = ? AND address = ?), 0), COALESCE(SUM(address = ?), 0), COALESCE(SUM(who = ?), 0), '
                .'COALESCE(SUM(who = ? AND id < ? AND at > ?), 0) FROM sign_in_failure WHERE at > ? AND (who = ? OR address = ?)',
            [
                $who, $address, $address, $who,
                $who, $try, self::at($now->modify(\sprintf('-%d seconds', self::SLOWED_S))),
                self::at($now->modify(\sprintf('-%d minutes', self::MINUTES))), $who, $address,
            ],
        ) ?: [0, 0, 0, 0];
        [$hereForThem, $here, $everywhere, $justNow] = $counts;
        $seconds = match (true) {
            $hereForThem > self::FOR_SOMEBODY, $here > self::FROM_AN_ADDRESS => 60 * self::MINUTES,
            $everywhere > self::FROM_EVERYWHERE && $justNow > 0 => self::SLOWED_S,
            default => 0,
        };
        if ($seconds > 0) {
            // Knocking while it rests does not make it longer.
            $this->connection->delete('sign_in_failure', ['id' => $try]);

            throw new TooManyTries($seconds);
        }
    }

    /** It was the right one. */
    public function forget(string $who): void
    {
        $this->connection->delete('sign_in_failure', ['who' => self::hash($who), 'address' => $this->address()]);
    }

    private static function hash(string $who): string
    {
        return hash('sha256', $who);
    }

    private static function at(\DateTimeImmutable $time): string
    {
        return $time->format('Y-m-d H:i:s');
    }

    private function address(): string
    {
        return self::hash((string) $this->requests->getMainRequest()?->getClientIp());
    }
}
