<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Http\Refused;
use KindHeel\Core\Assessment\AssessmentError;
use KindHeel\Core\Assessment\Kind;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\Piece;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Writes down what was seen of a piece. */
final readonly class LookOver
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    /** @throws AssessmentError|Refused */
    public function parts(int $id, PartsInput $input): void
    {
        $piece = $this->piece($id, $input->version);
        $parts = [];
        foreach ($input->places as $given) {
            $at = $given->place();
            Piece::mustHave($piece->kind(), $at);
            if (null !== $input->material && !\in_array($input->material, Kind::materialsFor($at->part), true)) {
                throw new AssessmentError('material', \sprintf('The %s of a shoe is not made of %s.', $at->part->label(), $input->material->label()));
            }
            $known = $piece->partAt($at) ?? throw new NotFoundHttpException();
            $parts[] = new Part(
                $at,
                $input->material ?? $known->material,
                $input->certainty ?? $known->certainty,
                $input->dryness ?? $known->dryness,
                $input->shade ?? $known->shade,
                $input->flags ?? $known->flags,
            );
        }
        $piece->lookOver(...$parts);
    }

    /** @throws AssessmentError|Refused */
    public function mark(int $id, FindingInput $input): void
    {
        $this->piece($id, $input->version)->mark($input->finding());
    }

    /** @throws Refused */
    public function unmark(int $id, int $finding, int $version): void
    {
        if (!$this->piece($id, $version)->unmark($finding)) {
            throw new NotFoundHttpException();
        }
    }

    /** @throws Refused */
    public function agree(int $id, AgreementInput $input): void
    {
        $this->piece($id, $input->version)->agree($input->aim, $input->gloss);
    }

    private function piece(int $id, int $version): StoredPiece
    {
        $piece = $this->entities->find(StoredPiece::class, $id) ?? throw new NotFoundHttpException();
        if ($piece->version() !== $version) {
            throw Refused::stale('Somebody else has changed this piece meanwhile. It is shown as it stands now; what you typed is still here.');
        }

        return $piece;
    }
}
