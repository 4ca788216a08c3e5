<?php

declare(strict_types=1);

namespace KindHeel\App\Message;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Counter\ReadyShelf;
use KindHeel\App\Counter\ToldInput;
use KindHeel\App\Http\Refused;
use KindHeel\App\Job\ReachedBy;
use KindHeel\App\People\Person;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** A letter has been posted or a call made; one that did not go is sent again, or not sent at all. */
final readonly class EndMessage
{
    public function __construct(
        private EntityManagerInterface $entities,
        private ReadyShelf $shelf,
        private ClockInterface $clock,
        private SendingHours $hours,
    ) {
    }

    /** @throws Refused */
    public function done(int $id, Person $by): void
    {
        $message = $this->message($id);
        if (!\in_array($message->state(), [MessageState::Waiting, MessageState::Failed], true)) {
            throw Refused::now('That has been done already.');
        }
        if (ReachedBy::Email === $message->byWay() && MessageState::Failed !== $message->state()) {
            throw Refused::now('An e-mail goes by itself.');
        }
        $message->went($this->clock->now());
        if (Occasion::Ready === $message->occasion() && null !== $message->ticket()) {
            $this->shelf->told($message->ticket()->id(), new ToldInput($message->byWay()->label()), $by);
        }
    }

    /** @throws Refused */
    public function stop(int $id): void
    {
        $this->message($id)->stop($this->clock->now());
    }

    /** @throws Refused */
    public function again(int $id): void
    {
        $this->message($id)->again($this->hours->next());
    }

    private function message(int $id): OwnerMessage
    {
        return $this->entities->find(OwnerMessage::class, $id, LockMode::PESSIMISTIC_WRITE) ?? throw new NotFoundHttpException();
    }
}
