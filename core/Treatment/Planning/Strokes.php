<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Treatment\Applicator;
use KindHeel\Core\Treatment\Family;
use KindHeel\Core\Treatment\FamilyId;
use KindHeel\Core\Treatment\Phase;
use KindHeel\Core\Treatment\Step;

/** How each family is laid: strokes, direction, pressure, amount, distance. */
final class Strokes
{
    public static function of(FamilyId $family, Step $step, ?Shade $shade, Brief $brief): Instruction
    {
        $coat = $step->coats > 1 ? \sprintf(', coat %d of %d', $step->coat, $step->coats) : '';
        $colour = null === $shade ? 'neutral' : $shade->label();
        $warm = Family::of($family)->warmAirAllowed && 'warm-air' === $brief->wishes->schools->side(School::Drying, 'warm-air')
            ? ' Warm air helps: moving, 20 cm off, the surface under 40 °C.' : '';
        $reptile = [] !== array_filter($step->on, static fn ($p): bool => (bool) $brief->piece->part($p)?->material->isReptile());
        $along = $reptile ? ' Along the scales, toward the tail, never against, no circles.' : '';

        return match ($family) {
            FamilyId::Brush => new Instruction('Brush', 'Dry, from the top down.', null, 1.0, 0.2),
            FamilyId::DampCloth => Phase::Colour === $step->phase
                ? new Instruction('Damp evenly', 'A wrung-out sponge over the whole part in one go, until it is evenly darker and nowhere wet.', 'Evenly cool, no wet shine.', 1.0, 0.3)
                : new Instruction('Wipe with a barely damp cloth', 'Wrung out until it is cool to the hand and leaves no drop. The whole part, not the spot alone; turn the dirty side in.'.$along, 'No cool feel on the back of the hand.', 1.0, 0.35),
            FamilyId::CleanerNeutral => new Instruction('Clean with neutral cleaner', 'On the cloth, never on the leather, away from holes and vents; soft brush in small circles, taken up with a dry cloth before it dries.', 'No cool feel, and a white cloth stays clean.', 2.0, 0.8),
            FamilyId::CleanerCream => new Instruction('Clean with cleaning cream', 'A fingertip for a toe. Small circles in patches, toe to heel, each taken up with a fresh side of the cloth before it dries.', 'No cool feel, and a white cloth stays clean.', 2.0, 0.7),
            FamilyId::Soap => new Instruction('Wash with saddle soap', 'A damp brush worked to a stiff lather, small circles, the lather lifted off with a damp cloth until none is left. Damp, never soaked; all of it or none.', 'Dry through: no cool feel at the thickest place.', 3.0, 1.0),
            FamilyId::Wash => new Instruction('Wash cold, in a bag', 'Laces and insoles out, closed bag, cold, gentle, little spin. Pull into shape and let it dry in moving air. Never a tumble dryer, never on heat.', 'Dry through, no cool feel inside.', 10.0),
            FamilyId::FoamCleaner => new Instruction('Clean with foam', 'Foam on the brush, not on the piece; a few minutes to work, then brushed off and wiped. At most twice.', 'No cool feel, and a white cloth stays clean.', 2.0, 0.8),
            FamilyId::SuedeCleaner => new Instruction('Clean the nap with suede cleaner', 'The whole part, sponge in one direction, foam more than water; lift it off with a clean cloth and let it dry away from heat.', 'Dry: the nap stands when a finger strokes it.', 2.0, 1.0),
            FamilyId::SaltWash => new Instruction('Wash the salt out', 'A sponge barely wet, the whole part from seam to seam, twice from edge to middle; press dry with a cloth.', 'Dry, and no white line comes back.', 2.0, 0.6),
            FamilyId::Poultice => new Instruction('Lay a poultice', 'A few millimetres of powder pressed on and left alone; brushed off when it has drunk. Again while it still draws.', 'The powder comes off dry and dark.', 3.0, 0.3),
            FamilyId::SolventMild => new Instruction(Applicator::Bud === $step->applicator ? 'Lift the mark with mild solvent' : 'Take wax and old polish off', 'On a cloth, never poured; turn it at every touch and stop when it brings colour.', 'No smell, and the grain is dull and even.', 2.0, 0.8),
            FamilyId::Alcohol => Applicator::Bud === $step->applicator
                ? new Instruction('Lift the mark with alcohol', 'A bud, turned at every touch and changed before it is dipped again; from the rim to the middle. Stop when it brings colour.', 'No smell, no pale ring.', 2.0, 2.0)
                : new Instruction('Degrease with alcohol', 'On a cloth, never poured; one pass, turn to a fresh side. No bare fingers on it afterwards.', 'No smell and no cool feel.', 1.0, 0.6),
            FamilyId::Deglosser => new Instruction('Take the finish down', 'A pad barely wet, a hand’s breadth at a time, turned at every touch and changed often. Only as far as it is laid anew.', 'Dull and even, no smell.', 3.0, 1.5),
            FamilyId::Filler => new Instruction('Fill'.$coat, 'The thinnest layer, pressed in with the knife and drawn off level; half a millimetre at the most. Feather its rim.'.$warm, 'Hard to a nail, and it sands to dust.', 3.0, 2.0),
            FamilyId::CrackFiller => new Instruction('Bind the crack', 'Fold it gently open, work the binder in with a fine brush, wipe the grain clean, lay it flat.'.$warm, 'Clear, and no tack.', 4.0, 2.0),
            FamilyId::Cement => new Instruction('Coat both faces with cement', 'Thin and even to the rim, on both faces; leave them apart.', 'Dry to the knuckle: it no longer sticks.', 4.0, 1.0),
            FamilyId::DyeSpirit, FamilyId::DyeWater => self::dye($family, $step, $shade, $coat),
            FamilyId::Paint, FamilyId::TouchUp => self::painting($step, $shade, $coat, $warm),
            FamilyId::Primer => new Instruction('Prime', 'One thin, even coat, to the seam and not beyond.'.$warm, 'No tack on the back of a gloved finger.', 2.0, 0.6),
            FamilyId::Topcoat => new Instruction('Seal with topcoat'.$coat, self::film($step).' Over the whole part up to a seam, so that its edge does not show.'.$warm, 'No tack, and a nail leaves no mark.', 2.0, 0.6),
            FamilyId::Resin => new Instruction('Lay the resin finish'.$coat, 1 === $step->coat ? 'Stirred, never shaken. Laid on softly with a wide soft brush, once over, not rubbed.' : 'Thin and quick, once over, in the other direction.', 'Clear, no tack, no milky place.', 2.0, 0.6),
            FamilyId::Conditioner => new Instruction('Feed with conditioner'.$coat, 'A coin of it for a half, '.(Applicator::Cloth === $step->applicator ? 'on a soft cloth' : 'warmed between the fingers').', worked in thinly. Nothing is left lying on the surface.', 'It has stopped darkening; no tack on the back of a gloved finger.', 1.0, 0.5),
            FamilyId::ConditionerLight => new Instruction('Feed with light conditioner'.$coat, 'Very little, on two fingers, thin and even; wiped after a minute.'.$along, 'The colour has come back, no tack.', 1.0, 0.5),
            FamilyId::Oil => new Instruction('Oil'.$coat, 'A cloth just damp with oil, from the flesh side first where it can be reached; stop when it no longer sinks in or shows through.', 'It has sunk in and darkens no further.', 2.0, 0.6),
            FamilyId::HeavyWax => new Instruction('Close with heavy wax', 'A little, warmed in the hand, welt and seams first, then thin over the rest; rub off what has not gone in.', 'Sunk in: a finger does not slide.', 2.0, 0.6),
            FamilyId::Cream => new Instruction(\sprintf('Lay %s cream polish%s', $colour, $coat), match ($step->applicator) {
                Applicator::Brush => 'Thin, brushed in and brushed up again, so that the fibre stands.',
                Applicator::Dauber => 'Thin layers into the end grain, the welt and the joints; what stays on top is wiped off.',
                default => 'A strip of cotton tight round two fingers, little at a time, small circles, worked in before moving on.',
            }, 'Hazed: a knuckle wipes it to a shine.', 1.5, 0.6),
            FamilyId::Wax => new Instruction(\sprintf('Lay %s wax polish%s', $colour, $coat), $step->coat > 2 ? 'The thinnest film, a drop of cold water on the cloth, light circles until it clears.' : 'Thin, small circles, welt to topline; none in the creases.', 'Hazed: a knuckle wipes it to a shine.', 1.0, 0.45),
            FamilyId::Shine => new Instruction('Wipe over with quick shine', 'One light pass with the sponge; not in the creases.', 'No smear on a white cloth.', 1.0, 0.15),
            FamilyId::EdgeDressing => new Instruction(\sprintf('Dress the edge, %s%s', $colour, $coat), 'Small dauber, most of it taken off again on a rag. Along the edge in one go, never onto the upper.', 'No tack on the back of a gloved finger, and a nail leaves no mark.', 2.0, 2.0),
            FamilyId::GripSafeProtector => new Instruction('Lay grip-safe protector', 'On the pad, the pad worked empty, then thinly over the part and over the holes last. It must feel as dry as before.', 'Dry, and a thumb does not slide.', 1.0, 0.4),
            FamilyId::Repellent => self::repellent($step),
            FamilyId::Peroxide => new Instruction('Whiten under light', 'Gloves and eye protection. Thick and even with an old brush, wrapped in clear film so that it stays wet, under lamp or sun; turned and looked at every two hours. Keep it off the sole’s tread.', 'Even, and no whiter than the rest.', 8.0, 1.0),
            FamilyId::LiningSpray => new Instruction('Spray the lining', 'Air first. A light mist inside, not wet; leave it open.', 'Dry, and no smell of it.', 1.0, 0.05),
        };
    }

    private static function dye(FamilyId $family, Step $step, ?Shade $shade, string $coat): Instruction
    {
        $name = trim(($shade?->label() ?? 'the new colour’s').' '.(FamilyId::DyeSpirit === $family ? 'spirit dye' : 'water dye'));

        return match (true) {
            $step->isSpot() => new Instruction('Bring the spot up with '.$name.$coat, 'A small bud, touched on a rag first: strong in the middle, thinner outward, stopped short of the rim. More can always be added.', 'Dry: it stands a shade below its surroundings.', 3.0, 4.0),
            $step->applicator->sprays() => new Instruction('Spray '.$name.$coat, 'Nap brushed one way; thin fog from 20–30 cm, moving, along the nap and again across; never wet.', 'Dry: a white cloth takes nothing but dust.', 2.0, 0.8),
            default => new Instruction('Dye, '.$name.$coat, 'Loaded and taken off again on a rag; circles with the wet edge kept, up to a seam, over and over until the streaks close.', 'Dry, even, no wet shine.', 2.0, 1.2),
        };
    }

    private static function painting(Step $step, ?Shade $shade, string $coat, string $warm): Instruction
    {
        $name = $shade?->label() ?? 'the new colour';

        return match (true) {
            $step->isSpot() => new Instruction(\sprintf('Stipple the spot, %s', $name), 'Thickened a little, with the point of the brush or bud, strong on the scar and thinner outward; grain is stippled back.'.$warm, 'No tack, and it lies level.', 3.0, 4.0),
            Phase::Base === $step->phase => new Instruction('Lay a white base', self::film($step).' One even, thin coat; it need not cover.'.$warm, 'No tack on the back of a gloved finger.', 2.0, 0.7),
            default => new Instruction(\sprintf('Paint, %s%s', $name, $coat), self::film($step).$warm, 'No tack on the back of a gloved finger.', 2.0, 0.7),
        };
    }

    private static function film(Step $step): string
    {
        return match ($step->applicator) {
            Applicator::Airbrush, Applicator::SprayCan => 'Airbrush from about 15 cm, moving before it sprays, strokes overlapping by half, thin enough to see through.',
            Applicator::Sponge => 'Sponge loaded, taken off again on a rag, dabbed and drawn out thin, no ridges.',
            Applicator::Pad => 'On the pad, the pad worked empty, then over the holes.',
            default => 'Flat soft brush, thin, along the part, the wet edge kept.',
        };
    }

    private static function repellent(Step $step): Instruction
    {
        return Applicator::Pad === $step->applicator
            ? new Instruction('Wipe repellent on', 'On the pad, the pad worked empty, then over the holes; outdoors.', 'Dry, no haze, no smell.', 2.0, 0.4)
            : new Instruction('Spray repellent', 'Outdoors. Thin and even, from 20–30 cm as the can says, nap in one direction; metal wiped straight after.', 'Dry, no haze, no smell.', 2.0, 0.2);
    }
}
