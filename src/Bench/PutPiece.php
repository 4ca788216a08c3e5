<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Drying\RecordAir;
use KindHeel\App\Http\Refused;
use KindHeel\App\Job\PieceMove;
use KindHeel\App\Job\StoredPiece;
use KindHeel\Core\Drying\DryingPlace;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Puts a piece to another place in the workshop: its coats dry in the air there. */
final readonly class PutPiece
{
    public function __construct(private EntityManagerInterface $entities, private GearInUse $gear, private RecordAir $record, private ClockInterface $clock)
    {
    }

    /** @throws Refused when there is no room */
    public function on(int $id, DryingPlace $place): void
    {
        if (DryingPlace::Rack === $place) {
            $this->gear->mustHaveSlot($id);
        }
        $piece = $this->entities->find(StoredPiece::class, $id) ?? throw new NotFoundHttpException();
        $this->entities->persist(new PieceMove($piece, $place, $this->clock->now()));
        $this->entities->flush();
        $this->record->moveWaits($id);
    }
}
