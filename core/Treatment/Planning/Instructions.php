<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Assessment\Half;
use KindHeel\Core\Assessment\PartName;
use KindHeel\Core\Assessment\Phrase;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\FamilyId;
use KindHeel\Core\Treatment\Step;

/** How each act is done at the bench: strokes, amount, what to hold on to, and the gate test (W-1). */
final class Instructions
{
    public static function for(Step $step, ?Shade $shade): Instruction
    {
        return match ($step->action) {
            Action::Lay => self::laying($step->family ?? throw new \LogicException('Nothing to lay.'), $step, $shade),
            Action::TakeApart => new Instruction(\sprintf('Take %s off', self::detached($step)), 'Unlace from the top, draw insoles out heel first, open buckles. Put all of it in the piece’s tray and tick each on the list.', null, 3.0),
            Action::Photograph => new Instruction('Take the pictures', self::isOne($step) ? 'Front, back, base or inside, corners, in the same light. Lay the grey card in the first one.' : 'Both sides, toe, heel, sole and inside, each half, in the same light. Lay the grey card in the first one.', null, 5.0),
            Action::Tree => self::isOne($step)
                ? new Instruction('Fill it out', 'Acid-free paper or a cushion, snug and not forced; a board under a flap or strap to press against.', null, 1.0)
                : new Instruction('Put the tree in', 'A dry tree of the right size, snug and not forced; paper in a shaft or a glove. Never soaked wood.', null, 1.0),
            Action::DustOff => new Instruction('Brush the dust off, dry', 'Soft brush from the top down, narrow brush along welt and seams. No pressure, no cloth yet.', null, 1.0, 0.15),
            Action::Trial => new Instruction(
                'Try out of sight: '.Phrase::list(array_map(static fn (FamilyId $f): string => $f->label(), $step->tries)),
                'A spot the size of a fingernail for each, side by side, where nobody looks: under the tongue, inside the topline, beneath the flap. Note which is which.',
                'Dry, in daylight: no dark patch, no pale spot, no colour on a white cloth.',
                2.0 + 1.0 * \count($step->tries),
            ),
            Action::Mask => new Instruction('Mask the welt', 'Low-tack tape along the join, pressed down with a nail, two lengths round the toe.', null, 4.0),
            Action::Unmask => new Instruction('Pull the tape', 'Back flat on itself, slowly, while the edge is still soft.', null, 1.0),
            Action::Buff => new Instruction('Brush to a shine', 'Polishing brush of this colour family, long strokes, the last ones all one way; then the flat of a clean cloth.', null, 1.0, 0.35),
            Action::PutTogether => new Instruction(\sprintf('Put %s back', self::detached($step)), 'Insoles toe first; lace evenly from the bottom; straps as they were. Tick each off the list.', null, 5.0),
            Action::HandOver => new Instruction(self::isOne($step) ? 'Look it over and hand over' : 'Look at the pair and hand over', self::isOne($step) ? 'All round, by the window and under the lamp. Say what still shows. The care card goes with it.' : 'Side by side, by the window and under the lamp. Say what still shows. The care card goes with it.', null, 5.0),
        };
    }

    private static function isOne(Step $step): bool
    {
        return Half::Whole === $step->on[0]->half;
    }

    private static function detached(Step $step): string
    {
        $names = [];
        foreach ($step->on as $place) {
            $names[$place->part->value] = $place->part->isPlural() || Half::Whole === $place->half ? $place->part->label() : $place->part->label().'s';
        }
        // Laces first, as they come off.
        uksort($names, static fn (string $a, string $b): int => (PartName::Laces->value === $b) <=> (PartName::Laces->value === $a));

        return Phrase::list(array_values($names));
    }

    private static function laying(FamilyId $family, Step $step, ?Shade $shade): Instruction
    {
        $colour = null === $shade ? 'neutral' : $shade->label();
        $coat = $step->coats > 1 ? \sprintf(', coat %d of %d', $step->coat, $step->coats) : '';

        return match ($family) {
            FamilyId::DampCloth => new Instruction('Wipe with a barely damp cloth', 'Wrung out until it is cool to the hand and leaves no drop. The whole part, not the spot alone; turn the dirty side in.', 'No cool feel on the back of the hand.', 1.0, 0.35),
            FamilyId::CleanerCream => new Instruction('Clean with cleaning cream', 'A fingertip for a toe. Small circles in patches, toe to heel, each taken up with a fresh side of the cloth before it dries.', 'No cool feel, and a white cloth stays clean.', 2.0, 0.7),
            FamilyId::Conditioner => new Instruction('Feed with conditioner'.$coat, 'A coin of it for a half, warmed between the fingers, worked in thinly. Nothing is left lying on the surface.', 'It has stopped darkening; no tack on the back of a gloved finger.', 1.0, 0.5),
            FamilyId::Cream => new Instruction(\sprintf('Lay %s cream polish%s', $colour, $coat), 'A strip of cotton tight round two fingers, little at a time, small circles, worked in before moving on.', 'Hazed: a knuckle wipes it to a shine.', 1.5, 0.6),
            FamilyId::Wax => new Instruction(\sprintf('Lay %s wax polish%s', $colour, $coat), $step->coat > 2 ? 'The thinnest film, a drop of cold water on the cloth, light circles until it clears.' : 'Thin, small circles, welt to topline; none in the creases.', 'Hazed: a knuckle wipes it to a shine.', 1.0, 0.45),
            FamilyId::Alcohol => new Instruction('Degrease with alcohol', 'On a cloth, never poured; one pass, turn to a fresh side. No bare fingers on it afterwards.', 'No smell and no cool feel.', 1.0, 0.6),
            FamilyId::EdgeDressing => new Instruction(\sprintf('Dress the edge, %s%s', $colour, $coat), 'Small dauber, most of it taken off again on a rag. Along the edge in one go, never onto the upper.', 'No tack on the back of a gloved finger, and a nail leaves no mark.', 2.0, 2.0),
            default => throw new \LogicException('No instruction yet for '.$family->label().'.'),
        };
    }
}
