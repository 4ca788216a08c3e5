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
    public function __construct(private EntityManagerInterface $entities, private RecipeReader $recipes, private Shelf $shelf)
    {
    }

    /** @return array<string, Cover> by part, for both halves alike; the latest pot speaks */
    public function of(StoredPiece $piece): array
    {
        $cover = [];
        /** @var list<Pot> $pots */
        $pots = $this->entities->createQuery('SELECT p FROM '.Pot::class.' p JOIN p.target r WHERE r.piece = :piece AND p.ground IS NOT NULL ORDER BY p.id')->setParameter('piece', $piece)->getResult();
        foreach ($pots as $pot) {
            // An empty pot, or one of binder alone, says nothing of coats.
            if ([] === array_diff(array_keys($pot->drops() ?: $pot->recipe()), [Paint::CLEAR_BINDER])) {
                continue;
            }
            $coats = $this->recipes->coats($pot->id());
            $best = $coats->bare;
            foreach ($coats->based as $ladder) {
                if (null === $best->coats || null !== $ladder->coats && $ladder->baseCoats + $ladder->coats < $best->baseCoats + $best->coats) {
                    $best = $ladder;
                }
            }
            if (null !== $best->coats) {
                $cover[$pot->targetReading()->place()->part->value] = new Cover($pot->name(), $best->coats, $best->baseCoats, $best->base === $this->shelf->name($this->shelf->white()->id ?? ''), $pot->applicator());
            }
        }

        return $cover;
    }
}
