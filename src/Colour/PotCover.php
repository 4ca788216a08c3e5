<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Job\StoredPiece;
use KindHeel\Core\Colour\Paint;
use KindHeel\Core\Treatment\Wish\Cover;

/** What the pots of a piece say about coats, for its plan. */
final readonly class PotCover
{
    public function __construct(private EntityManagerInterface $entities, private RecipeReader $recipes)
    {
    }

    /** @return array<string, Cover> by part, for both halves alike; the latest pot speaks */
    public function of(StoredPiece $piece): array
    {
        $cover = [];
        /** @var list<StoredPot> $pots */
        $pots = $this->entities
            ->createQuery('SELECT p FROM '.StoredPot::class.' p JOIN p.target r WHERE r.piece = :piece AND p.ground IS NOT NULL ORDER BY p.id')
            ->setParameter('piece', $piece)
            ->getResult();
        foreach ($pots as $pot) {
            // An empty pot, or one of binder alone, says nothing of coats.
            if ([] === array_diff(array_keys($pot->drops() ?: $pot->recipe()), [Paint::CLEAR_BINDER])) {
                continue;
            }
            $covering = $this->recipes->covering($pot);
            $base = $covering->base();
            $coats = $base->coats->coats ?? $covering->bare->coats;
            if (null !== $coats) {
                $part = $pot->targetReading()->place()->part->value;
                $cover[$part] = new Cover($pot->name(), $coats, $base->coats->baseCoats ?? 0, $base->white ?? false, $pot->applicator());
            }
        }

        return $cover;
    }
}
