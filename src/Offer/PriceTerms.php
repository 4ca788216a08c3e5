<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use KindHeel\Core\Costing\KindOfWork;
use KindHeel\Core\Offer\Terms;

/** What a workshop asks for its work: rates an hour, shares and sums, as decimal strings. */
final readonly class PriceTerms
{
    public const SHARES = ['markup', 'waste', 'overhead', 'rush', 'tax', 'correlation'];
    public const SUMS = ['rate', 'consumables', 'minimum', 'roundTo'];

    /**
     * @param array<string, string> $kinds  rate an hour by {@see KindOfWork}, where it is another
     * @param array<int, string>    $people rate an hour by person, where it is another
     * @param array<int, string>    $fixed  price of a usual job, tax included
     */
    public function __construct(
        public string $currency = 'EUR',
        public string $rate = '54.00',
        public bool $byPerson = false,
        public array $kinds = [],
        public array $people = [],
        public string $markup = '0.30',
        public string $waste = '0.10',
        public string $overhead = '0.15',
        public string $consumables = '2.50',
        public string $minimum = '25.00',
        public string $rush = '0.25',
        public string $tax = '0.19',
        public string $roundTo = '0.50',
        public string $correlation = '0.30',
        public array $fixed = [],
    ) {
    }

    /** @param array<array-key, mixed> $kept as {@see toColumn()} gave it */
    public static function fromColumn(array $kept): self
    {
        $usual = new self();
        $text = static fn (string $name): string => self::text($kept[$name] ?? get_object_vars($usual)[$name]);
        $map = static function (string $name) use ($kept): array {
            $texts = [];
            foreach (\is_array($kept[$name] ?? null) ? $kept[$name] : [] as $key => $value) {
                if (\is_string($value)) {
                    $texts[$key] = $value;
                }
            }

            return $texts;
        };

        return new self(
            $text('currency'),
            $text('rate'),
            true === ($kept['byPerson'] ?? false),
            array_combine(array_map(strval(...), array_keys($map('kinds'))), $map('kinds')),
            array_combine(array_map(intval(...), array_keys($map('people'))), $map('people')),
            $text('markup'),
            $text('waste'),
            $text('overhead'),
            $text('consumables'),
            $text('minimum'),
            $text('rush'),
            $text('tax'),
            $text('roundTo'),
            $text('correlation'),
            array_combine(array_map(intval(...), array_keys($map('fixed'))), $map('fixed')),
        );
    }

    private static function text(mixed $kept): string
    {
        return \is_string($kept) ? $kept : '';
    }

    /** @return array<string, mixed> */
    public function toColumn(): array
    {
        /** @var array<string, mixed> $column empty, its maps are still maps */
        $column = array_merge(get_object_vars($this), [
            'kinds' => (object) $this->kinds, 'people' => (object) $this->people, 'fixed' => (object) $this->fixed,
        ]);

        return $column;
    }

    /**
     * An hour of such work: by what it is, or as those who may do it are paid, on average.
     *
     * @param list<int> $able people who may do it
     */
    public function rateOf(KindOfWork $kind, array $able): BigDecimal
    {
        if (!$this->byPerson || [] === $able) {
            return BigDecimal::of($this->kinds[$kind->value] ?? $this->rate);
        }
        $rates = array_map(fn (int $p): BigDecimal => BigDecimal::of($this->people[$p] ?? $this->rate), $able);

        return BigDecimal::sum(...$rates)->toBigRational()->dividedBy(\count($rates))->toScale(2, RoundingMode::HalfUp);
    }

    public function rateOfPerson(int $person): BigDecimal
    {
        return BigDecimal::of($this->people[$person] ?? $this->rate);
    }

    /** For something found beside: what a job has once is paid already. */
    public function supplementTerms(bool $rush): Terms
    {
        $terms = $this->terms($rush);

        return new Terms(
            $terms->markup,
            $terms->waste,
            $terms->overhead,
            BigDecimal::zero(),
            BigDecimal::zero(),
            $terms->rush,
            $terms->tax,
            $terms->roundTo,
            $terms->correlation,
        );
    }

    public function terms(bool $rush): Terms
    {
        return new Terms(
            BigDecimal::of($this->markup),
            BigDecimal::of($this->waste),
            BigDecimal::of($this->overhead),
            BigDecimal::of($this->consumables),
            BigDecimal::of($this->minimum),
            $rush ? BigDecimal::of($this->rush) : BigDecimal::zero(),
            BigDecimal::of($this->tax),
            BigDecimal::of($this->roundTo),
            BigDecimal::of($this->correlation),
        );
    }
}
