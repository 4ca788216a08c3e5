<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Settling;

use KindHeel\Core\Colour\Difference;
use KindHeel\Core\Colour\DifferenceWords;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\MatchLimit;
use KindHeel\Core\Text\Message;

/**
 * The way back of a place that a product has darkened: where it will end, and when it may be judged (T-8, W-10).
 *
 * The change from before shrinks as s + (1 − s)·e^(−t/τ) of what it was when wet. Share s and hours τ are weighed on a grid: what
 * the habit of product and leather makes likely, times how well the readings fit (normal, half a unit of L*a*b* each).
 */
final readonly class Settling
{
    /** Standard error of a reading of the change, in units of L*a*b*. */
    private const READ_TO = 0.5;
    /** Of the logarithm of the hours. */
    private const HOURS_UNSURE = 0.7;
    private const SHARES = 41;
    private const SPEEDS = 17;
    /** What still moves by less may be judged. */
    private const STILL = 0.5;
    private const TOMORROW = 24.0;
    private const LATEST = 96.0;
    private const LEAST_CHANGE = 0.3;
    private const TENTHS = ['hardly any of it', 'one tenth', 'two tenths', 'three tenths', 'four tenths', 'half', 'six tenths', 'seven tenths', 'eight tenths',
        'nine tenths', 'all'];

    /**
     * @param float $change from before, in units of L*a*b*, when it was wet
     * @param float $stays  share of it, most likely
     * @param float $low    one in ten that less stays
     * @param float $high   one in ten that more stays
     * @param float $hours  τ
     * @param float $slow   τ if it goes slowly, one standard deviation above
     */
    private function __construct(
        private Lab $before,
        /** @var array{float, float, float} of length 1 */
        private array $direction,
        public float $change,
        public float $stays,
        public float $low,
        public float $high,
        public float $hours,
        private float $slow,
        private float $lookedUntil,
        private bool $wasRead,
    ) {
    }

    /** @param list<array{float, Lab}> $looks hours after it was laid, and what was read, in their order */
    public static function of(Lab $before, array $looks, SettlingHabit $habit): self
    {
        $changes = array_map(static fn (array $look): array => [$look[0], self::apart($before, $look[1])], $looks);
        [$at, $first] = $changes[0] ?? [0.0, [0.0, 0.0, 0.0]];
        $length = self::length($first);
        $direction = $length < self::LEAST_CHANGE ? [-1.0, 0.0, 0.0] : array_map(static fn (float $v): float => $v / $length, $first);
        $along = array_map(static fn (array $c): array => [$c[0], self::dot($c[1], $direction)], $changes);
        $weights = [];
        $all = $change = $log = $square = 0.0;
        for ($i = 0; $i < self::SHARES; ++$i) {
            $share = $i / (self::SHARES - 1);
            $weights[$i] = 0.0;
            for ($j = 0; $j < self::SPEEDS; ++$j) {
                $speed = 2.0 * self::HOURS_UNSURE * (2.0 * $j / (self::SPEEDS - 1) - 1.0);
                $tau = $habit->hours * exp($speed);
                [$wet, $misfit] = self::fit($along, $share, $tau);
                $likely = exp(-0.5 * ((($share - $habit->stays) / $habit->unsure) ** 2 + ($speed / self::HOURS_UNSURE) ** 2 + $misfit));
                $weights[$i] += $likely;
                $all += $likely;
                $change += $likely * $wet;
                $log += $likely * log($tau);
                $square += $likely * log($tau) ** 2;
            }
        }
        $stays = 0.0;
        foreach ($weights as $i => $weight) {
            $stays += $weight / $all * $i / (self::SHARES - 1);
        }
        $last = [] === $looks ? 0.0 : $looks[\count($looks) - 1][0];

        return new self(
            $before,
            $direction,
            $change / $all,
            $stays,
            self::quantile($weights, $all, 0.1),
            self::quantile($weights, $all, 0.9),
            exp($log / $all),
            exp($log / $all + sqrt(max(0.0, $square / $all - ($log / $all) ** 2))),
            $last,
            [] !== $looks,
        );
    }

    /** What it will look like so many hours after it was laid. */
    public function at(float $hours): Lab
    {
        return $this->with($this->stays + (1.0 - $this->stays) * exp(-$hours / $this->hours));
    }

    public function final(): Lab
    {
        return $this->with($this->stays);
    }

    /** ΔE00 from before that will stay. */
    public function staysBy(): float
    {
        return Difference::ciede2000($this->before, $this->final());
    }

    /** @return array{float, float} ΔE00 that stays: one in ten less, one in ten more */
    public function staysBetween(): array
    {
        $off = fn (float $share): float => Difference::ciede2000($this->before, $this->with($share));

        return [$off($this->low), $off($this->high)];
    }

    /** Hours after which it hardly moves any more, even if it goes slowly: from then on it may be judged. */
    public function judgedFrom(): float
    {
        for ($hours = 0.5; $hours < self::LATEST; $hours += 0.5) {
            $then = $this->with($this->stays + (1.0 - $this->stays) * exp(-$hours / $this->slow));
            if (Difference::ciede2000($then, $this->final()) < self::STILL) {
                return $hours;
            }
        }

        return self::LATEST;
    }

    /** It was read when it hardly moved any more: what stays was seen. */
    public function isJudged(): bool
    {
        return $this->wasRead && $this->lookedUntil >= $this->judgedFrom();
    }

    /** Of what was darkened, how much will be back so many hours after it was laid; 0–1. */
    public function back(float $hours): float
    {
        return (1.0 - $this->stays) * (1.0 - exp(-$hours / $this->hours));
    }

    public function advice(): SettlingAdvice
    {
        $stays = $this->staysBy();

        return match (true) {
            !$this->wasRead => SettlingAdvice::Read,
            !$this->isJudged() => SettlingAdvice::Wait,
            $stays <= MatchLimit::LeftRight->dE00() => SettlingAdvice::GoOn,
            $stays <= MatchLimit::BetweenParts->dE00() => SettlingAdvice::Tell,
            default => SettlingAdvice::Ask,
        };
    }

    /** What is to be expected: “About nine tenths back by tomorrow; it stays deeper by about 0.6.” */
    public function sentence(): string
    {
        if (!$this->wasRead) {
            return Message::of('Read it while it is wet, after two hours and tomorrow.');
        }
        if ($this->change < self::LEAST_CHANGE) {
            return Message::of('It has hardly darkened.');
        }
        $words = DifferenceWords::of($this->before, $this->final())->compared();
        if ($this->isJudged()) {
            return Message::of('It is %s than it was, by %.1f, and stays so.', $words, $this->staysBy());
        }
        [$least, $most] = $this->staysBetween();
        $back = Message::of(self::TENTHS[(int) round(10.0 * $this->back(self::TOMORROW))]);

        return $most < 0.5
            ? Message::of('About %s back by the same hour tomorrow; nothing will be seen of it.', $back)
            : Message::of('About %s back by the same hour tomorrow; it stays %s, by %.1f to %.1f.', $back, $words, $least, $most);
    }

    private function with(float $share): Lab
    {
        $by = $this->change * $share;

        return Lab::computed(
            $this->before->lightness + $by * $this->direction[0],
            $this->before->a + $by * $this->direction[1],
            $this->before->b + $by * $this->direction[2],
        );
    }

    /**
     * The wet change that fits best with a share and hours, and how badly it fits, in squared standard errors.
     *
     * @param list<array{float, float}> $along
     *
     * @return array{float, float}
     */
    private static function fit(array $along, float $share, float $tau): array
    {
        $up = $down = 0.0;
        $left = static fn (float $hours): float => $share + (1.0 - $share) * exp(-$hours / $tau);
        foreach ($along as [$hours, $change]) {
            $up += $change * $left($hours);
            $down += $left($hours) ** 2;
        }
        $wet = max(0.0, $up / max(1e-9, $down));
        $misfit = 0.0;
        foreach ($along as [$hours, $change]) {
            $misfit += (($change - $wet * $left($hours)) / self::READ_TO) ** 2;
        }

        return [$wet, $misfit];
    }

    /** @param array<int, float> $weights in their order */
    private static function quantile(array $weights, float $all, float $share): float
    {
        $below = 0.0;
        foreach ($weights as $i => $weight) {
            $below += $weight;
            if ($below >= $share * $all) {
                return $i / (self::SHARES - 1);
            }
        }

        return 1.0;
    }

    /** @return array{float, float, float} */
    private static function apart(Lab $from, Lab $to): array
    {
        return [$to->lightness - $from->lightness, $to->a - $from->a, $to->b - $from->b];
    }

    /** @param array{float, float, float} $v */
    private static function length(array $v): float
    {
        return sqrt(self::dot($v, $v));
    }

    /**
     * @param array{float, float, float} $v
     * @param array{float, float, float} $w
     */
    private static function dot(array $v, array $w): float
    {
        return $v[0] * $w[0] + $v[1] * $w[1] + $v[2] * $w[2];
    }
}
