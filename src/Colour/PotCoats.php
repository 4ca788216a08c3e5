<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Query\Parameter;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\StepDetail;
use KindHeel\App\Job\Steps;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Job\StoredStep;
use KindHeel\App\People\Person;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Text\NotNow;

/** A pot belongs to the coats it is for: what the plan lays from it, and what hands have laid. */
final readonly class PotCoats
{
    public function __construct(private EntityManagerInterface $entities, private Connection $connection, private Steps $steps)
    {
    }

    /**
     * Coats of opaque colour that the plan of a piece lays on these places, in its order.
     *
     * @param list<Place> $places
     *
     * @return list<PotCoat>
     */
    public function of(StoredPiece $piece, array $places): array
    {
        return self::on($piece->toCore(), $this->steps->detailsOfPiece($piece->id()), $places);
    }

    /**
     * The same for all of a piece, those places together that get one colour in as many coats: both halves from one pot (O-19).
     *
     * @return list<array{non-empty-list<Place>, list<PotCoat>}>
     */
    public function grouped(StoredPiece $piece): array
    {
        $core = $piece->toCore();
        $details = $this->steps->detailsOfPiece($piece->id());
        $steps = $of = [];
        foreach (self::on($core, $details, array_map(static fn (Part $p): Place => $p->at, array_values($core->parts))) as $coat) {
            foreach ($coat->places as $place) {
                $steps[$place->key] = ($steps[$place->key] ?? 0) + 1;
                $of[$place->key] = $place;
            }
        }
        $groups = [];
        foreach ($steps as $key => $count) {
            $part = $core->part($of[$key]);
            $groups[(null === $part ? '' : $core->colourOf($part)).'/'.$count][] = $of[$key];
        }

        return array_map(static fn (array $places): array => [$places, self::on($core, $details, $places)], array_values($groups));
    }

    /**
     * The pots that were mixed for these steps of plans; one look for all of them, and none where no colour is laid.
     *
     * @param array<int, StepDetail> $details
     *
     * @return array<int, FromPotView> by step
     */
    public function from(array $details): array
    {
        $painted = array_filter($details, static fn (StepDetail $d): bool => null !== $d->amount && self::isPainted($d));
        $pieces = array_values(array_unique(array_map(static fn (StepDetail $d): int => $d->step->piece, $painted)));
        $found = [];
        foreach ([] === $painted ? [] : Row::all(
            $this->connection,
            "SELECT t.id, t.name, t.places, t.drops, t.drop_ml, t.laid_ml, r.piece_id FROM pot t JOIN reading r ON r.id = t.target_id
             WHERE t.planned = 1 AND t.state = 'mixing' AND r.piece_id IN (?) ORDER BY t.id",
            [$pieces],
            [ArrayParameterType::INTEGER],
        ) as $row) {
            /** @var list<array{part: string, half: string}> $named */
            $named = $row->json('places');
            $places = array_map(static fn (array $p): Place => new Place(PartName::from($p['part']), Half::from($p['half'])), $named);
            /** @var array<string, int> $drops */
            $drops = $row->json('drops');
            $left = max(0.0, array_sum($drops) * $row->float('drop_ml') - $row->float('laid_ml'));
            foreach ($painted as $detail) {
                $takes = $detail->step->piece === $row->int('piece_id') ? $this->takes($detail, $places) : null;
                if (null !== $takes) {
                    $found[$detail->step->id] = new FromPotView($row->int('id'), $row->text('name'), round($takes, 1), round($left, 1), $left >= $takes);
                }
            }
        }

        return $found;
    }

    /**
     * ml of a coat that lie on these places; null where it lies on none of them.
     *
     * @param list<Place> $places
     */
    private function takes(StepDetail $detail, array $places): ?float
    {
        $keys = array_map(static fn (Place $p): string => $p->key, $places);
        $on = array_map(static fn (Place $p): string => $p->key, $detail->step->on);
        if ([] === array_diff($on, $keys)) {
            return $detail->amount;
        }
        $core = [] === array_intersect($on, $keys) ? null : $this->entities->find(StoredPiece::class, $detail->step->piece)?->toCore();

        return null === $core ? null : self::on($core, [$detail], $places)[0]->ml;
    }

    /**
     * @param list<StepDetail> $details
     * @param list<Place>      $places
     *
     * @return list<PotCoat>
     */
    private static function on(Piece $core, array $details, array $places): array
    {
        $wanted = array_flip(array_map(static fn (Place $p): string => $p->key, $places));
        $coats = [];
        foreach ($details as $detail) {
            $on = array_values(array_filter($detail->step->on, static fn (Place $p): bool => isset($wanted[$p->key])));
            if ([] === $on || null === $detail->amount || !self::isPainted($detail)) {
                continue;
            }
            $share = self::area($core, $on) / max(1e-9, self::area($core, $detail->step->on));
            $coats[] = new PotCoat(
                $detail->step->id,
                $detail->step->title,
                $detail->step->isDone(),
                $on,
                $detail->amount * min(1.0, $share),
                $detail->step->applicator,
            );
        }

        return $coats;
    }

    /**
     * What all of them take, and how many lie on the place that gets most.
     *
     * @param list<PotCoat> $coats
     *
     * @return array{float, int}
     */
    public static function sum(array $coats): array
    {
        $ml = 0.0;
        $on = [];
        foreach ($coats as $coat) {
            $ml += $coat->ml;
            foreach ($coat->places as $place) {
                $on[$place->key] = ($on[$place->key] ?? 0) + 1;
            }
        }

        return [$ml, [] === $on ? 0 : max($on)];
    }

    /** A pot is for what the plan lays from it by now. */
    public function follow(StoredPot $pot): void
    {
        $pot->follows(...self::sum($this->of($pot->targetReading()->piece(), $pot->places())));
    }

    /** A step that has been done laid its coat from the pot that is for it, as far as there is one with so much in it. */
    public function laidBy(StoredStep $step, Person $by, \DateTimeImmutable $at): void
    {
        if (null === $step->family() || !Family::of($step->family())->does(Effect::Paints)) {
            return;
        }
        /** @var list<StoredPot> $pots */
        $pots = $this->entities
            ->createQuery('SELECT p FROM '.StoredPot::class.' p JOIN p.target r WHERE r.piece = :piece AND p.planned = true AND p.state = :mixing')
            ->setParameters(new ArrayCollection([new Parameter('piece', $step->piece()), new Parameter('mixing', PotState::Mixing)]))
            ->getResult();
        foreach ($pots as $pot) {
            foreach ($this->of($step->piece(), $pot->places()) as $coat) {
                if ($coat->step === $step->id()) {
                    self::lay($pot, $coat, $step, $by, $at);
                }
            }
        }
    }

    /** What it laid since it was last begun was not laid after all; an earlier go at it was. */
    public function takenBack(StoredStep $step): void
    {
        $since = $step->work()->startedAt();
        foreach ($this->entities->getRepository(PotEvent::class)->findBy(['stepId' => $step->id()]) as $laid) {
            if (null === $since || $laid->at()->getTimestamp() >= $since->getTimestamp()) {
                $laid->pot()->takeBack($laid);
            }
        }
    }

    private static function lay(StoredPot $pot, PotCoat $coat, StoredStep $step, Person $by, \DateTimeImmutable $at): void
    {
        $first = $coat->places[0];
        try {
            $pot->lay(
                $coat->ml,
                [
                    'piece' => $step->piece()->id(), 'half' => $first->half->value, 'part' => $first->part->value, 'spot' => ReadSpot::Damage->value,
                    'places' => array_map(static fn (Place $p): array => ['half' => $p->half->value, 'part' => $p->part->value], $coat->places),
                    'applicator' => $coat->applicator->value, 'coats' => 1,
                ],
                \sprintf('%s: %.1f ml.', $coat->title, $coat->ml),
                $by,
                $at,
                $coat->step,
            );
        } catch (NotNow) {
            // It was laid from something else: there is not so much in it.
        }
    }

    private static function isPainted(StepDetail $detail): bool
    {
        $family = null === $detail->step->family ? null : Family::of($detail->step->family);

        // A base below it comes from a tube of its own.
        return null !== $family && Phase::Base !== $detail->step->phase && $family->does(Effect::Paints) && $family->does(Effect::IsMixed);
    }

    /** @param list<Place> $places */
    private static function area(Piece $piece, array $places): float
    {
        return array_sum(array_map($piece->areaDm2(...), $places));
    }
}
