<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

use Doctrine\ORM\EntityManagerInterface;

/** The terms that hold now. */
final readonly class CurrentPrices
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    /** Null until somebody has set them: then what is usual is reckoned with. */
    public function stored(): ?StoredPriceTerms
    {
        return $this->entities->getRepository(StoredPriceTerms::class)->findOneBy([], ['id' => 'DESC']);
    }

    public function terms(): PriceTerms
    {
        return $this->stored()?->terms() ?? new PriceTerms();
    }
}
