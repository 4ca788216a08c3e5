<?php

declare(strict_types=1);

namespace KindHeel\App\People;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception\DriverException;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;

/**
 * Where people are signed in. It ends after a week, or when nothing was asked for during sixteen hours; what matters most asks for the password when it was
 * given more than a quarter of an hour ago. All of it by the database’s own clock: the demo’s can be put forward.
 */
final readonly class SignIns
{
    public const DAYS = 7;
    public const IDLE_HOURS = 16;
    public const SURE_MINUTES = 15;
    /** It is written down that somebody is still there, once in so many minutes. */
    private const SEEN_MINUTES = 10;
    private const SYSTEMS = ['iPad', 'iPhone', 'Android', 'Windows', 'Mac OS', 'CrOS', 'Linux'];
    private const BROWSERS = ['Firefox' => 'Firefox', 'Edg' => 'Edge', 'Chrome' => 'Chrome', 'Safari' => 'Safari'];

    /** Of a sign-in `s` that goes on. */
    public const GOES_ON = 's.ended_at IS NULL AND s.began_at > UTC_TIMESTAMP() - INTERVAL '.self::DAYS.' DAY AND s.seen_at > UTC_TIMESTAMP() - INTERVAL '
        .self::IDLE_HOURS.' HOUR';

    public function __construct(private Connection $connection)
    {
    }

    /** @param int|null $after the sign-in of the person whose tablet was taken over by a short number: it does not last longer by that */
    public function begin(int $person, string $userAgent, ?int $after = null): int
    {
        $this->connection->executeStatement(
            'INSERT INTO sign_in (person_id, device, began_at, seen_at, sure_at)
             SELECT ?, ?, COALESCE((SELECT o.began_at FROM sign_in o WHERE o.id = ?), UTC_TIMESTAMP()), UTC_TIMESTAMP(), IF(?, UTC_TIMESTAMP(), NULL)',
            [$person, self::device($userAgent), $after, null === $after ? 1 : 0],
        );

        return (int) $this->connection->lastInsertId();
    }

    /** By a browser that somebody has not used here before, though they have used others. */
    public function isElsewhere(int $person, string $userAgent): bool
    {
        $row = Row::first(
            $this->connection,
            'SELECT COUNT(*) AS others, COALESCE(SUM(device = ?), 0) AS same FROM sign_in WHERE person_id = ?',
            [self::device($userAgent), $person],
        );

        return null !== $row && $row->int('others') > 0 && 0 === $row->int('same');
    }

    /** @return Row|null what {@see Members} makes a member of; null when it has ended */
    public function current(int $signIn): ?Row
    {
        $row = Row::first(
            $this->connection,
            'SELECT p.id, p.login, p.name, p.role, p.password_hash, p.one_time_until IS NOT NULL AS one_time,
                COALESCE(s.sure_at > UTC_TIMESTAMP() - INTERVAL '.self::SURE_MINUTES.' MINUTE, 0) AS sure,
                s.seen_at < UTC_TIMESTAMP() - INTERVAL '.self::SEEN_MINUTES.' MINUTE AS stale
             FROM sign_in s JOIN person p ON p.id = s.person_id WHERE s.id = ? AND '.self::GOES_ON.' AND '.Members::MAY,
            [$signIn],
        );
        if (null !== $row && $row->flag('stale')) {
            try {
                $this->connection->executeStatement('UPDATE sign_in SET seen_at = UTC_TIMESTAMP() WHERE id = ?', [$signIn]);
            } catch (DriverException) {
                // Where nothing can be written, what is there can still be read.
            }
        }

        return $row;
    }

    public function isSure(int $signIn): void
    {
        $this->connection->executeStatement('UPDATE sign_in SET sure_at = UTC_TIMESTAMP() WHERE id = ?', [$signIn]);
    }

    public function end(int $signIn, int $person): void
    {
        $this->connection->executeStatement(
            'UPDATE sign_in SET ended_at = UTC_TIMESTAMP() WHERE id = ? AND person_id = ? AND ended_at IS NULL',
            [$signIn, $person],
        );
    }

    public function endAll(int $person, int $but = 0): void
    {
        $this->connection->executeStatement(
            'UPDATE sign_in SET ended_at = UTC_TIMESTAMP() WHERE person_id = ? AND id <> ? AND ended_at IS NULL',
            [$person, $but],
        );
    }

    /** @return list<SignInView> the newest first */
    public function of(int $person, int $here = 0): array
    {
        return array_map(
            static fn (Row $r): SignInView => new SignInView(
                $r->int('id'),
                $r->text('device'),
                Iso::always($r->text('began_at')),
                Iso::always($r->text('seen_at')),
                null === $r->textOrNull('sure_at'),
                $here === $r->int('id'),
            ),
            Row::all(
                $this->connection,
                'SELECT s.id, s.device, s.began_at, s.seen_at, s.sure_at FROM sign_in s WHERE s.person_id = ? AND '.self::GOES_ON
                    .' ORDER BY s.id DESC LIMIT 50',
                [$person],
            ),
        );
    }

    /** “Firefox on Android”: enough to know one’s own again, and no more is kept. */
    public static function device(string $userAgent): string
    {
        $found = static fn (array $names): ?string => array_values(array_filter($names, static fn (mixed $n): bool => \is_string($n)
            && str_contains($userAgent, $n)))[0] ?? null;
        $browser = $found(array_keys(self::BROWSERS));
        $system = $found(self::SYSTEMS);

        return (null === $browser ? 'A program' : self::BROWSERS[$browser]).(null === $system ? '' : ' on '.$system);
    }
}
