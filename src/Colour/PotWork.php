<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Colour\Device\ColourReader;
use KindHeel\App\Colour\Device\LookAt;
use KindHeel\App\Http\Refused;
use KindHeel\App\Job\PlaceInput;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use KindHeel\App\Shelf\Takings;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Colour\MeasuredSet;
use KindHeel\Core\Colour\Pot\Dab;
use KindHeel\Core\Colour\Pot\EyeDab;
use KindHeel\Core\Colour\Pot\Portion;
use KindHeel\Core\Text\FieldError;
use KindHeel\Core\Text\NotNow;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What hands do to a pot. */
final readonly class PotWork
{
    /** A dab is read this often, at different places. */
    private const DAB_READINGS = 3;
    /** What older ones showed was of other batches. */
    private const DABS_REMEMBERED = 40;

    public function __construct(
        private EntityManagerInterface $entities,
        private Connection $connection,
        private PotReader $pots,
        private ColourShelf $shelf,
        private ColourReader $reader,
        private Ledger $ledger,
        private ClockInterface $clock,
        private Takings $takings,
        private PotCoats $coats,
    ) {
    }

    public function open(PotInput $input, Person $by): StoredPot
    {
        $target = $this->entities->find(Reading::class, $input->target) ?? throw new NotFoundHttpException();
        $ground = null === $input->ground ? null : $this->entities->find(Reading::class, $input->ground) ?? throw new NotFoundHttpException();
        $pot = new StoredPot(
            trim($input->name),
            $target,
            $ground,
            $input->finish,
            $input->applicator,
            $input->coats,
            $input->areaDm2,
            $by,
            $this->clock->now(),
            ...self::places($target->piece(), $input),
        );
        if ($input->planned) {
            $this->coats->follow($pot);
        }
        $this->entities->persist($pot);
        $this->entities->flush();

        return $pot;
    }

    /** A clean pot for the same place, with a recipe to follow. */
    public function again(int $id, FollowInput $input, Person $by): StoredPot
    {
        $old = $this->pot($id, $input->version);
        $pot = $this->like($old, $old->targetReading(), $old->areaDm2(), $by);
        if ($old->isPlanned()) {
            $this->coats->follow($pot);
        }
        $this->entities->persist($pot);
        $this->entities->flush();
        $this->follow($pot->id(), new FollowInput($pot->version(), $input->drops), $by);
        $this->entities->flush();

        return $pot;
    }

    /** A colour that was mixed once, again: for the same place or another, from its rest as far as that goes. */
    public function useAgain(int $id, UseAgainInput $input, Person $by): StoredPot
    {
        $old = $this->pots->pot($id);
        $target = null === $input->target ? $old->targetReading()
            : $this->entities->find(Reading::class, $input->target) ?? throw new FieldError('target', 'That colour has not been read.');
        if ([] === $old->drops()) {
            throw new NotNow('There is nothing in that pot that could be mixed again.');
        }
        $need = $old->need();
        $pot = $this->like($old, $target, max(0.01, $old->areaDm2() * $input->ml / ($need->layMl + $need->keptMl)), $by);
        $pot->follow($old->drops(), \sprintf('As “%s” was mixed.', $old->name()), $by, $this->clock->now());
        $pot->forAmount($input->ml, $by, $this->clock->now());
        $this->entities->persist($pot);
        $left = $old->leftMl();
        if ($input->rest && $left > 0.0) {
            $pot->pourIn($old, min(1.0, $input->ml / $left), $by, $this->clock->now());
        }
        $this->entities->flush();

        return $pot;
    }

    private function like(StoredPot $old, Reading $target, float $areaDm2, Person $by): StoredPot
    {
        $same = $target->piece() === $old->targetReading()->piece();

        return new StoredPot(
            $old->name(),
            $target,
            $same ? $old->groundReading() : null,
            $old->finish(),
            $old->applicator(),
            $old->coats(),
            $areaDm2,
            $by,
            $this->clock->now(),
            ...$same ? $old->places() : [],
        );
    }

    public function follow(int $id, FollowInput $input, Person $by): void
    {
        $pot = $this->pot($id, $input->version);
        $drops = [];
        foreach ($input->drops as $code => $count) {
            if (!isset($this->shelf->colours()[$code]) || $count < 0) {
                throw new FieldError('drops', 'There is no such paint on the shelf.');
            }
            $drops[(string) $code] = $count;
        }
        $words = array_map(fn (string $code, int $n): string => $n.' × '.$this->shelf->name($code), array_keys($drops), $drops);
        $pot->follow(array_filter($drops), 'Recipe: '.implode(' + ', $words).'.', $by, $this->clock->now());
    }

    /** A drop goes in whatever else has been done to the pot since it was looked at. */
    public function drop(int $id, DropsInput $input, Person $by): void
    {
        $product = $this->shelf->paint($input->code);
        $pot = $this->pots->pot($id);
        $pot->drop($product, $input->drops, $by, $this->clock->now());
        $this->takings->forPot($product, $input->drops * $pot->dropMl(), $id, $pot->targetReading()->piece()->id(), $by, $this->clock->now());
        $this->shelf->reset();
    }

    /** As drops, but by the measure or on the scales. */
    public function portion(int $id, PortionInput $input, Person $by): void
    {
        $pot = $this->pots->pot($id);
        $density = ($this->shelf->colours()[$input->code] ?? null)?->densityGPerMl;
        $drops = Portion::drops($input->by, $input->amount, $pot->dropMl(), $density) + $input->drops;
        if ($drops < 1) {
            throw new FieldError('amount', 'That is less than a drop.');
        }
        $this->drop($id, new DropsInput($input->code, $drops), $by);
    }

    public function finish(int $id, FinishInput $input, Person $by): void
    {
        $this->pot($id, $input->version)->matchFor($input->finish, $by, $this->clock->now());
    }

    public function jar(int $id, AmountInput $input, Person $by): void
    {
        $this->pot($id, $input->version)->putInto($input->ml, $by, $this->clock->now());
    }

    public function amount(int $id, AmountInput $input, Person $by): void
    {
        $this->pot($id, $input->version)->forAmount($input->ml, $by, $this->clock->now());
    }

    public function pour(int $id, PourInput $input, Person $by): void
    {
        $pot = $this->pot($id, $input->version);
        if ($input->from === $id) {
            throw new FieldError('from', 'A pot is not poured into itself.');
        }
        $this->hold($input->from);
        $pot->pourIn($this->pots->pot($input->from), $input->share, $by, $this->clock->now());
    }

    public function rename(int $id, PotNameInput $input, Person $by): void
    {
        $this->pot($id, $input->version)->rename(trim($input->name), $by, $this->clock->now());
    }

    public function openAgain(int $id, int $version, Person $by): void
    {
        $pot = $this->pot($id, $version);
        if (PotState::Kept !== $pot->state()) {
            throw new NotNow('Only what is kept can be opened again.');
        }
        $pot->openAgain($by, $this->clock->now());
    }

    public function throwAway(int $id, ThrowPotInput $input, Person $by): void
    {
        $pot = $this->pot($id, $input->version);
        $pot->throwAway(trim($input->why), $by, $this->clock->now());
        $said = \sprintf('“%s” thrown away: %s', $pot->name(), trim($input->why));
        $this->ledger->piece(Event::PotLaid, $pot->targetReading()->piece(), $by, mb_substr($said, 0, 300));
    }

    public function dab(int $id, DabInput $input, Person $by): void
    {
        $pot = $this->pot($id, $input->version);
        if (null !== $input->eye) {
            $aim = $pot->aim()->lab();
            $eye = EyeDab::of($aim, $input->eye);
            $film = $pot->value()->look($this->shelf->palette()) ?? throw new NotNow('There is nothing in the pot to dab yet.');
            $pot->dab(Dab::onPaper($eye->spectrum($aim, $film)), $eye, $by, $this->clock->now());

            return;
        }
        $measured = [];
        foreach ($input->measured ?? [] as $values) {
            $measured[] = Spectra::of($values);
        }
        for ($i = 0; [] === ($input->measured ?? []) && $i < self::DAB_READINGS; ++$i) {
            $measured[] = $this->reader->measure(LookAt::dab($pot->id()));
        }
        $spectrum = [] === $measured ? null : MeasuredSet::of($measured)->spectrum;
        if (null === $spectrum) {
            throw new FieldError('measured', 'Nothing was read yet.');
        }
        $pot->dab($spectrum, null, $by, $this->clock->now());
        $this->entities->flush();
        $this->shelf->learn(...$this->pots->lastDabs(self::DABS_REMEMBERED));
    }

    public function lay(int $id, LayInput $input, Person $by): void
    {
        $pot = $this->pot($id, $input->version);
        $target = $pot->targetReading();
        $place = null === $input->part || null === $input->half ? ($pot->groundReading() ?? $target)->place() : new Place($input->part, $input->half);
        $piece = $target->piece();
        $text = \sprintf(
            '%d %s of “%s” on %s of the %s, by %s.',
            $input->coats,
            1 === $input->coats ? 'coat' : 'coats',
            $pot->name(),
            $input->spot->label(),
            TakeReading::called($place),
            $pot->applicator()->label(),
        );
        $chosen = null !== $input->part ? 1 : \count($pot->places());
        $pot->lay(
            $input->coats * $pot->need()->coatMl() * $chosen / \count($pot->places()),
            [
                'piece' => $piece->id(),
                'half' => $place->half->value,
                'part' => $place->part->value,
                'spot' => $input->spot->value,
                'applicator' => $pot->applicator()->value,
                'coats' => $input->coats,
            ],
            $text,
            $by,
            $this->clock->now(),
        );
        $this->ledger->piece(Event::PotLaid, $piece, $by, $text);
    }

    public function keep(int $id, KeepInput $input, Person $by): void
    {
        $pot = $this->pot($id, $input->version);
        $where = trim($input->where);
        $text = $input->ml > 0.0
                ? \sprintf('Kept: %.1f ml of “%s”%s.', $input->ml, $pot->name(), '' === $where ? '' : ', '.$where)
                : \sprintf('Nothing is left of “%s”.', $pot->name());
        $pot->keep($input->ml, $where, $text, $by, $this->clock->now());
        $this->ledger->piece(Event::PotLaid, $pot->targetReading()->piece(), $by, $text);
    }

    public function countDrops(int $id, MeasureDropsInput $input): void
    {
        $this->pot($id, $input->version)->countDrops($input->mlOfTwenty);
    }

    /** Holds the pot, and the tube that a drop comes from, until this change is written: hands at two tablets wait for each other. */
    public function hold(int $id, ?string $code = null): void
    {
        if (null === $code) {
            $this->connection->executeQuery('SELECT id FROM pot WHERE id = ? FOR UPDATE', [$id])->free();
        } else {
            $this->connection->executeQuery('SELECT p.id FROM pot p JOIN product r ON r.code = ? WHERE p.id = ? FOR UPDATE', [$code, $id])->free();
        }
    }

    /** @return list<Place> */
    private static function places(StoredPiece $piece, PotInput $input): array
    {
        $places = array_map(static fn (PlaceInput $p): Place => $p->place(), $input->places);
        // Each is one of its parts.
        array_map($piece->part(...), $places);

        return $places;
    }

    /** @throws Refused when somebody was quicker */
    private function pot(int $id, int $version): StoredPot
    {
        $pot = $this->pots->pot($id);
        if ($pot->version() !== $version) {
            throw Refused::stale('Somebody else has put something into this pot meanwhile. Here is how it stands now.');
        }

        return $pot;
    }
}
