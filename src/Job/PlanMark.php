<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

use Doctrine\ORM\Mapping as ORM;

/** The mark of the steps and parts of a piece: another as soon as anything of any of them is. {@see PlanMarks} sets it. */
#[ORM\Entity]
#[ORM\Table(name: 'plan_mark')]
class PlanMark
{
    public function __construct(
        #[ORM\Id, ORM\Column]
        private int $pieceId,
        #[ORM\Column(length: 16)]
        private string $mark,
    ) {
    }
}
