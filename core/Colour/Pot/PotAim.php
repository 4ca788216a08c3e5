<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Pot;

use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Recipe\Target;
use KindHeel\Core\Colour\Sheen;
use KindHeel\Core\Colour\Spectrum;
use KindHeel\Core\Text\Message;

/** What the bare film of a pot has to be so that it looks, finished and dry, as the target was read. */
final readonly class PotAim
{
    /** The three lights it is judged under, and by how much each counts. */
    public const LIGHTS = ['D65' => 1.0, 'A' => 0.5, 'F10' => 0.5];
    /** A finish that changes lightness by less is not spoken of. */
    private const UNSEEN = 0.3;

    private function __construct(public Target $bare, private Spectrum $read, private Gloss $finish)
    {
    }

    /** @param Gloss $finish how the finished part will shine */
    public static function of(Spectrum $read, Gloss $finish): self
    {
        return new self(Target::spectrum(Sheen::moved($read, $finish, Gloss::Mirror), self::LIGHTS), $read, $finish);
    }

    /** By daylight. */
    public function lab(): Lab
    {
        return $this->bare->labs[0];
    }

    public function words(): string
    {
        $paler = Light::daylight()->lab($this->read)->lightness - $this->lab()->lightness;

        return abs($paler) < self::UNSEEN
            ? Message::of('Aimed as it was read.')
            : Message::of('A %s finish will make it paler by %.1f: the bare film is aimed that much deeper.', $this->finish->value, $paler);
    }
}
