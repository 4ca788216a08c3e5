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
use KindHeel\Core\Text\Message;
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
    /** Minutes to mix a colour for a whole part; the next one on the same piece goes faster, with everything at hand. */
    private const FIRST_COLOUR = 20.0;
    private const NEXT_COLOUR = 10.0;
    /** So many parts a title names one by one. */
    private const NAMED = 4;

    public static function for(Step $step, ?Shade $shade, Brief $brief): Instruction
    {
        return match ($step->action) {
            Action::Lay => Family::of($step->family ?? throw new \LogicException('Nothing to lay.'))->instruction(self::laying($step, $shade, $brief)),
            Action::TakeApart => new Instruction(
                Message::of('Take the %s %s', self::detached($step), self::hasInsole($step) ? 'out' : 'off'),
                self::takingApart($step),
                null,
                2.0,
            ),
            Action::Photograph => $step->coat > 1 ? new Instruction(
                Message::of('Take the pictures of how it leaves'),
                Message::of('From the same sides as before, in the same light, with the grey card in the first one.'),
                null,
                2.0,
            ) : new Instruction(
                Message::of('Take the pictures'),
                self::isOne($step)
                    ? Message::of('Front, back, base or inside, corners, in the same light. Lay the grey card in the first one.')
                    : Message::of('Both sides, toe, heel, sole and inside, each half, in the same light. Lay the grey card in the first one.'),
                null,
                3.0,
            ),
            Action::ReadColour => $step->coat > 1 ? new Instruction(
                Message::of('Read the finished colour'),
                Message::of('Dry and finished, where it was read at the start').(self::isOne($step) ? '.' : Message::of('; left and right beside each other.')),
                null,
                2.0,
            ) : ($brief->hasNewColour($step->on) ? new Instruction(
                Message::of('Read it, and mix the new colours'),
                Message::of('Each part that is coloured, as it is: three readings, the foot of the meter flat. Then mix each new colour to what is wanted, ')
                    .Message::of('on paper, dried and read beside it.'),
                null,
                3.0 + self::matching($step, $brief),
            ) : new Instruction(
                Message::of('Read the colour'),
                Message::of('On a clean, dry place that has not faded, ').self::hiddenPlace($brief).Message::of('. Three readings, the foot of the meter ')
                    .Message::of('flat; note where. Mix to it on paper now, dried and read beside it: later the hour after degreasing runs.'),
                null,
                3.0 + self::matching($step, $brief),
            )),
            Action::Tree => $brief->piece->kind->isFlat() ? new Instruction(
                Message::of('Lay it out flat'),
                Message::of('On a clean board, straight and unpressed, a smooth weight at each end; turned with both hands.'),
                null,
                1.0,
            ) : (self::isOne($step)
                ? new Instruction(
                    Message::of('Fill it out'),
                    PieceFamily::Garment === $brief->piece->kind->family()
                        ? Message::of('On a form or over a padded board; sleeves stuffed with acid-free paper, so that there is something to press against.')
                        : Message::of('Acid-free paper or a cushion, snug and not forced; a board under a flap or strap to press against.'),
                    null,
                    1.0,
                )
                : new Instruction(
                    Message::of('Put the tree in'),
                    Message::of('A dry tree of the right size, snug and not forced. Never soaked wood.')
                        .(self::hasShaft($step) ? Message::of(' The shaft filled with a form or rolled paper, so that it stands upright and dries so.') : ''),
                    null,
                    1.0,
                )),
            Action::TreeOut => new Instruction(Message::of('Take the trees out'), Message::of(
                'Straight out, heel last; a look inside for what was left there.',
            ), null, 1.0),
            Action::Unclamp => new Instruction(
                Message::of('Take the clamps off'),
                Message::of('Slowly, one after the other; pull at the join by hand before going on.'),
                Message::of('It holds a pull of the hand.'),
                2.0,
            ),
            Action::Compare => new Instruction(
                Message::of('Compare the halves'),
                Message::of('Fully dry, side by side, by the window and under the lamp: colour, gloss, feel, and what a white cloth takes off.'),
                Message::of('The treated half is what was wanted.'),
                3.0,
            ),
            Action::DustOff => new Instruction(
                Message::of('Brush the dust off, dry'),
                Message::of('Soft brush from the top down, narrow brush along ').(self::isOne($step) ? Message::of('the seams') : Message::of('welt and seams'))
                    .Message::of(', air only from afar on nap and mesh. No pressure, no cloth yet.')
                    .([] === $brief->labels($step->on, FindingKind::WaxBuildUp) ? '' : Message::of(
                        ' Wax built up along the seams is lifted with a bone or a nail.',
                    )),
                null,
                1.0,
                0.2,
            ),
            Action::Erase => new Instruction(
                Message::of('Rub with the eraser'),
                Message::of('Suede eraser, one direction, light pressure, crumbs brushed off; crepe on what is matted. Press from behind with the other hand.'),
                null,
                1.0,
                0.8,
            ),
            Action::Trial => new Instruction(
                Message::of('Try out of sight: ')
                    .([] === $step->tries ? Message::of(
                        'what will touch it',
                    ) : Phrase::list(array_map(static fn (FamilyId $f): string => $f->label(), $step->tries))),
                Message::of('A spot the size of a fingernail where nobody looks, ').self::hiddenPlace($brief)
                    .Message::of('. Several products side by side; note which is which.'),
                Message::of('Dry, in daylight: no dark patch, no pale spot, no colour on a white cloth.'),
                1.0 * max(1, \count($step->tries)) * \count($step->on),
            ),
            Action::Stitch => new Instruction(
                Message::of('Sew the %s', PlaceWords::parts($step->on)),
                Message::of('Saddle stitch with two needles through the old holes, two or three sound stitches overlapped at the start; pull evenly, tap the ')
                    .Message::of('seam flat, end with a few backstitches.')
                    .(self::isToned($step, $brief) ? Message::of(' Tone the thread with a dye pen before it is waxed, and let it dry.') : ''),
                null,
                Supplies::sewingMinutes($step, $brief),
            ),
            Action::Bond => new Instruction(
                Message::of('Join the %s', PlaceWords::parts($step->on)),
                Message::of('When a knuckle no longer sticks. Lay the faces together from the toe back without sliding, hammer with a padded face from the ')
                    .Message::of('middle outward, then clamp.'),
                null,
                6.0,
            ),
            Action::StraightenHardware => new Instruction(
                Message::of('Set the %s right', PlaceWords::parts($step->on)),
                Message::of(
                    'Padded pliers, a little at a time, leather between jaw and metal. A zip is brushed out and its teeth rubbed with a dry wax stick; ',
                )
                    .Message::of('an eyelet is set in the old hole, the nearest that can be had.'),
                null,
                8.0,
            ),
            Action::IronCrease => new Instruction(
                Message::of('Ease the creases with heat'),
                Message::of('Tree in. A damp cotton cloth on the crease, the iron at wool heat for two or three seconds, lifted, not slid; push from inside. ')
                    .Message::of('The leather stays under 35 °C.'),
                Message::of('Cool to the hand, and the crease lies flatter.'),
                3.0,
                0.6,
            ),
            Action::Sand => self::sanding($step),
            Action::Mask => self::masking($step, $brief),
            Action::Unmask => new Instruction(Message::of('Pull the tape'), Message::of(
                'Back flat on itself, slowly, while the edge is still soft. Wipe metal at once.',
            ), null, 1.0),
            Action::RubOff => new Instruction(
                Message::of('Rub the dye off'),
                Message::of('Dry, with clean cotton and some pressure, a fresh side again and again, until a white cloth stays clean.'),
                Message::of('A white cloth stays clean.'),
                1.0,
                0.8,
            ),
            Action::Buff => self::buffing($step),
            Action::RaiseNap => new Instruction(
                Message::of('Raise the nap'),
                Message::of('Dry. Crepe or soft brass brush, short strokes against the lie, then long ones all one way. Steam only from afar, and let it dry.'),
                null,
                1.0,
                0.3,
            ),
            Action::Gate => Phase::Trial !== $step->phase ? new Instruction(Ladder::of($step)->title(), Ladder::of($step)->how(), null, 1.0) : new Instruction(
                Message::of('Test whether it is ready'),
                Message::of('Haze wiped with a knuckle, white cloth clean, no tack on the back of a gloved finger, no cool feel.'),
                null,
                1.0,
            ),
            Action::PutTogether => new Instruction(
                Message::of('Put the %s back', self::detached($step)),
                self::puttingTogether($step),
                null,
                3.0,
            ),
            Action::Shape => new Instruction(
                Message::of('Let it rest in shape'),
                Message::of('Tree or paper in, straight and unpressed, in still air, away from heat, overnight where there is time.'),
                null,
                2.0,
            ),
            Action::HandOver => new Instruction(
                self::isOne($step) ? Message::of('Look it over a last time') : Message::of('Look at the pair a last time'),
                self::isOne($step)
                    ? Message::of('All round, by the window and under the lamp. Say what still shows. The care card goes with it.')
                    : Message::of('Side by side, by the window and under the lamp. Say what still shows. The care card goes with it.'),
                null,
                3.0,
            ),
        };
    }

    /** Minutes to mix to what was read: for whole parts a pot, for a mark a few drops. */
    private static function matching(Step $step, Brief $brief): float
    {
        $colours = [];
        foreach ($step->on as $place) {
            $part = $brief->piece->part($place);
            if (null !== $part && Reach::Part === $brief->reach($part)) {
                $colours[$brief->piece->colourOf($part)] = true;
            }
        }

        return [] === $colours ? 4.0 : self::FIRST_COLOUR + self::NEXT_COLOUR * (\count($colours) - 1);
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
            $wanted(Wish::Mottled) => Message::of('Then the mottle: a rolled, tied rag dabbed on; a second, weaker pass calms it. First on scrap.'),
            $wanted(Wish::Shaded) => Message::of('Then the shade: heavy on one side and fading to the other; a second, weaker pass calms it. First on scrap.'),
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
        $grits = implode(Message::of(', then '), array_map(static fn (int $g): string => (string) $g, Supplies::grits($step)));

        return match ($step->phase) {
            Phase::Fill => [] !== array_filter($step->on, static fn (Place $p): bool => $p->part->isEdge() || PartName::Edge === $p->part)
                ? new Instruction(
                    Message::of('Sand the edge'),
                    Message::of('Grit ').$grits.Message::of(', along the edge, never across the upper; dust off after each. It opens the end grain.'),
                    null,
                    3.0,
                    1.0,
                )
                : new Instruction(
                    Message::of('Sand the filler level'),
                    Message::of('Grit ').$grits.Message::of(
                        ' round a block, light circles, only as far as the filler; dust off after each. Stop when a nail feels no step.',
                    ),
                    null,
                    3.0,
                    2.0,
                ),
            Phase::Repair => new Instruction(
                Message::of('Roughen both faces'),
                Message::of('Grit ').$grits.Message::of(', until the old cement is gone and both faces are dull; dust off.'),
                null,
                4.0,
                1.0,
            ),
            Phase::Clean => new Instruction(
                Message::of('Take the yellow skin off'),
                Message::of('Wet abrasive sponge, grit ').$grits.Message::of(', small even circles, rinsed often; wipe dry.'),
                null,
                3.0,
                1.0,
            ),
            default => new Instruction(
                Message::of('Key the surface'),
                Message::of('Grit ').$grits.Message::of(', light and even, until the gloss is broken and no more; dust off.'),
                null,
                2.0,
                0.8,
            ),
        };
    }

    private static function isToned(Step $step, Brief $brief): bool
    {
        return [] !== array_filter($step->on, static fn (Place $p): bool => false === $brief->piece->part($p)?->wants(Wish::ThreadShows));
    }

    private static function masking(Step $step, Brief $brief): Instruction
    {
        $seams = array_filter($step->on, static fn (Place $p): bool => (bool) $brief->piece->part($p)?->has(Flag::ContrastStitching));
        $metal = array_filter($step->on, static fn (Place $p): bool => Material::Metal === $brief->piece->part($p)?->material);

        return new Instruction(
            \count(array_unique(array_map(static fn (Place $p): string => $p->part->value, $step->on))) > self::NAMED
                ? Message::of('Mask all that lies round it')
                : Message::of('Mask the %s', PlaceWords::parts($step->on, $brief->piece)),
            Message::of('Low-tack tape along the join, pressed down with a nail, round curves in two lengths; where paint follows, its edge is ')
                .Message::of('sealed with the base colour or clear.')
                .([] === $seams ? '' : Message::of(' Light stitching is covered with a thin line of resist.'))
                .([] === $metal ? '' : Message::of(' Metal is wrapped, and wiped straight after.')),
            null,
            1.0 + 1.5 * \count($step->on),
        );
    }

    private static function buffing(Step $step): Instruction
    {
        if (Applicator::Cloth === $step->applicator) {
            return new Instruction(
                Message::of('Polish to a mirror'),
                Message::of(
                    'A soft cloth tight round two fingers, a drop of water, small circles without pressure until the haze has closed; no brush any more.',
                ),
                null,
                2.0,
                0.5,
            );
        }

        return Applicator::Fingers === $step->applicator
            ? new Instruction(
                Message::of('Burnish with the hand'),
                Message::of('The flat of the hand or two fingers, quick and light, until it warms and shines')
                    .(self::isOne($step) ? '.' : Message::of('; the brush only at the welt.')),
                null,
                1.0,
                0.3,
            )
            : new Instruction(
                Message::of('Brush to a shine'),
                Message::of('Polishing brush of this colour family, long strokes, the last ones all one way; then the flat of a clean cloth.'),
                null,
                0.5,
                0.35,
            );
    }

    /** Where nobody looks and no light has faded it. */
    private static function hiddenPlace(Brief $brief): string
    {
        return match ($brief->piece->kind->family()) {
            PieceFamily::Bag => Message::of('beneath the flap, inside the gusset or on the base'),
            PieceFamily::Garment => Message::of('inside a cuff, under the collar or in the hem'),
            PieceFamily::SmallGoods => Message::of('near the end that is covered when it is worn'),
            default => Message::of('under the tongue or inside the topline'),
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
            PartName::Laces->value => Message::of('Unlace from the top.'),
            PartName::FalseTongue->value => Message::of('Unhook the false tongues.'),
            PartName::Insole->value => Message::of('Draw the insoles out heel first.'),
            PartName::Strap->value => Message::of('Unclip the strap at both ends.'),
            PartName::Buckle->value => Message::of('Open the fold and slide the buckle out.'),
            PartName::ArmourCovers->value => Message::of('Unzip the armour covers.'),
        ], Message::of('Put all of it in the piece’s tray and tick each on the list.'));
    }

    private static function puttingTogether(Step $step): string
    {
        return self::told($step, [
            PartName::Insole->value => Message::of('Insoles toe first.'),
            PartName::FalseTongue->value => Message::of('False tongues under the laces.'),
            PartName::Laces->value => Message::of('Lace evenly from the bottom.'),
            PartName::Strap->value => Message::of('The strap as it was, its better side out.'),
            PartName::Buckle->value => Message::of('The buckle into its fold, the tongue through its slot.'),
            PartName::ArmourCovers->value => Message::of('Armour covers left and right as they were.'),
        ], Message::of('Tick each off the list.'));
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
