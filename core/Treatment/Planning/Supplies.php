<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Wish;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Outcome;
use KindHeel\Core\Material\Trial;
use KindHeel\Core\Product\Amount;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Quantity\Dilution;
use KindHeel\Core\Quantity\RoundUp;
use KindHeel\Core\Quantity\Tape;
use KindHeel\Core\Quantity\Thread;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Need\Brief;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Wish\LetDown;

/** Thread, tape, abrasive and dilutions, worked out. */
final class Supplies
{
    public const ABRASIVE = 'abrasive';

    /** Millimetres a stitch, and of a seam that nobody measured. */
    private const STITCH_MM = 3.5;
    private const SEAM_MM = 40.0;
    private const STITCH_MINUTES = 0.5;
    private const STRIPS = [PartName::Welt, PartName::Piping, PartName::Trim, PartName::SoleEdge, PartName::Edge, PartName::EdgePaint, PartName::Foxing];

    /** @return list<Supply> */
    public static function of(Step $step, Brief $brief, ?Amount $amount): array
    {
        $dilution = null === $step->family ? null : Family::of($step->family)->dilution;

        $wash = null === $amount ? null : self::wash($step, $brief);

        return match (true) {
            null !== $wash => [new Supply(Message::of('let down'), null, '', $wash->words().': '.$wash->amounts($amount->quantity))],
            Action::Stitch === $step->action => array_map(static fn (Place $p): Supply => self::thread($p, $brief), $step->on),
            Action::Mask === $step->action => [
                new Supply(Message::of('low-tack tape'), round(array_sum(array_map(static fn (Place $p): float => self::tape($p, $brief), $step->on)), 1), 'm'),
            ],
            Action::Sand === $step->action => [new Supply(self::ABRASIVE, null, '', implode(' → ', self::grits($step)).Message::of(', dusted off after each'))],
            null !== $dilution && null !== $amount => [self::dilution($amount->quantity, $dilution)],
            default => [],
        };
    }

    /** The wash that a coat of dye is, where its dyes were chosen from the ladder. */
    private static function wash(Step $step, Brief $brief): ?LetDown
    {
        $part = $step->on[0]->part->value ?? '';

        return $step->does(Effect::Dyes) && !$step->isSpot() ? $brief->wishes->washes[$part][$step->coat - 1] ?? null : null;
    }

    public static function dilution(float $totalMl, Dilution $dilution): Supply
    {
        $mix = $dilution->total($totalMl);

        return new Supply(
            Message::of('diluted'),
            null,
            '',
            Message::of('%d:%d: %s ml product and %s ml water', $dilution->product, $dilution->water, self::figure($mix->product), self::figure($mix->water)),
        );
    }

    /**
     * From coarse to fine, each no more than about twice the last (O-11).
     *
     * @return non-empty-list<int>
     */
    public static function grits(Step $step): array
    {
        return match (true) {
            Phase::Repair === $step->phase => [80, 120],
            Phase::Colour === $step->phase => [1000],
            Phase::Strip === $step->phase => [400, 600],
            Phase::Clean === $step->phase => [600, 1000],
            [] !== array_filter($step->on, static fn (Place $p): bool => $p->part->isEdge() || PartName::Edge === $p->part) => [180, 320, 600],
            default => $step->coat < $step->coats ? [320] : [320, 600, 1000],
        };
    }

    /** Needles threaded and waxed, then so many minutes for each stitch. */
    public static function sewingMinutes(Step $step, Brief $brief): float
    {
        return 4.0 + self::STITCH_MINUTES * array_sum(array_map(static fn (Place $p): float => self::seam($p, $brief) / self::STITCH_MM, $step->on));
    }

    /** Millimetres to be sewn: three sound stitches are overlapped at the start, three back at the end. */
    private static function seam(Place $place, Brief $brief): float
    {
        $seam = 0.0;
        foreach ($brief->findings($place, FindingKind::OpenSeam, FindingKind::RottenThread, FindingKind::LiningTorn) as $finding) {
            $seam += $finding->lengthMm ?? self::SEAM_MM;
        }

        return max(self::SEAM_MM / 2.0, $seam) + 3 * self::STITCH_MM;
    }

    private static function thread(Place $place, Brief $brief): Supply
    {
        $seam = self::seam($place, $brief);
        $thread = Thread::for($seam, self::STITCH_MM, $brief->piece->kind->anatomyOf($place->part)->thicknessMm);

        return new Supply(
            self::kindOfThread($brief),
            RoundUp::whole($thread->mm / 10.0),
            Message::of('cm'),
            Message::of('%d stitches through the old holes, two needles', $thread->stitches).self::toned($place, $brief),
        );
    }

    /** Like the old: an end of it that melted in the flame is synthetic, one that charred a plant fibre (T-9). */
    private static function kindOfThread(Brief $brief): string
    {
        foreach ($brief->piece->trials as $trial) {
            if (Trial::ThreadFlame === $trial->result->trial) {
                return Outcome::Chars === $trial->result->outcome ? Message::of('waxed linen thread') : Message::of('waxed polyester thread');
            }
        }

        return Message::of('waxed thread');
    }

    /** New thread is toned to what it lies beside, as that will be, unless it may show. */
    private static function toned(Place $place, Brief $brief): string
    {
        $part = $brief->piece->part($place);
        if (true === $part?->wants(Wish::ThreadShows)) {
            return Message::of(', left to show');
        }
        $shade = null === $part ? null : $brief->shade($part);

        return null === $shade ? '' : Message::of(', toned to ').$shade->label();
    }

    private static function tape(Place $place, Brief $brief): float
    {
        $area = $brief->piece->areaDm2($place);

        return \in_array($place->part, self::STRIPS, true) ? Tape::along($area) : Tape::round($area);
    }

    private static function figure(float $value): string
    {
        return rtrim(rtrim(number_format($value, 1, '.', ''), '0'), '.');
    }
}
