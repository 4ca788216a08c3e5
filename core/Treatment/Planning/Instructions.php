<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\PieceFamily;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Assessment\PlaceWords;
use KindHeel\Core\Assessment\Wish;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Instruction;
use KindHeel\Core\Product\Laying;
use KindHeel\Core\Product\Mark;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Text\Phrase;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Need\Brief;
use KindHeel\Core\Treatment\Need\Colouring;
use KindHeel\Core\Treatment\Need\Ladder;
use KindHeel\Core\Treatment\Need\Reach;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Wish\School;

/** How each act is done at the bench: strokes, amount, what to hold on to, and the gate test (W-1). */
final class Instructions
{
    public static function for(Step $step, ?Shade $shade, Brief $brief): Instruction
    {
        return match ($step->action) {
            Action::Lay => Family::of($step->family ?? throw new \LogicException('Nothing to lay.'))->instruction(self::laying($step, $shade, $brief)),
            Action::TakeApart => new Instruction(
                \sprintf('Take the %s %s', self::detached($step), self::hasInsole($step) ? 'out' : 'off'),
                self::takingApart($step),
                null,
                2.0,
            ),
            Action::Photograph => $step->coat > 1 ? new Instruction(
                'Take the pictures of how it leaves',
                'From the same sides as before, in the same light, with the grey card in the first one.',
                null,
                2.0,
            ) : new Instruction(
                'Take the pictures',
                self::isOne($step)
                    ? 'Front, back, base or inside, corners, in the same light. Lay the grey card in the first one.'
                    : 'Both sides, toe, heel, sole and inside, each half, in the same light. Lay the grey card in the first one.',
                null,
                3.0,
            ),
            Action::ReadColour => $step->coat > 1 ? new Instruction(
                'Read the finished colour',
                'Dry and finished, where it was read at the start'.(self::isOne($step) ? '.' : '; left and right beside each other.'),
                null,
                2.0,
            ) : new Instruction(
                'Read the colour',
                'On a clean, dry place that has not faded, '.self::hiddenPlace($brief).'. Three readings, the foot of the meter '
                    .'flat; note where. Mix to it on paper now, dried and read beside it: later the hour after degreasing runs.',
                null,
                3.0 + self::matching($step, $brief),
            ),
            Action::Tree => $brief->piece->kind->isFlat() ? new Instruction(
                'Lay it out flat',
                'On a clean board, straight and unpressed, a smooth weight at each end; turned with both hands.',
                null,
                1.0,
            ) : (self::isOne($step)
                ? new Instruction(
                    'Fill it out',
                    PieceFamily::Garment === $brief->piece->kind->family()
                        ? 'On a form or over a padded board; sleeves stuffed with acid-free paper, so that there is something to press against.'
                        : 'Acid-free paper or a cushion, snug and not forced; a board under a flap or strap to press against.',
                    null,
                    1.0,
                )
                : new Instruction(
                    'Put the tree in',
                    'A dry tree of the right size, snug and not forced. Never soaked wood.'
                        .(self::hasShaft($step) ? ' The shaft filled with a form or rolled paper, so that it stands upright and dries so.' : ''),
                    null,
                    1.0,
                )),
            Action::TreeOut => new Instruction('Take the trees out', 'Straight out, heel last; a look inside for what was left there.', null, 1.0),
            Action::Unclamp => new Instruction(
                'Take the clamps off',
                'Slowly, one after the other; pull at the join by hand before going on.',
                'It holds a pull of the hand.',
                2.0,
            ),
            Action::Compare => new Instruction(
                'Compare the halves',
                'Fully dry, side by side, by the window and under the lamp: colour, gloss, feel, and what a white cloth takes off.',
                'The treated half is what was wanted.',
                3.0,
            ),
            Action::DustOff => new Instruction(
                'Brush the dust off, dry',
                'Soft brush from the top down, narrow brush along '.(self::isOne($step) ? 'the seams' : 'welt and seams')
                    .', air only from afar on nap and mesh. No pressure, no cloth yet.'
                    .([] === $brief->labels($step->on, FindingKind::WaxBuildUp) ? '' : ' Wax built up along the seams is lifted with a bone or a nail.'),
                null,
                1.0,
                0.2,
            ),
            Action::Erase => new Instruction(
                'Rub with the eraser',
                'Suede eraser, one direction, light pressure, crumbs brushed off; crepe on what is matted. Press from behind with the other hand.',
                null,
                1.0,
                0.8,
            ),
            Action::Trial => new Instruction(
                'Try out of sight: '
                    .([] === $step->tries ? 'what will touch it' : Phrase::list(array_map(static fn (FamilyId $f): string => $f->label(), $step->tries))),
                'A spot the size of a fingernail where nobody looks, '.self::hiddenPlace($brief)
                    .'. Several products side by side; note which is which.',
                'Dry, in daylight: no dark patch, no pale spot, no colour on a white cloth.',
                1.0 * max(1, \count($step->tries)) * \count($step->on),
            ),
            Action::Stitch => new Instruction(
                \sprintf('Sew the %s', PlaceWords::parts($step->on)),
                'Saddle stitch with two needles through the old holes, two or three sound stitches overlapped at the start; pull evenly, tap the '
                    .'seam flat, end with a few backstitches.',
                null,
                Supplies::sewingMinutes($step, $brief),
            ),
            Action::Bond => new Instruction(
                \sprintf('Join the %s', PlaceWords::parts($step->on)),
                'When a knuckle no longer sticks. Lay the faces together from the toe back without sliding, hammer with a padded face from the '
                    .'middle outward, then clamp.',
                null,
                6.0,
            ),
            Action::StraightenHardware => new Instruction(
                \sprintf('Set the %s right', PlaceWords::parts($step->on)),
                'Padded pliers, a little at a time, leather between jaw and metal. A zip is brushed out and its teeth rubbed with a dry wax stick; '
                    .'an eyelet is set in the old hole, the nearest that can be had.',
                null,
                8.0,
            ),
            Action::IronCrease => new Instruction(
                'Ease the creases with heat',
                'Tree in. A damp cotton cloth on the crease, the iron at wool heat for two or three seconds, lifted, not slid; push from inside. '
                    .'The leather stays under 35 °C.',
                'Cool to the hand, and the crease lies flatter.',
                3.0,
                0.6,
            ),
            Action::Sand => self::sanding($step),
            Action::Mask => self::masking($step, $brief),
            Action::Unmask => new Instruction('Pull the tape', 'Back flat on itself, slowly, while the edge is still soft. Wipe metal at once.', null, 1.0),
            Action::RubOff => new Instruction(
                'Rub the dye off',
                'Dry, with clean cotton and some pressure, a fresh side again and again, until a white cloth stays clean.',
                'A white cloth stays clean.',
                1.0,
                0.8,
            ),
            Action::Buff => self::buffing($step),
            Action::RaiseNap => new Instruction(
                'Raise the nap',
                'Dry. Crepe or soft brass brush, short strokes against the lie, then long ones all one way. Steam only from afar, and let it dry.',
                null,
                1.0,
                0.3,
            ),
            Action::Gate => Phase::Trial !== $step->phase ? new Instruction(Ladder::of($step)->title(), Ladder::of($step)->how(), null, 1.0) : new Instruction(
                'Test whether it is ready',
                'Haze wiped with a knuckle, white cloth clean, no tack on the back of a gloved finger, no cool feel.',
                null,
                1.0,
            ),
            Action::PutTogether => new Instruction(
                \sprintf('Put the %s back', self::detached($step)),
                self::puttingTogether($step),
                null,
                3.0,
            ),
            Action::Shape => new Instruction(
                'Let it rest in shape',
                'Tree or paper in, straight and unpressed, in still air, away from heat, overnight where there is time.',
                null,
                2.0,
            ),
            Action::HandOver => new Instruction(
                self::isOne($step) ? 'Look it over a last time' : 'Look at the pair a last time',
                self::isOne($step)
                    ? 'All round, by the window and under the lamp. Say what still shows. The care card goes with it.'
                    : 'Side by side, by the window and under the lamp. Say what still shows. The care card goes with it.',
                null,
                3.0,
            ),
        };
    }

    /** Minutes to mix to what was read: for whole parts a pot, for a mark a few drops. */
    private static function matching(Step $step, Brief $brief): float
    {
        $whole = array_filter(
            $step->on,
            static fn (Place $p): bool => null !== $brief->piece->part($p) && Reach::Part === $brief->reach($brief->piece->part($p))
        );

        return [] === $whole ? 4.0 : 20.0;
    }

    private static function laying(Step $step, ?Shade $shade, Brief $brief): Laying
    {
        return new Laying(
            $step->applicator,
            $step->phase,
            $step->coat,
            $step->coats,
            $shade?->label(),
            [] !== array_filter($step->on, static fn (Place $p): bool => true === $brief->piece->part($p)?->material->isReptile()),
            'warm-air' === $brief->wishes->schools->side(School::Drying, 'warm-air'),
            self::endsAtAnotherColour($step, $brief),
            self::markBelow($step, $brief),
            self::onPurpose($step, $brief),
            $brief->piece->kind->family()->isFootwear(),
        );
    }

    /** A line unless something wider or deeper lies below; filled where filler was laid. */
    private static function markBelow(Step $step, Brief $brief): Mark
    {
        $mark = Mark::Line;
        foreach ($step->isSpot() ? $step->on : [] as $place) {
            $part = $brief->piece->part($place);
            if (null !== $part && (new Colouring($brief))->layers($part) > 0) {
                return Mark::Filled;
            }
            if ([] !== $brief->findings($place, ...Colouring::MARKED)) {
                $mark = Mark::Scrape;
            }
        }

        return $mark;
    }

    /** What was asked for of the dye, tried on scrap before. */
    private static function onPurpose(Step $step, Brief $brief): string
    {
        $wanted = static fn (Wish $wish): bool => [] !== array_filter($step->on, static fn (Place $p): bool => true === $brief->piece->part($p)?->wants($wish));

        return match (true) {
            $wanted(Wish::Mottled) => 'Then the mottle: a rolled, tied rag dabbed on; a second, weaker pass calms it. First on scrap.',
            $wanted(Wish::Shaded) => 'Then the shade: heavy on one side and fading to the other; a second, weaker pass calms it. First on scrap.',
            default => '',
        };
    }

    /** Beside it, at a seam, something has another colour than this brings, and keeps it. */
    private static function endsAtAnotherColour(Step $step, Brief $brief): bool
    {
        foreach ($step->on as $place) {
            $part = $brief->piece->part($place);
            $shade = null === $part ? null : $brief->shade($part);
            foreach (null === $shade ? [] : $brief->piece->kind->neighbours($place->part) as $beside) {
                $other = $brief->piece->part(new Place($beside, $place->half));
                if (null !== $other && $other->material->isLeather() && $other->at->part->isOuter() && !$step->touches($other->at)) {
                    $stays = $brief->shade($other);
                    if (null !== $stays && $stays !== $shade) {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    private static function sanding(Step $step): Instruction
    {
        $grits = implode(', then ', array_map(static fn (int $g): string => (string) $g, Supplies::grits($step)));

        return match ($step->phase) {
            Phase::Fill => [] !== array_filter($step->on, static fn (Place $p): bool => $p->part->isEdge() || PartName::Edge === $p->part)
                ? new Instruction(
                    'Sand the edge',
                    'Grit '.$grits.', along the edge, never across the upper; dust off after each. It opens the end grain.',
                    null,
                    3.0,
                    1.0,
                )
                : new Instruction(
                    'Sand the filler level',
                    'Grit '.$grits.' round a block, light circles, only as far as the filler; dust off after each. Stop when a nail feels no step.',
                    null,
                    3.0,
                    2.0,
                ),
            Phase::Repair => new Instruction(
                'Roughen both faces',
                'Grit '.$grits.', until the old cement is gone and both faces are dull; dust off.',
                null,
                4.0,
                1.0,
            ),
            Phase::Clean => new Instruction(
                'Take the yellow skin off',
                'Wet abrasive sponge, grit '.$grits.', small even circles, rinsed often; wipe dry.',
                null,
                3.0,
                1.0,
            ),
            default => new Instruction(
                'Key the surface',
                'Grit '.$grits.', light and even, until the gloss is broken and no more; dust off.',
                null,
                2.0,
                0.8,
            ),
        };
    }

    private static function masking(Step $step, Brief $brief): Instruction
    {
        $seams = array_filter($step->on, static fn (Place $p): bool => (bool) $brief->piece->part($p)?->has(Flag::ContrastStitching));
        $metal = array_filter($step->on, static fn (Place $p): bool => Material::Metal === $brief->piece->part($p)?->material);

        return new Instruction(
            \sprintf('Mask the %s', PlaceWords::parts($step->on)),
            'Low-tack tape along the join, pressed down with a nail, round curves in two lengths; where paint follows, its edge is '
                .'sealed with the base colour or clear.'
                .([] === $seams ? '' : ' Light stitching is covered with a thin line of resist.')
                .([] === $metal ? '' : ' Metal is wrapped, and wiped straight after.'),
            null,
            1.0 + 1.5 * \count($step->on),
        );
    }

    private static function buffing(Step $step): Instruction
    {
        if (Applicator::Cloth === $step->applicator) {
            return new Instruction(
                'Polish to a mirror',
                'A soft cloth tight round two fingers, a drop of water, small circles without pressure until the haze has closed; no brush any more.',
                null,
                2.0,
                0.5,
            );
        }

        return Applicator::Fingers === $step->applicator
            ? new Instruction(
                'Burnish with the hand',
                'The flat of the hand or two fingers, quick and light, until it warms and shines'
                    .(self::isOne($step) ? '.' : '; the brush only at the welt.'),
                null,
                1.0,
                0.3,
            )
            : new Instruction(
                'Brush to a shine',
                'Polishing brush of this colour family, long strokes, the last ones all one way; then the flat of a clean cloth.',
                null,
                0.5,
                0.35,
            );
    }

    /** Where nobody looks and no light has faded it. */
    private static function hiddenPlace(Brief $brief): string
    {
        return match ($brief->piece->kind->family()) {
            PieceFamily::Bag => 'beneath the flap, inside the gusset or on the base',
            PieceFamily::Garment => 'inside a cuff, under the collar or in the hem',
            PieceFamily::SmallGoods => 'near the end that is covered when it is worn',
            default => 'under the tongue or inside the topline',
        };
    }

    private static function hasInsole(Step $step): bool
    {
        return [] !== array_filter($step->on, static fn (Place $p): bool => PartName::Insole === $p->part);
    }

    private static function hasShaft(Step $step): bool
    {
        return [] !== array_filter($step->on, static fn (Place $p): bool => PartName::Shaft === $p->part);
    }

    private static function isOne(Step $step): bool
    {
        return Half::Whole === $step->on[0]->half;
    }

    /** @param array<string, string> $words by part, in the order in which they come */
    private static function told(Step $step, array $words, string $end): string
    {
        $there = array_flip(array_map(static fn (Place $p): string => $p->part->value, $step->on));

        return implode(' ', [...array_values(array_intersect_key($words, $there)), $end]);
    }

    private static function takingApart(Step $step): string
    {
        return self::told($step, [
            PartName::Laces->value => 'Unlace from the top.',
            PartName::FalseTongue->value => 'Unhook the false tongues.',
            PartName::Insole->value => 'Draw the insoles out heel first.',
            PartName::Strap->value => 'Unclip the strap at both ends.',
            PartName::Buckle->value => 'Open the fold and slide the buckle out.',
            PartName::ArmourCovers->value => 'Unzip the armour covers.',
        ], 'Put all of it in the piece’s tray and tick each on the list.');
    }

    private static function puttingTogether(Step $step): string
    {
        return self::told($step, [
            PartName::Insole->value => 'Insoles toe first.',
            PartName::FalseTongue->value => 'False tongues under the laces.',
            PartName::Laces->value => 'Lace evenly from the bottom.',
            PartName::Strap->value => 'The strap as it was, its better side out.',
            PartName::Buckle->value => 'The buckle into its fold, the tongue through its slot.',
            PartName::ArmourCovers->value => 'Armour covers left and right as they were.',
        ], 'Tick each off the list.');
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
}
