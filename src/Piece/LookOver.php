<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Http\Refused;
use KindHeel\App\Job\PlaceInput;
use KindHeel\App\Job\Steps;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Text\FieldError;
use KindHeel\Core\Text\Phrase;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Writes down what was seen of a piece. */
final readonly class LookOver
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Steps $steps,
        private Ledger $ledger,
        private ClockInterface $clock,
    ) {
    }

    /** @throws FieldError|Refused */
    public function parts(int $id, PartsInput $input): void
    {
        $piece = $this->piece($id, $input->version);
        $parts = [];
        foreach ($input->places as $given) {
            $at = $given->place();
            $known = $piece->part($at);
            if (null !== $input->material && !self::canBe($piece, $at, $input->material)) {
                throw new FieldError(
                    'material',
                    Phrase::sentence('The %s of %s is not made of %s.', $at->part->label(), Phrase::an($piece->kind()->label()), $input->material->label()),
                );
            }
            $parts[] = $known->but(
                $input->material,
                $input->certainty,
                $input->dryness,
                $input->shade,
                $input->flags,
                $input->areaDm2,
                $input->wishes,
            );
        }
        $piece->lookOver(...$parts);
        if (null !== $input->material || null !== $input->certainty) {
            $piece->overrule(...array_map(static fn (Part $p): Place => $p->at, $parts));
        }
    }

    /** @throws FieldError|Refused */
    public function partAgreement(int $id, PartAgreementInput $input): void
    {
        $piece = $this->piece($id, $input->version);
        $own = $input->agreed?->agreed();
        $piece->lookOver(...array_map(static function (PlaceInput $given) use ($piece, $own): Part {
            $part = $piece->part($given->place());

            return $part->going($own?->keeping($part->agreed));
        }, $input->places));
    }

    /**
     * What cannot be on one of several parts is marked on the others.
     *
     * @throws FieldError when it can be on none of them
     * @throws Refused
     */
    public function mark(int $id, FindingsInput $input): void
    {
        $piece = $this->piece($id, $input->version);
        foreach ($input->findings as $found) {
            $marked = 0;
            $fault = null;
            foreach ($input->places as $place) {
                try {
                    $piece->mark($found->at($place->place()));
                    ++$marked;
                } catch (FieldError $error) {
                    $fault = $error;
                }
            }
            if (0 === $marked && null !== $fault) {
                throw $fault;
            }
        }
    }

    /** @throws Refused */
    public function unmark(int $id, int $finding, int $version): void
    {
        if (!$this->piece($id, $version)->unmark($finding)) {
            throw new NotFoundHttpException();
        }
    }

    /** @throws FieldError|Refused when the place has been covered meanwhile */
    public function tried(int $id, TrialInput $input, Person $by): void
    {
        $piece = $this->piece($id, $input->version);
        $trial = $input->trial();
        if ($trial->result->trial->needsBarePlace() && $this->steps->isCovered($id, $trial->at)) {
            throw new FieldError(
                'trial',
                Phrase::sentence('The %s has been covered since: what a trial shows there is the cover. Try a place that is still bare.', $trial->at->label()),
            );
        }
        $piece->tried($trial, $by, $this->clock->now());
    }

    /** @throws Refused */
    public function forgetTrial(int $id, int $trial, int $version): void
    {
        if (!$this->piece($id, $version)->forgetTrial($trial)) {
            throw new NotFoundHttpException();
        }
    }

    /** @throws FieldError|Refused */
    public function agree(int $id, AgreementInput $input): void
    {
        $piece = $this->piece($id, $input->version);
        $piece->agree($input->agreed());
        $piece->owes($input->valueCents, $input->replaceCents, trim($input->unwanted));
    }

    /** @throws FieldError|Refused */
    public function takeOff(int $id, OffInput $input): void
    {
        $this->piece($id, $input->version)->takeOff(new Place($input->part, $input->half), $input->off);
    }

    /**
     * It lacks parts that its cut has, or has some that it lacks.
     *
     * @throws FieldError|Refused
     */
    public function has(int $id, HasInput $input, Person $by): void
    {
        $piece = $this->piece($id, $input->version);
        $places = array_map(static fn (PlaceInput $p): Place => $p->place(), $input->places);
        $input->has ? $piece->hasAlso(...$places) : $piece->lacks(...$places);
        $names = Phrase::list(array_values(array_unique(array_map(static fn (Place $p): string => $p->label(), $places))));
        $this->ledger->piece(Event::Corrected, $piece, $by, \sprintf($input->has ? 'It has: %s.' : 'It has not: %s.', $names));
    }

    /** @throws Refused when the other is of another cut or another owner */
    public function copy(int $id, CopyInput $input): void
    {
        $piece = $this->piece($id, $input->version);
        $past = $this->entities->find(StoredPiece::class, $input->from) ?? throw new NotFoundHttpException();
        if ($past === $piece || $past->kind() !== $piece->kind() || $past->ticket()->customer() !== $piece->ticket()->customer()) {
            throw Refused::now('Only a piece of the same owner and the same cut can be copied.');
        }
        $piece->copyFrom($past);
    }

    /** @throws Refused when somebody else has changed it since it was read */
    public function piece(int $id, int $version): StoredPiece
    {
        $piece = $this->entities->find(StoredPiece::class, $id) ?? throw new NotFoundHttpException();
        if ($piece->version() !== $version) {
            throw Refused::stale('Somebody else has changed this piece meanwhile. It is shown as it stands now; what you typed is still here.');
        }

        return $piece;
    }

    /** The usual materials of a part, and for what is seen first any hide or cloth: the restorer may know better. */
    private static function canBe(StoredPiece $piece, Place $at, Material $material): bool
    {
        return \in_array($material, $piece->kind()->materialsFor($at->part), true)
            || $at->part->isOuter() && !$material->isEdge() && !\in_array($material, [Material::PlasticStack, Material::BareWelt, Material::Metal], true);
    }
}
