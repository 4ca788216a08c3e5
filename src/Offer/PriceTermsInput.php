<?php

declare(strict_types=1);

namespace KindHeel\App\Offer;

use Brick\Math\BigDecimal;
use KindHeel\Core\Costing\KindOfWork;
use KindHeel\Core\Text\FieldError;
use Symfony\Component\Validator\Constraints as Assert;

/** Terms as an owner types them: sums with a point or a comma, shares of a hundred. */
final readonly class PriceTermsInput
{
    /**
     * @param array<string, string> $kinds  by {@see KindOfWork}
     * @param array<int, string>    $people by person
     * @param array<int, string>    $fixed  by usual job
     */
    public function __construct(
        #[Assert\Regex('/^[A-Z]{3}$/', message: 'Three capital letters, such as EUR.')]
        public string $currency,
        public string $rate,
        public bool $byPerson,
        public array $kinds,
        public array $people,
        public string $markup,
        public string $waste,
        public string $overhead,
        public string $consumables,
        public string $minimum,
        public string $rush,
        public string $tax,
        public string $roundTo,
        public array $fixed,
        /** of the terms that were looked at; 0 where there were none */
        public int $seen,
    ) {
    }

    /** @throws FieldError for what is no sum or no share */
    public function terms(): PriceTerms
    {
        return new PriceTerms(
            $this->currency,
            self::sum('rate', $this->rate),
            $this->byPerson,
            self::sums('kinds', array_filter($this->kinds, static fn (string $k): bool => null !== KindOfWork::tryFrom($k), \ARRAY_FILTER_USE_KEY)),
            self::sums('people', $this->people),
            self::share('markup', $this->markup),
            self::share('waste', $this->waste),
            self::share('overhead', $this->overhead),
            self::sum('consumables', $this->consumables),
            self::sum('minimum', $this->minimum),
            self::share('rush', $this->rush),
            self::share('tax', $this->tax),
            self::sum('roundTo', $this->roundTo),
            (new PriceTerms())->correlation,
            self::sums('fixed', $this->fixed),
        );
    }

    /**
     * @template K of int|string
     *
     * @param array<K, string> $given
     *
     * @return array<K, string>
     */
    private static function sums(string $field, array $given): array
    {
        return array_map(static fn (string $s): string => self::sum($field, $s), array_filter($given, static fn (string $s): bool => '' !== trim($s)));
    }

    private static function sum(string $field, string $typed): string
    {
        return 1 === preg_match('/^(\d{1,7})(?:[.,](\d{1,2}))?$/D', str_replace(' ', '', trim($typed)), $m)
            ? $m[1].'.'.str_pad($m[2] ?? '', 2, '0')
            : throw new FieldError($field, \sprintf('“%s” is no sum. Write it like 12.50.', $typed));
    }

    /** Per cent, from none to five hundred. */
    private static function share(string $field, string $typed): string
    {
        $percent = str_replace(',', '.', trim($typed));

        return 1 === preg_match('/^\d{1,3}(\.\d{1,2})?$/D', $percent) && (float) $percent <= 500.0
            ? (string) BigDecimal::of($percent)->dividedByExact(100)
            : throw new FieldError($field, \sprintf('“%s” is no share. Write so many of a hundred, from 0 to 500.', $typed));
    }
}
