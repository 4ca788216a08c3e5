<?php

declare(strict_types=1);

namespace KindHeel\App\Archive;

use Doctrine\ORM\Mapping as ORM;

/** How far an archive has been taken in: written with the lines themselves, so that what was cut off goes on after the last of them. */
#[ORM\Entity]
#[ORM\Table(name: 'archive_taken')]
class ArchiveTaken
{
    /** whether all of it is there */
    #[ORM\Column(nullable: true)]
    public ?\DateTimeImmutable $endedAt = null;

    public function __construct(
        /** of its manifest */
        #[ORM\Id, ORM\Column(length: 64)]
        public string $digest,
        #[ORM\Column(length: 40)]
        public string $kind,
        /** of that kind, that are there */
        #[ORM\Column(name: 'up_to')]
        public int $upTo = 0,
    ) {
    }
}
