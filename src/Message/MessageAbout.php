<?php

declare(strict_types=1);

namespace KindHeel\App\Message;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\App\Job\Passport;
use KindHeel\App\Job\StoredPiece;
use KindHeel\Core\Care\CareKind;

/** Of what a message tells; the database refuses a second one of the same. */
#[ORM\Entity]
#[ORM\Table(name: 'message_about')]
class MessageAbout
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    private function __construct(
        #[ORM\ManyToOne(inversedBy: 'about'), ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private OwnerMessage $message,
        /** “care/12/feed/2026-12”, “ready/40”, “late/40/2026-12-05” */
        #[ORM\Column(length: 60, unique: true)]
        private string $what,
        #[ORM\ManyToOne, ORM\JoinColumn(onDelete: 'CASCADE')]
        private ?Passport $passport = null,
        #[ORM\Column(length: 10, nullable: true)]
        private ?CareKind $care = null,
    ) {
    }

    /** @param string $month in which it is due, as 2026-12 */
    public static function care(OwnerMessage $message, Passport $passport, CareKind $kind, string $month): self
    {
        return new self($message, \sprintf('care/%d/%s/%s', $passport->id(), $kind->value, $month), $passport, $kind);
    }

    /** @param string $day the day that was promised; empty where it is ready */
    public static function piece(OwnerMessage $message, StoredPiece $piece, Occasion $occasion, string $day = ''): self
    {
        return new self($message, rtrim(\sprintf('%s/%d/%s', $occasion->value, $piece->id(), $day), '/'));
    }

    public function what(): string
    {
        return $this->what;
    }
}
