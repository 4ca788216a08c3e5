<?php

declare(strict_types=1);

namespace KindHeel\App\Demo;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Colour\DabInput;
use KindHeel\App\Colour\Device\ColourReader;
use KindHeel\App\Colour\Device\LookAt;
use KindHeel\App\Colour\DropsInput;
use KindHeel\App\Colour\FollowInput;
use KindHeel\App\Colour\KeepInput;
use KindHeel\App\Colour\LayInput;
use KindHeel\App\Colour\PotInput;
use KindHeel\App\Colour\PotWork;
use KindHeel\App\Colour\RangeDocument;
use KindHeel\App\Colour\Reading;
use KindHeel\App\Colour\ReadingInput;
use KindHeel\App\Colour\ReadingSource;
use KindHeel\App\Colour\ReadSpot;
use KindHeel\App\Colour\RecipeReader;
use KindHeel\App\Colour\StoredPot;
use KindHeel\App\Colour\TakeReading;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\People\Person;
use KindHeel\App\Shelf\Product;
use KindHeel\App\Shelf\ProductKind;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Product\Applicator;
use Symfony\Component\Clock\MockClock;

/** Fills the shelf with the made-up range, reads some colours and mixes some pots, as hands would. */
final readonly class DemoColours
{
    private const READINGS = 4;
    private const MOST_CORRECTIONS = 4;
    /** Fine organic colours cost more than earths and whites. */
    private const DEAR = ['straw', 'lemon-peel', 'marigold', 'poppy', 'beetroot', 'plum', 'ink-blue', 'harbour-blue', 'fir'];

    public function __construct(
        private EntityManagerInterface $entities,
        private RangeDocument $range,
        private ColourReader $reader,
        private TakeReading $take,
        private PotWork $work,
        private RecipeReader $recipes,
        private string $projectDir,
    ) {
    }

    public function range(): void
    {
        $this->range->take((string) file_get_contents($this->projectDir.'/demo/house-range.json'));
        foreach ($this->entities->getRepository(Product::class)->findAll() as $product) {
            $product->from('Brandt & Daughters, tanners', 10);
            $product->priced(ProductKind::Dye === $product->kind() ? 1150 : (\in_array($product->code(), self::DEAR, true) ? 1680 : 920));
        }
        $this->entities->flush();
    }

    /** A pot that is finished and kept, one whose first dab came out wrong, and a pair that was compared. */
    public function mix(Person $by, MockClock $clock): void
    {
        $kept = $this->potFor('The baker’s Sunday brogues', PartName::Toe, Half::Left, 'Baker’s cognac, toe', $by, $clock);
        if (null !== $kept) {
            $this->pour($kept, $this->recipe($kept), $by, $clock);
            $this->correctUntilItMatches($kept, $by, $clock);
            $clock->modify('+6 minutes');
            $this->work->lay($kept->id(), new LayInput($kept->version(), 3), $by);
            $this->entities->flush();
            $this->read('The baker’s Sunday brogues', PartName::Toe, Half::Left, ReadSpot::Damage, $by, $clock);
            $this->work->keep($kept->id(), new KeepInput($kept->version(), 0.6, 'third drawer, under B'), $by);
            $this->entities->flush();
        }
        $this->read('Chorus shoes, first pair', PartName::Toe, Half::Right, ReadSpot::Sound, $by, $clock);
        $mixing = $this->potFor('Chorus shoes, first pair', PartName::Toe, Half::Left, 'Chorus tan, toes', $by, $clock);
        if (null !== $mixing) {
            $this->pour($mixing, $this->recipe($mixing), $by, $clock);
            // The lid of the strong one slipped.
            $this->work->drop($mixing->id(), new DropsInput('marigold', 4), $by);
            $this->entities->flush();
            $clock->modify('+9 minutes');
            $this->work->dab($mixing->id(), new DabInput($mixing->version()), $by);
            $this->entities->flush();
        }
    }

    private function correctUntilItMatches(StoredPot $pot, Person $by, MockClock $clock): void
    {
        for ($i = 0; $i < self::MOST_CORRECTIONS; ++$i) {
            $clock->modify('+8 minutes');
            $this->work->dab($pot->id(), new DabInput($pot->version()), $by);
            $this->entities->flush();
            $additions = [];
            foreach ($this->recipes->correction($pot->id())->additions as $drop) {
                $additions[$drop->code] = $drop->drops;
            }
            if ([] === $additions) {
                return;
            }
            $this->pour($pot, $additions, $by, $clock);
        }
    }

    private function potFor(string $name, PartName $part, Half $half, string $called, Person $by, MockClock $clock): ?StoredPot
    {
        $target = $this->read($name, $part, $half, ReadSpot::Sound, $by, $clock);
        $ground = $this->read($name, $part, $half, ReadSpot::Damage, $by, $clock);
        if (null === $target || null === $ground) {
            return null;
        }
        $pot = $this->work->open(new PotInput($called, $target->id(), $ground->id(), $target->piece()->gloss(), Applicator::Sponge, 3, 0.4), $by);
        $this->entities->flush();

        return $pot;
    }

    /** @return array<string, int> */
    private function recipe(StoredPot $pot): array
    {
        $drops = [];
        foreach ($this->recipes->recipes($pot->id())->recipes[0]->drops as $drop) {
            $drops[$drop->code] = $drop->drops;
        }

        return $drops;
    }

    /** @param array<string, int> $drops */
    private function pour(StoredPot $pot, array $drops, Person $by, MockClock $clock): void
    {
        $all = $pot->drops();
        foreach ($drops as $code => $count) {
            $all[$code] = ($all[$code] ?? 0) + $count;
        }
        $this->work->follow($pot->id(), new FollowInput($pot->version(), $all), $by);
        $this->entities->flush();
        foreach ($drops as $code => $count) {
            $clock->modify('+1 minute');
            $this->work->drop($pot->id(), new DropsInput($code, $count), $by);
            $this->entities->flush();
        }
    }

    private function read(string $name, PartName $part, Half $half, ReadSpot $spot, Person $by, MockClock $clock): ?Reading
    {
        $piece = $this->entities->getRepository(StoredPiece::class)->findOneBy(['name' => $name]);
        if (null === $piece) {
            return null;
        }
        $clock->modify('+2 minutes');
        $measured = [];
        for ($i = 0; $i < self::READINGS; ++$i) {
            $measured[] = $this->reader->measure(LookAt::place($piece->id(), $half->value, $part->value, $spot->value))->values;
        }
        $reading = ($this->take)(
            $piece->id(),
            new ReadingInput(
                $half,
                $part,
                $spot,
                ReadingSource::Reader,
                $measured,
                gloss: $piece->gloss(),
                whereabouts: ReadSpot::Sound === $spot ? 'under the facing' : '',
            ),
            $by,
        );
        $this->entities->flush();

        return $reading;
    }
}
