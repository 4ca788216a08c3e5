<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\App\People\Person;

/** The terms as they were set at one time. They are never changed: an offer keeps those that it was reckoned with. */
#[ORM\Entity]
#[ORM\Table(name: 'price_terms')]
class StoredPriceTerms
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;
    /** @var array<string, mixed> */
    #[ORM\Column(type: 'json')]
    private array $terms;

    public function __construct(
        PriceTerms $terms,
        #[ORM\Column]
        private \DateTimeImmutable $at,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private Person $by,
    ) {
        $this->terms = $terms->toColumn();
    }

    public function id(): int
    {
        return $this->id ?? 0;
    }

    public function terms(): PriceTerms
    {
        // Just set, its maps are objects still.
        $terms = json_decode((string) json_encode($this->terms), true);

        return PriceTerms::fromColumn(\is_array($terms) ? $terms : []);
    }

    public function at(): \DateTimeImmutable
    {
        return $this->at;
    }

    public function by(): Person
    {
        return $this->by;
    }
}
