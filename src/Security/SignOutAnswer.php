<?php

declare(strict_types=1);

namespace KindHeel\App\Security;

use KindHeel\App\Http\Answer;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\Security\Http\Event\LogoutEvent;

/** After signing out there is a new, empty session with a token of its own. */
#[AsEventListener(priority: -200)]
final readonly class SignOutAnswer
{
    public function __construct(private SessionViews $views)
    {
    }

    public function __invoke(LogoutEvent $event): void
    {
        $event->setResponse(Answer::of($this->views->of(null)));
    }
}
