<?php

declare(strict_types=1);

namespace KindHeel\App\Ledger;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Air\AirHistory;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Job\StoredStep;
use KindHeel\App\People\Person;
use Psr\Clock\ClockInterface;

/** Writes what happened, with the air it happened in; part of the caller's transaction. */
final readonly class Ledger
{
    public function __construct(private EntityManagerInterface $entities, private AirHistory $air, private ClockInterface $clock)
    {
    }

    public function step(Event $event, StoredStep $step, Person $person, string $text, ?int $realMinutes = null, ?\DateTimeImmutable $at = null): void
    {
        $this->entities->persist(
            new LedgerEntry(
                $at ?? $this->clock->now(),
                $person,
                $step->piece(),
                $event,
                mb_substr($text, 0, 600),
                $step,
                $this->air->latest()?->air,
                $realMinutes,
            ),
        );
    }

    public function piece(Event $event, StoredPiece $piece, Person $person, string $text): void
    {
        $this->entities->persist(new LedgerEntry($this->clock->now(), $person, $piece, $event, mb_substr($text, 0, 600), null, null));
    }
}
