<?php

declare(strict_types=1);

namespace KindHeel\App\OwnerPage;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Offer\LineView;
use KindHeel\App\Offer\Offer;
use KindHeel\App\Offer\OfferWork;

/** The price that an owner has taken, in a sentence that is read out and signed with the rest. */
final readonly class AgreedPrice
{
    public function __construct(private EntityManagerInterface $entities, private OfferWork $offers)
    {
    }

    /** Null where nothing was offered, or nothing of it taken. */
    public function of(StoredPiece $piece): ?string
    {
        $offer = $this->entities->getRepository(Offer::class)->findOneBy(['piece' => $piece->id()], ['id' => 'DESC']);
        if (null === $offer?->chosen()) {
            return null;
        }
        $way = $this->offers->wayOf($offer, $offer->chosen());

        return \sprintf(
            'It costs about %s %s, tax included; with what work can turn out to be, between %s and %s.',
            $offer->terms()->currency,
            LineView::sum($way->gross),
            LineView::sum($way->low),
            LineView::sum($way->high),
        );
    }
}
