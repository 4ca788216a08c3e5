<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Pot;

use KindHeel\Core\Colour\Difference;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\SmoothestReflectance;
use KindHeel\Core\Colour\Spectrum;
use KindHeel\Core\Text\FieldError;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Text\Phrase;

/** A dry dab judged by eye beside its target: which way it is off, and by how many of five drawn steps. */
final readonly class EyeDab
{
    /** ΔE00 of each drawn step: the first is just seen side by side. */
    public const STEPS = [1 => 0.8, 2 => 1.6, 3 => 3.0, 4 => 5.5, 5 => 9.0];
    /** What an eye misses where it sees no difference, and the share by which it misjudges one, in ΔE00. */
    private const UNSEEN = 0.7;
    private const MISJUDGED = 0.3;
    /** Below this chroma a colour is neither clean nor dirty: it has a cast. */
    private const GREYISH = 4.0;
    private const FARTHEST = 80.0;
    private const HALVINGS = 30;
    private const ROUNDS = 4;
    /** A colour that no light reflects is not divided by. */
    private const DARK = 1e-4;

    /** @param array<string, int> $steps 1 to 5 by the word, the largest first; none where no difference is seen */
    private function __construct(public array $steps)
    {
    }

    /**
     * @param array<string, int> $steps 0 to 5 by word
     *
     * @throws FieldError where a word is none, or it is said to be both of two opposites
     */
    public static function of(Lab $aim, array $steps): self
    {
        $steps = array_filter($steps, static fn (int $n): bool => 0 !== $n);
        foreach ($steps as $word => $step) {
            $off = Off::tryFrom((string) $word) ?? throw new FieldError('eye', Message::of('“%s” is not a way in which a colour can be off.', (string) $word));
            if (!isset(self::STEPS[$step])) {
                throw new FieldError('eye', Message::of('A difference is one of five steps.'));
            }
            if (isset($steps[$off->opposite()->value])) {
                throw new FieldError('eye', Message::of('It cannot be %s and %s at once.', $off->label(), $off->opposite()->label()));
            }
            if (!self::maySayClean($aim) && (Off::Cleaner === $off || Off::Dirtier === $off)) {
                throw new FieldError('eye', Message::of('A grey is neither clean nor dirty. Say which colour it leans to.'));
            }
        }
        arsort($steps);

        return new self($steps);
    }

    /** A grey has a cast, and is neither clean nor dirty. */
    public static function maySayClean(Lab $aim): bool
    {
        return $aim->chroma() >= self::GREYISH;
    }

    public function isSeen(): bool
    {
        return [] !== $this->steps;
    }

    /** ΔE00 that the judgement itself may be off. */
    public function doubt(): float
    {
        $seen = 0.0;
        foreach ($this->steps as $step) {
            $seen = hypot($seen, self::STEPS[$step]);
        }

        return hypot(self::UNSEEN, self::MISJUDGED * $seen);
    }

    /** The colour that the words describe. */
    public function lab(Lab $aim): Lab
    {
        [$l, $a, $b] = [$aim->lightness, $aim->a, $aim->b];
        foreach ($this->steps as $word => $step) {
            [$dl, $da, $db] = self::direction(Off::from($word), $aim);
            $far = self::far($aim, $dl, $da, $db, self::STEPS[$step]);
            [$l, $a, $b] = [$l + $far * $dl, $a + $far * $da, $b + $far * $db];
        }

        return Lab::computed(max(0.5, min(99.5, $l)), $a, $b);
    }

    /**
     * The film as the eye saw it: what the drops predict, moved to the colour of the words band by band.
     *
     * @param Spectrum $predicted thick, bare
     */
    public function spectrum(Lab $aim, Spectrum $predicted): Spectrum
    {
        $light = Light::daylight();
        $wanted = $asked = $this->lab($aim);
        $found = $predicted->onGrid();
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $from = SmoothestReflectance::of($light->lab($predicted), $light)->values;
            $to = SmoothestReflectance::of($asked, $light)->values;
            $found = Spectrum::grid(array_map(
                static fn (float $p, float $f, float $t): float => max(self::DARK, min(1.0, $p * $t / max(self::DARK, $f))),
                $predicted->onGrid()->values,
                $from,
                $to,
            ));
            $is = $light->lab($found);
            $asked = Lab::computed(
                max(0.5, min(99.5, $asked->lightness + $wanted->lightness - $is->lightness)),
                $asked->a + $wanted->a - $is->a,
                $asked->b + $wanted->b - $is->b,
            );
        }

        return $found;
    }

    /** “lighter by two steps, redder by one”. */
    public function words(): string
    {
        $said = [];
        foreach ($this->steps as $word => $step) {
            $said[] = Message::of(1 === $step ? '%s by %d step' : '%s by %d steps', Off::from($word)->label(), $step);
        }

        return [] === $said ? Message::of('no difference to be seen') : Phrase::list($said);
    }

    /** @return array{float, float, float} of length 1 in L*, a*, b* */
    private static function direction(Off $off, Lab $aim): array
    {
        $chroma = max(self::GREYISH, $aim->chroma());

        return match ($off) {
            Off::Lighter => [1.0, 0.0, 0.0],
            Off::Deeper => [-1.0, 0.0, 0.0],
            Off::Redder => [0.0, 1.0, 0.0],
            Off::Greener => [0.0, -1.0, 0.0],
            Off::Yellower => [0.0, 0.0, 1.0],
            Off::Bluer => [0.0, 0.0, -1.0],
            Off::Cleaner => [0.0, $aim->a / $chroma, $aim->b / $chroma],
            Off::Dirtier => [0.0, -$aim->a / $chroma, -$aim->b / $chroma],
        };
    }

    /** How far along a direction a colour is so much different. */
    private static function far(Lab $aim, float $dl, float $da, float $db, float $dE00): float
    {
        $near = 0.0;
        $far = self::FARTHEST;
        for ($i = 0; $i < self::HALVINGS; ++$i) {
            $middle = ($near + $far) / 2.0;
            $at = Lab::computed($aim->lightness + $middle * $dl, $aim->a + $middle * $da, $aim->b + $middle * $db);
            if (Difference::ciede2000($aim, $at) < $dE00) {
                $near = $middle;
            } else {
                $far = $middle;
            }
        }

        return $near;
    }
}
