<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Http\Refused;
use KindHeel\App\People\Person;
use Psr\Clock\ClockInterface;

/** The terms that hold now. */
final readonly class CurrentPrices
{
    public function __construct(private EntityManagerInterface $entities, private ClockInterface $clock)
    {
    }

    /** Null until somebody has set them: then what is usual is reckoned with. */
    public function stored(): ?StoredPriceTerms
    {
        return $this->entities->getRepository(StoredPriceTerms::class)->findOneBy([], ['id' => 'DESC']);
    }

    /** @throws Refused when somebody else was quicker */
    public function set(PriceTermsInput $input, Person $by): void
    {
        if ($input->seen !== ($this->stored()?->id() ?? 0)) {
            throw Refused::stale('Somebody else has set the prices meanwhile. This is how they stand now; set yours once more.');
        }
        $this->entities->persist(new StoredPriceTerms($input->terms(), $this->clock->now(), $by));
    }

    public function terms(): PriceTerms
    {
        return $this->stored()?->terms() ?? new PriceTerms();
    }
}
