<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

use Doctrine\DBAL\Connection;
use KindHeel\App\People\Member;
use Psr\Clock\ClockInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;
use Symfony\Component\Security\Http\Event\CheckPassportEvent;
use Symfony\Component\Security\Http\Event\LoginSuccessEvent;

/**
 * Five wrong passwords for somebody from one address, or thirty from an address, within a quarter of an hour, and sign-in rests for that address. Whoever is
 * tried from many addresses is slowed for strangers and friends alike, one try in ten seconds, but never locked out.
 *
 * A try is written down before its password is looked at, so that many at once are counted too.
 */
final readonly class SignInThrottle
{
    private const FOR_SOMEBODY = 5;
    private const FROM_AN_ADDRESS = 30;
    private const FROM_EVERYWHERE = 20;
    private const MINUTES = 15;
    private const SLOWED_S = 10;

    public function __construct(
        private Connection $connection,
        private ClockInterface $clock,
        private RequestStack $requests,
        private PasswordHasherFactoryInterface $hashers,
    ) {
    }

    /** Before the password is looked at, so that a right one does not get through either. */
    #[AsEventListener(priority: 2000)]
    public function check(CheckPassportEvent $event): void
    {
        $badge = $event->getPassport()->getBadge(UserBadge::class);
        $request = $this->requests->getMainRequest();
        if (!$badge instanceof UserBadge || null === $request) {
            return;
        }
        $person = self::person($badge);
        [$who, $address, $now] = [self::who($person, $badge->getUserIdentifier()), self::address($request), $this->clock->now()];
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
        if (null === $person) {
            // As long as it takes for somebody who is known: the time tells nobody who works here.
            $this->hashers->getPasswordHasher(Member::class)->hash('nobody');
        }
    }

    #[AsEventListener]
    public function succeeded(LoginSuccessEvent $event): void
    {
        $user = $event->getUser();
        $this->connection->delete('sign_in_failure', [
            'who' => self::who($user instanceof Member ? $user : null, $user->getUserIdentifier()),
            'address' => self::address($event->getRequest()),
        ]);
    }

    private static function person(UserBadge $badge): ?Member
    {
        try {
            $user = $badge->getUser();

            return $user instanceof Member ? $user : null;
        } catch (UserNotFoundException) {
            return null;
        }
    }

    /** The person who is found, however the name is spelt. */
    private static function who(?Member $person, string $typed): string
    {
        return hash('sha256', null === $person ? 'typed '.mb_strtolower(trim($typed)) : 'person '.$person->id);
    }

    private static function at(\DateTimeImmutable $time): string
    {
        return $time->format('Y-m-d H:i:s');
    }

    private static function address(Request $request): string
    {
        return hash('sha256', (string) $request->getClientIp());
    }
}
