<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Pot;

use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Colour\SmoothestReflectance;
use KindHeel\Core\Colour\Spectrum;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Text\Phrase;

/**
 * What a coat will lie on, in the moment in which it is laid: as it was read, and as what is done in between leaves it.
 *
 * The figures are for planning, until the part is read anew: a remover takes about a third of the old colour along and shows that
 * much of the pale core below; filler dries off-white; whitening takes most of the yellow out of rubber.
 */
final readonly class Ground
{
    private const TAKEN_ALONG = 0.35;
    private const FILLER = [82.0, 1.0, 8.0];
    private const YELLOW_LEFT = 0.4;

    /**
     * @param Spectrum $film  as the film above sees it, without its sheen
     * @param string   $words what it is: “as it was read”, “filled”
     */
    private function __construct(public Spectrum $film, public string $words)
    {
    }

    public static function asRead(Spectrum $film): self
    {
        return new self($film, Message::of('as it was read'));
    }

    /**
     * All that it may be by then: a coat is counted over the least favourable of them.
     *
     * @param Spectrum           $film        as it was read, without its sheen
     * @param list<GroundChange> $changes     that are still to come, in their order
     * @param bool               $dyedThrough it shows no pale core (T-6)
     *
     * @return non-empty-list<self> the part itself last
     */
    public static function ahead(Spectrum $film, array $changes, bool $dyedThrough = false): array
    {
        $grounds = [];
        if (\in_array(GroundChange::Filled, $changes, true)) {
            $grounds[] = new self(self::of(Lab::of(...self::FILLER)), Message::of('where it is filled'));
        }
        if (\in_array(GroundChange::Whitened, $changes, true)) {
            $lab = Light::daylight()->lab($film);
            $grounds[] = new self(
                self::of(Lab::computed($lab->lightness, $lab->a * self::YELLOW_LEFT, $lab->b * self::YELLOW_LEFT)),
                Message::of('as whitening leaves it'),
            );
        }
        if (\in_array(GroundChange::TakenDown, $changes, true) && !$dyedThrough) {
            $core = self::of(Shade::Natural->lab())->values;
            $grounds[] = new self(
                Spectrum::grid(array_map(
                    static fn (float $r, float $below): float => (1.0 - self::TAKEN_ALONG) * $r + self::TAKEN_ALONG * $below,
                    $film->onGrid()->values,
                    $core,
                )),
                Message::of('where the remover takes colour along'),
            );
        }
        $grounds[] = self::asRead($film);

        return $grounds;
    }

    /**
     * What will have been done to it: “its finish taken down and filled”; null where nothing is to come.
     *
     * @param list<GroundChange> $changes
     */
    public static function changed(array $changes): ?string
    {
        return [] === $changes ? null : Phrase::list(array_map(static fn (GroundChange $c): string => $c->words(), $changes));
    }

    private static function of(Lab $lab): Spectrum
    {
        return SmoothestReflectance::of($lab, Light::daylight())->onGrid();
    }
}
