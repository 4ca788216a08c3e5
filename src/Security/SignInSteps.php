<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

use Doctrine\DBAL\Connection;
use KindHeel\App\Clock\WorkshopClock;
use KindHeel\App\Database\Row;
use KindHeel\App\People\AccountChange;
use KindHeel\App\People\AccountNotes;
use KindHeel\App\People\Member;
use KindHeel\App\People\Passwords;
use KindHeel\App\People\SignIns;
use KindHeel\App\People\TimeCode;
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\Security\Core\Exception\BadCredentialsException;
use Symfony\Component\Security\Http\Authenticator\Passport\Credentials\PasswordCredentials;
use Symfony\Component\Security\Http\Event\CheckPassportEvent;
use Symfony\Component\Security\Http\Event\LoginFailureEvent;
use Symfony\Component\Security\Http\Event\LoginSuccessEvent;
use Symfony\Component\Security\Http\Event\LogoutEvent;

/** What a sign-in goes through beside the password, and that it is written down where somebody is signed in. */
final readonly class SignInSteps
{
    /** On a request that takes a tablet over: the sign-in of whoever had it. */
    public const TAKES_OVER = '_takes_over';

    public function __construct(
        private Connection $connection,
        private SignIns $signIns,
        private AccountNotes $notes,
        private RequestStack $requests,
        private WorkshopClock $demo,
        private LoggerInterface $logger,
    ) {
    }

    /** The demo’s passwords stand in its README: they open nothing else, however they came there. */
    #[AsEventListener(priority: 100)]
    public function noDemoPassword(CheckPassportEvent $event): void
    {
        $password = $event->getPassport()->getBadge(PasswordCredentials::class);
        if (!$this->demo->isDemo() && $password instanceof PasswordCredentials && !$password->isResolved()
            && str_starts_with($password->getPassword(), Passwords::DEMO)) {
            throw new BadCredentialsException();
        }
    }

    /** After the password was found to be right. */
    #[AsEventListener(priority: -100)]
    public function secondFactor(CheckPassportEvent $event): void
    {
        $user = $event->getPassport()->getUser();
        $request = $this->requests->getMainRequest();
        if ($user instanceof Member && null !== $request && $event->getPassport()->hasBadge(PasswordCredentials::class)) {
            $this->mustShow($user, $request);
        }
    }

    /** @throws SecondFactorAsked */
    public function mustShow(Member $user, Request $request): void
    {
        $row = Row::first($this->connection, 'SELECT second_factor, second_factor_step FROM person WHERE id = ?', [$user->id]);
        $secret = $row?->textOrNull('second_factor');
        if (null === $row || null === $secret) {
            return;
        }
        $sent = json_decode($request->getContent(), true);
        $code = \is_array($sent) && \is_string($sent['code'] ?? null) ? $sent['code'] : '';
        if ('' === $code) {
            throw new SecondFactorAsked('Now the six digits that your app shows.');
        }
        $step = TimeCode::step($secret, $code, $row->int('second_factor_step'), time());
        // Whoever is second with the same number comes too late.
        if (null === $step || 1 !== $this->connection->executeStatement(
            'UPDATE person SET second_factor_step = ? WHERE id = ? AND second_factor_step < ?',
            [$step, $user->id, $step],
        )) {
            throw new SecondFactorAsked('These digits are not the right ones, or were used before. Wait for the next.');
        }
    }

    #[AsEventListener]
    public function began(LoginSuccessEvent $event): void
    {
        $user = $event->getUser();
        if ($user instanceof Member) {
            $before = $event->getRequest()->attributes->get(self::TAKES_OVER);
            $agent = (string) $event->getRequest()->headers->get('User-Agent');
            if (!\is_int($before) && $this->signIns->isElsewhere($user->id, $agent)) {
                $this->notes->say($user->id, AccountChange::Elsewhere);
            }
            $signIn = $this->signIns->begin($user->id, $agent, \is_int($before) ? $before : null);
            $event->getAuthenticatedToken()->setUser($user->signedIn($signIn));
            if (!\is_int($before)) {
                $this->connection->executeStatement('UPDATE person SET pin_tries = 0 WHERE id = ? AND pin_tries > 0', [$user->id]);
            }
            $this->logger->notice('Person {person} signed in.', ['person' => $user->id]);
        }
    }

    #[AsEventListener]
    public function failed(LoginFailureEvent $event): void
    {
        $this->logger->notice('A sign-in failed: {why}', ['why' => $event->getException()->getMessageKey()]);
    }

    #[AsEventListener]
    public function ended(LogoutEvent $event): void
    {
        $user = $event->getToken()?->getUser();
        if ($user instanceof Member) {
            $this->signIns->end($user->signIn, $user->id);
        }
    }
}
