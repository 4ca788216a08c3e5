<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

use KindHeel\App\People\Member;
use KindHeel\App\People\Passwords;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;
use Symfony\Component\Security\Http\Event\CheckPassportEvent;
use Symfony\Component\Security\Http\Event\LoginSuccessEvent;

/** Counts tries to sign in, whoever it is for. */
final readonly class SignInThrottle
{
    public function __construct(private Tries $tries, private RequestStack $requests, private Passwords $passwords)
    {
    }

    /** Before the password is looked at, so that a right one does not get through either. */
    #[AsEventListener(priority: 2000)]
    public function check(CheckPassportEvent $event): void
    {
        $badge = $event->getPassport()->getBadge(UserBadge::class);
        if (!$badge instanceof UserBadge || null === $this->requests->getMainRequest()) {
            return;
        }
        $person = self::person($badge);
        $this->tries->begin(self::who($person, $badge->getUserIdentifier()));
        if (null === $person) {
            // As long as it takes for somebody who is known: the time tells nobody who works here.
            $this->passwords->nobody();
        }
    }

    #[AsEventListener]
    public function succeeded(LoginSuccessEvent $event): void
    {
        $user = $event->getUser();
        $this->tries->forget(self::who($user instanceof Member ? $user : null, $user->getUserIdentifier()));
    }

    /** The person who is found, however the name is spelt. */
    public static function who(?Member $person, string $typed): string
    {
        return null === $person ? 'typed '.mb_strtolower(trim($typed)) : 'person '.$person->id;
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
}
