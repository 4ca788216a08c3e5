<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Pot;

use KindHeel\Core\Colour\Calibration;
use KindHeel\Core\Colour\Difference;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\MatchLimit;
use KindHeel\Core\Colour\Mixture;
use KindHeel\Core\Colour\Paint;
use KindHeel\Core\Colour\Sheen;
use KindHeel\Core\Colour\Spectrum;
use KindHeel\Core\Text\Message;

/** A dab on paper of what was in the pot, dried and read. */
final readonly class Dab
{
    /** A dab on paper dries to this sheen. */
    private const SHEEN = Gloss::Satin;
    /** Laying and reading add their own difference: a dab must be within this share of the limit. */
    private const LEFT_FOR_LAYING = 0.7;

    /** The film as it is, without the sheen of the paper. */
    public Spectrum $bare;

    /**
     * @param array<string, int> $drops that were in the pot, by paint
     * @param Spectrum           $read  as the reader saw it, or as an eye described it
     * @param EyeDab|null        $eye   where no instrument read it
     */
    public function __construct(public array $drops, Spectrum $read, public ?EyeDab $eye = null)
    {
        $this->bare = Sheen::moved($read, self::SHEEN, Gloss::Mirror);
    }

    /** What a reader sees of a film that was dabbed on paper. */
    public static function onPaper(Spectrum $film): Spectrum
    {
        return Sheen::moved($film, Gloss::Mirror, self::SHEEN);
    }

    /** By daylight. */
    public function lab(): Lab
    {
        return Light::daylight()->lab($this->bare);
    }

    /** It may be laid: what laying and reading add still leaves it within the limit on one part, or no eye sees a difference. */
    public function isNear(PotAim $aim): bool
    {
        return null !== $this->eye ? !$this->eye->isSeen() : $this->off($aim) <= self::LEFT_FOR_LAYING * MatchLimit::SamePart->dE00();
    }

    public function verdict(PotAim $aim): string
    {
        return match (true) {
            null === $this->eye => MatchLimit::SamePart->verdict($this->off($aim)),
            $this->eye->isSeen() => Message::of('By eye: %s. It may be off from that by %.1f.', $this->eye->words(), $this->eye->doubt()),
            default => Message::of('By eye no difference to be seen. It may still be off by %.1f.', $this->eye->doubt()),
        };
    }

    /**
     * What it teaches of the pot it was taken from.
     *
     * @param array<string, Paint> $paints by id
     */
    public function teaches(array $paints): Calibration
    {
        return Calibration::of(Mixture::of($paints, $this->drops), $this->bare);
    }

    /** ΔE00 by daylight, as it is shown. */
    private function off(PotAim $aim): float
    {
        return round(Difference::ciede2000($aim->lab(), $this->lab()), 2);
    }
}
