<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Colour\Device\ColourReader;
use KindHeel\App\Colour\Device\LookAt;
use KindHeel\App\Http\Refused;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use KindHeel\App\Shelf\ProductKind;
use KindHeel\App\Shelf\Takings;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Colour\MeasuredSet;
use KindHeel\Core\Text\FieldError;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What hands do to a pot. */
final readonly class PotWork
{
    /** A dab is read this often, at different places. */
    private const DAB_READINGS = 3;

    public function __construct(
        private EntityManagerInterface $entities,
        private Connection $connection,
        private PotReader $pots,
        private ColourShelf $shelf,
        private ColourReader $reader,
        private Ledger $ledger,
        private ClockInterface $clock,
        private Takings $takings,
    ) {
    }

    public function open(PotInput $input, Person $by): StoredPot
    {
        $target = $this->entities->find(Reading::class, $input->target) ?? throw new NotFoundHttpException();
        $ground = null === $input->ground ? null : $this->entities->find(Reading::class, $input->ground) ?? throw new NotFoundHttpException();
        $pot = new StoredPot(
            name: trim($input->name),
            target: $target,
            ground: $ground,
            finish: $input->finish,
            applicator: $input->applicator,
            coats: $input->coats,
            areaDm2: $input->areaDm2,
            by: $by,
            at: $this->clock->now(),
        );
        $this->entities->persist($pot);
        $this->entities->flush();

        return $pot;
    }

    /** A clean pot for the same place, with a recipe to follow. */
    public function again(int $id, FollowInput $input, Person $by): StoredPot
    {
        $old = $this->pot($id, $input->version);
        $pot = new StoredPot(
            name: $old->name(),
            target: $old->targetReading(),
            ground: $old->groundReading(),
            finish: $old->finish(),
            applicator: $old->applicator(),
            coats: $old->coats(),
            areaDm2: $old->areaDm2(),
            by: $by,
            at: $this->clock->now(),
        );
        $this->entities->persist($pot);
        $this->entities->flush();
        $this->follow($pot->id(), new FollowInput($pot->version(), $input->drops), $by);
        $this->entities->flush();

        return $pot;
    }

    public function follow(int $id, FollowInput $input, Person $by): void
    {
        $pot = $this->pot($id, $input->version);
        $drops = [];
        foreach ($input->drops as $code => $count) {
            if (!isset($this->shelf->products()[$code]) || $count < 0) {
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
        $product = $this->shelf->products()[$input->code] ?? null;
        if (null === $product || ProductKind::Dye === $product->kind()) {
            throw new FieldError('code', 'There is no such paint on the shelf.');
        }
        $pot = $this->pots->pot($id);
        $pot->drop($product, $input->drops, $by, $this->clock->now());
        $this->takings->forPot($product, $input->drops * $pot->dropMl(), $id, $pot->targetReading()->piece()->id(), $by, $this->clock->now());
        $this->shelf->lookAgain();
    }

    public function dab(int $id, DabInput $input, Person $by): void
    {
        $pot = $this->pot($id, $input->version);
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
        $pot->dab($spectrum, $by, $this->clock->now());
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
        $pot->lay(
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
        $this->connection->executeQuery('SELECT id FROM pot WHERE id = ? FOR UPDATE', [$id])->free();
        if (null !== $code) {
            $this->connection->executeQuery('SELECT id FROM product WHERE code = ? FOR UPDATE', [$code])->free();
        }
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
