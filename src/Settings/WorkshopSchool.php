<?php

declare(strict_types=1);

namespace KindHeel\App\Settings;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\Core\Treatment\Wish\School;

/** The side that this workshop takes in a school, until it takes another. */
#[ORM\Entity]
#[ORM\Table(name: 'workshop_school')]
class WorkshopSchool
{
    public function __construct(
        #[ORM\Id, ORM\Column(length: 20)]
        private School $school,
        #[ORM\Column(length: 30)]
        private string $side,
    ) {
    }

    public function school(): School
    {
        return $this->school;
    }

    public function side(): string
    {
        return $this->side;
    }

    public function take(string $side): void
    {
        $this->side = $side;
    }
}
