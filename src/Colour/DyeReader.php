<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Database\Row;
use KindHeel\App\People\Person;
use KindHeel\App\Shelf\Product;
use KindHeel\App\Shelf\ProductKind;
use KindHeel\Core\Colour\Difference;
use KindHeel\Core\Colour\Dye;
use KindHeel\Core\Colour\DyeFinish;
use KindHeel\Core\Colour\DyeLadder;
use KindHeel\Core\Colour\DyeMatch;
use KindHeel\Core\Colour\DyeWash;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Uptake;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Text\FieldError;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Dyes over a ground, and the log of swatches that teaches how much an applicator lays. */
final readonly class DyeReader
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Connection $connection,
        private ColourShelf $shelf,
        private ClockInterface $clock,
        private SettlingReader $settlings,
    ) {
    }

    public function over(int $ground, ?int $target, Applicator $applicator, DyeLook $look): DyesView
    {
        $leather = $this->entities->find(Reading::class, $ground) ?? throw new NotFoundHttpException();
        $aim = null === $target ? null : ($this->entities->find(Reading::class, $target) ?? throw new NotFoundHttpException());
        $factors = $this->factors($applicator);
        $factor = Uptake::learned($applicator, $factors);
        $finish = $this->finish($leather);
        $ladder = new DyeLadder($leather->spectrum(), $factor, Light::daylight(), $finish);
        $ladders = array_values(array_map(fn (Dye $dye): DyeLadderView => $this->ladder($ladder, $dye, $aim, $look), $this->shelf->dyes()));

        return new DyesView(
            $leather->place()->part,
            SeenView::of($leather->spectrum()),
            null === $aim ? null : SeenView::of($aim->spectrum()),
            $applicator,
            round($factor, 2),
            \count($factors),
            null === $aim ? null : $ladder->never($aim->spectrum()),
            null === $aim
                ? []
                : array_map(
                    fn (DyeMatch $m): DyeMatchView => $this->match($m, $ladder, $look),
                    $ladder->nearest($aim->lab(), array_values($this->shelf->dyes())),
                ),
            $ladders,
            $finish->gloss,
        );
    }

    /** The finish that is agreed on for the part, with what readings have taught of it. */
    private function finish(Reading $leather): DyeFinish
    {
        $seen = $this->settlings->deepened();
        $deepens = [];
        foreach ($this->shelf->dyes() as $dye) {
            if (isset($seen[$dye->id])) {
                $deepens[$dye->id] = DyeFinish::learned($dye, $seen[$dye->id]);
            }
        }

        return new DyeFinish($leather->piece()->toCore()->agreedAt($leather->place())->gloss, $deepens);
    }

    public function learn(DyeSwatchInput $input, Person $by): void
    {
        $dye = $this->entities->find(Product::class, $input->dye);
        if (null === $dye || ProductKind::Dye !== $dye->kind()) {
            throw new FieldError('dye', 'There is no such dye on the shelf.');
        }
        if (!\in_array($input->thinner, DyeLadder::LET_DOWNS, true)) {
            throw new FieldError('thinner', 'The ladder knows 1:0, 1:1, 1:3 and 1:7.');
        }
        $uptake = Uptake::of($dye->dye(), Spectra::of($input->leather), Spectra::of($input->dyed));
        $this->entities->persist(
            new DyeSwatch(
                $dye,
                $input->thinner,
                $input->coats,
                $input->applicator,
                $uptake,
                $uptake / ($input->coats * Uptake::strength($input->thinner)),
                $by,
                $this->clock->now(),
            ),
        );
    }

    /** @return list<float> */
    private function factors(Applicator $applicator): array
    {
        return array_map(
            static fn (Row $r): float => $r->float('factor'),
            Row::all($this->connection, 'SELECT factor FROM dye_swatch WHERE applicator = ? ORDER BY id DESC LIMIT 40', [$applicator->value]),
        );
    }

    private function ladder(DyeLadder $ladder, Dye $dye, ?Reading $aim, DyeLook $seen): DyeLadderView
    {
        $light = Light::daylight();
        $product = $this->shelf->colours()[$dye->id];

        return new DyeLadderView(
            $dye->id,
            $product->name,
            $product->diluent ?? 'its own thinner',
            array_map(static function (array $rung) use ($light, $aim, $seen, $ladder): DyeRungView {
                [$wash] = $rung;
                $lab = $light->lab($ladder->finished($wash));

                return new DyeRungView(
                    $wash->thinner,
                    $wash->coats,
                    $light->hex($light->lab($seen->of($ladder, $wash))),
                    null === $aim ? 0.0 : round(Difference::ciede2000($aim->lab(), $lab), 1),
                );
            }, $ladder->of($dye)),
        );
    }

    private function match(DyeMatch $match, DyeLadder $ladder, DyeLook $seen): DyeMatchView
    {
        $light = Light::daylight();
        $words = array_map(
            fn (DyeWash $w): string => \sprintf(
                '%d × %s, %s',
                $w->coats,
                $this->shelf->name($w->dye->id),
                0 === $w->thinner ? 'undiluted' : \sprintf('1:%d in %s', $w->thinner, $this->shelf->colours()[$w->dye->id]->diluent ?? 'its own thinner'),
            ),
            $match->washes,
        );

        $washes = array_map(static fn (DyeWash $w): DyeWashView => new DyeWashView($w->dye->id, $w->thinner, $w->coats), $match->washes);

        return new DyeMatchView($washes, implode(', then ', $words), $light->hex($light->lab($seen->of($ladder, ...$match->washes))), round($match->dE00, 2));
    }
}
