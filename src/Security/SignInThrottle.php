<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;
use Symfony\Component\Security\Http\Event\CheckPassportEvent;
use Symfony\Component\Security\Http\Event\LoginFailureEvent;
use Symfony\Component\Security\Http\Event\LoginSuccessEvent;

/** Five wrong passwords for a name, or thirty from an address, within a quarter of an hour, and sign-in rests. */
final readonly class SignInThrottle
{
    private const FOR_A_NAME = 5;
    private const FROM_AN_ADDRESS = 30;
    private const MINUTES = 15;

    public function __construct(private Connection $connection, private ClockInterface $clock, private RequestStack $requests)
    {
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
        $since = $this->clock->now()->modify(\sprintf('-%d minutes', self::MINUTES))->format('Y-m-d H:i:s');
        $counts = $this->connection->fetchNumeric(
            'SELECT COALESCE(SUM(who = ?), 0), COALESCE(SUM(address = ?), 0) FROM sign_in_failure WHERE at > ? AND (who = ? OR address = ?)',
            [$who = self::who($badge->getUserIdentifier()), $address = self::address($request), $since, $who, $address],
        );
        if (false !== $counts && ($counts[0] >= self::FOR_A_NAME || $counts[1] >= self::FROM_AN_ADDRESS)) {
            throw new TooManyTries(self::MINUTES);
        }
    }

    #[AsEventListener]
    public function failed(LoginFailureEvent $event): void
    {
        $badge = $event->getPassport()?->getBadge(UserBadge::class);
        if (!$badge instanceof UserBadge || $event->getException() instanceof TooManyTries) {
            return;
        }
        $now = $this->clock->now();
        $this->connection->executeStatement('DELETE FROM sign_in_failure WHERE at < ?', [$now->modify('-1 day')->format('Y-m-d H:i:s')]);
        $this->connection->insert('sign_in_failure', [
            'who' => self::who($badge->getUserIdentifier()),
            'address' => self::address($event->getRequest()),
            'at' => $now->format('Y-m-d H:i:s'),
        ]);
    }

    #[AsEventListener]
    public function succeeded(LoginSuccessEvent $event): void
    {
        $this->connection->delete('sign_in_failure', ['who' => self::who($event->getUser()->getUserIdentifier())]);
    }

    private static function who(string $login): string
    {
        return hash('sha256', mb_strtolower(trim($login)));
    }

    private static function address(Request $request): string
    {
        return hash('sha256', (string) $request->getClientIp());
    }
}
