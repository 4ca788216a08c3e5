<?php

declare(strict_types=1);

namespace KindHeel\App\Settings;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\App\People\Person;

/** A day on which somebody, or the whole workshop, has other hours than usual; none is a day off. */
#[ORM\Entity]
#[ORM\Table(name: 'other_day')]
#[ORM\Index(columns: ['day'])]
class OtherDay
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    /** @param list<array{string, string}> $shifts */
    public function __construct(
        #[ORM\Column(type: 'date_immutable')]
        private \DateTimeImmutable $day,
        #[ORM\Column(type: 'json')]
        private array $shifts,
        #[ORM\Column(length: 120)]
        private string $why,
        #[ORM\ManyToOne, ORM\JoinColumn(onDelete: 'CASCADE')]
        private ?Person $person,
    ) {
    }
}
