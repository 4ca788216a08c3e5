<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

use Brick\Math\BigDecimal;
use Brick\Math\BigNumber;
use Brick\Math\RoundingMode;
use KindHeel\App\Air\AirHistory;
use KindHeel\App\Intake\UsualJob;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Learning\Factors;
use KindHeel\App\Learning\Learning;
use KindHeel\App\Plan\PlanTerms;
use KindHeel\App\Settings\WorkingHours;
use KindHeel\App\Shelf\OnShelf;
use KindHeel\App\Shelf\PlansNeed;
use KindHeel\App\Shelf\Stock;
use KindHeel\Core\Assessment\Agreed;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Disclosure\OwnerPage;
use KindHeel\Core\Assessment\Disclosure\Prospect;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Costing\CareNeeded;
use KindHeel\Core\Costing\KindOfWork;
use KindHeel\Core\Costing\OwnersLines;
use KindHeel\Core\Costing\Share;
use KindHeel\Core\Offer\Estimate;
use KindHeel\Core\Offer\Labour;
use KindHeel\Core\Offer\Material;
use KindHeel\Core\Offer\Meaning;
use KindHeel\Core\Offer\Worth;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Schedule\Learning\Learned;
use KindHeel\Core\Text\FieldError;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Planning\Dropped;
use KindHeel\Core\Treatment\Planning\KitLine;
use KindHeel\Core\Treatment\Planning\Plan;
use KindHeel\Core\Treatment\Planning\Planner;
use KindHeel\Core\Treatment\Planning\ProductNeed;
use Psr\Clock\ClockInterface;

/** Plans a piece as far as one would go, and reckons what that costs and brings; nothing is kept. */
final class Ways
{
    /** @var list<OnShelf>|null */
    private ?array $products = null;
    private ?Factors $factors = null;
    /** @var array<string, list<int>>|null */
    private ?array $able = null;

    public function __construct(
        private readonly AirHistory $air,
        private readonly PlanTerms $terms,
        private readonly Learning $learning,
        private readonly Stock $stock,
        private readonly WorkingHours $hands,
        private readonly ClockInterface $clock,
    ) {
    }

    /** @throws FieldError where a piece cannot be agreed on so */
    public function piece(StoredPiece $stored, Aim $aim): Piece
    {
        $core = $stored->toCore();

        return $aim === $core->agreed->aim ? $core : Piece::of(
            $core->kind,
            $core->size,
            new Agreed($aim, $core->agreed->gloss, $core->agreed->patina, $core->agreed->newShade),
            array_values($core->parts),
            $core->findings,
            $core->trials,
        );
    }

    public function plan(StoredPiece $stored, Aim $aim): Plan
    {
        return Planner::plan($this->piece($stored, $aim), $this->air->now(), $this->terms->of($stored));
    }

    /**
     * @param array<int, UsualJob> $jobs by number, those with a price of their own
     */
    public function way(StoredPiece $stored, Aim $aim, PriceTerms $prices, bool $rush, ?int $replaceCents, Meaning $meaning, array $jobs = []): WayView
    {
        try {
            $piece = $this->piece($stored, $aim);
            $plan = Planner::plan($piece, $this->air->now(), $this->terms->of($stored));
        } catch (FieldError $error) {
            return self::not($aim, $error->getMessage());
        }
        if ([] === $plan->steps) {
            return self::not($aim, $plan->referrals[0]->text ?? Message::of('Nothing can be done of it in the time.'));
        }
        [$labour, $shares] = $this->labour($plan, $piece, $prices);
        [$materials, $unpriced] = $this->materials($plan);
        $replacement = null === $replaceCents || 0 === $replaceCents ? null : BigDecimal::ofUnscaledValue($replaceCents, 2);
        $estimate = Estimate::of($labour, $materials, $prices->terms($rush), $replacement, $meaning);
        $page = OwnerPage::for($piece, $plan->expectations);

        return new WayView(
            $aim,
            null,
            self::lines($estimate, $labour, $materials, $prices),
            self::cents($estimate->sum->overhead),
            self::cents($estimate->sum->rush),
            self::cents($estimate->sum->net),
            self::cents($estimate->sum->tax),
            self::cents($estimate->sum->rounding),
            self::cents($estimate->sum->gross),
            self::cents($estimate->low),
            self::cents($estimate->high),
            null === $estimate->shareOfReplacement ? null : self::cents($estimate->shareOfReplacement),
            $estimate->advice,
            self::says($estimate->advice, $meaning),
            (int) round(array_sum(array_map(static fn (Share $s): float => $s->minutes, $shares))),
            $page->sentences(Prospect::Gone),
            $page->sentences(Prospect::Softer),
            $page->sentences(Prospect::Stays),
            $page->risks,
            CareNeeded::after($plan),
            array_map(static fn (Dropped $d): string => $d->text.' '.$d->cost, $plan->dropped),
            array_values(array_map(
                static fn (UsualJob $j): LineView => new LineView($j->name(), self::cents(BigDecimal::of($prices->fixed[$j->id()]))),
                array_filter(
                    $jobs,
                    static fn (UsualJob $j): bool => isset($prices->fixed[$j->id()]) && $j->isAsFar($aim) && $j->isFor($piece->kind->family()),
                ),
            )),
            $unpriced,
        );
    }

    /** @return array{list<Labour>, list<Share>} */
    private function labour(Plan $plan, Piece $piece, PriceTerms $prices): array
    {
        $this->factors ??= $this->learning->factors();
        $shares = OwnersLines::of($plan, $piece, fn (string $what): Learned => $this->factors->minutes($what), (float) $prices->correlation);

        return [array_map(fn (Share $s): Labour => new Labour(
            $s->what,
            self::decimal($s->minutes),
            self::decimal($s->cv()),
            $prices->rateOf($s->kind, $this->able($s->kind)),
        ), $shares), $shares];
    }

    /** @return array{list<Material>, list<string>} what is used up, and what of it nobody knows the price of */
    private function materials(Plan $plan): array
    {
        $this->products ??= $this->stock->all();
        $materials = $unpriced = [];
        foreach (ProductNeed::all(array_map(KitLine::of(...), $plan->steps)) as $need) {
            $product = PlansNeed::product($this->products, $need->family, $need->shade);
            $mixed = array_filter($this->products, static fn (OnShelf $p): bool => $p->family === $need->family && null !== $p->packCents);
            if ($need->family->does(Effect::IsMixed) && [] !== $mixed) {
                $price = array_sum(array_map(static fn (OnShelf $p): float => (float) $p->packCents / $p->pack, $mixed)) / \count($mixed);
                $materials[] = new Material($need->family->label(), self::decimal($need->amount()), BigDecimal::of(100), self::decimal($price, 2));
            } elseif (null !== $product && null !== $product->packCents) {
                $materials[] = new Material(
                    $product->name,
                    self::decimal(ProductNeed::fromPack($need->family, $need->amount(), $product->dilution())),
                    self::decimal($product->pack),
                    BigDecimal::ofUnscaledValue($product->packCents, 2),
                );
            } else {
                $unpriced[] = $product->name ?? $need->family->label();
            }
        }

        return [$materials, $unpriced];
    }

    /**
     * @param list<Labour>   $labour
     * @param list<Material> $materials
     *
     * @return list<LineView> the same under one head together; materials in one line
     */
    private static function lines(Estimate $estimate, array $labour, array $materials, PriceTerms $prices): array
    {
        $sums = [];
        foreach ($labour as $i => $line) {
            $sums[$line->what] = ($sums[$line->what] ?? 0) + self::cents($estimate->sum->labour[$i]);
        }
        $stuff = array_sum(array_map(self::cents(...), $estimate->sum->materials)) + self::cents(BigDecimal::of($prices->consumables));
        $lines = array_map(static fn (string $what, int $cents): LineView => new LineView($what, $cents), array_keys($sums), $sums);

        return [...$lines, new LineView(Message::of([] === $materials ? 'Cloths, tape and the like' : 'Materials, cloths and tape'), $stuff)];
    }

    /** @return list<int> people who may do such work */
    private function able(KindOfWork $kind): array
    {
        if (null === $this->able) {
            $able = [];
            foreach ($this->hands->from($this->clock->now()) as $worker) {
                foreach (Phase::cases() as $phase) {
                    if ($worker->can($phase->value)) {
                        $able[KindOfWork::of($phase)->value][(int) $worker->id] = (int) $worker->id;
                    }
                }
            }
            $this->able = array_map(static fn (array $people): array => array_values($people), $able);
        }

        return $this->able[$kind->value] ?? [];
    }

    private static function not(Aim $aim, string $why): WayView
    {
        return new WayView($aim, $why, [], 0, 0, 0, 0, 0, 0, 0, 0, null, null, '', 0, [], [], [], [], [], [], [], []);
    }

    private static function says(?Worth $advice, Meaning $meaning): string
    {
        return match ($advice) {
            null => '',
            Worth::WorthIt => Meaning::Heirloom === $meaning
                ? Message::of('It cannot be had again; what it costs is not held against another.')
                : Message::of('Another one would cost a good deal more.'),
            Worth::Think => Message::of('It comes near the price of another one. It is worth it if you like this one.'),
            Worth::SayOutLoud => Message::of('Another one costs hardly more, or less. We would do it gladly, and you should know that.'),
        };
    }

    /** Hundredths of a sum, or of a share. */
    public static function cents(BigNumber $sum): int
    {
        return $sum->toBigDecimal()->withPointMovedRight(2)->toScale(0, RoundingMode::HalfUp)->toInt();
    }

    private static function decimal(float $n, int $scale = 4): BigDecimal
    {
        return BigDecimal::of(number_format(max(0.0, $n), $scale, '.', ''));
    }
}
