<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Treatment;

use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Assessment\Wish;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Finding\FindingKind as F;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Treatment\Planning\Plan;
use KindHeel\Core\Treatment\Planning\PlannedStep;
use KindHeel\Core\Treatment\Planning\Planner;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every technique of the craft, and the job in which the planner uses it. */
final class TechniquesTest extends TestCase
{
    /** @return iterable<string, array{Shoes, string, string}> a job, what the step is called, how it is done */
    public static function techniques(): iterable
    {
        $shoe = static fn (): Shoes => Shoes::pair()->to(Aim::Restore);
        // Dirt.
        yield 'dry brush first' => [$shoe(), 'Brush the dust off, dry', 'narrow brush along welt and seams'];
        yield 'a barely damp cloth' => [$shoe(), 'Wipe with a barely damp cloth', ''];
        yield 'cleaning cream in patches, toe to heel' => [
            $shoe()->with('left/vamp', F::GroundInDirt, 2), 'Clean with cleaning cream', 'toe to heel',
        ];
        yield 'neutral cleaner as the next rung' => [$shoe()->with('left/vamp', F::GroundInDirt, 2), 'Clean with neutral cleaner', ''];
        yield 'foam with its dwell, twice at most' => [$shoe()->with('left/vamp', F::GroundInDirt, 3), 'Clean with foam', 'a few minutes to work'];
        yield 'a bud of alcohol, turned at every touch' => [
            $shoe()->with('left/vamp', F::Ink, 2), 'Lift the mark with alcohol', 'turned at every touch',
        ];
        yield 'a bud of deglosser' => [$shoe()->with('left/vamp', F::PaintSpots, 2), 'Take the spot off with deglosser', 'turned at every touch'];
        yield 'saddle soap on work leather' => [
            Shoes::pair(Kind::WorkBoot)->of(Material::Waxy)->to(Aim::Freshen)->with('left/vamp', F::GroundInDirt, 3), 'saddle soap', '',
        ];
        yield 'the eraser in one direction' => [Shoes::pair()->of(Material::Suede)->with('left/vamp', F::GroundInDirt), 'Rub with the eraser', 'one direction'];
        yield 'brass or crepe on matted nap' => [Shoes::pair()->of(Material::Suede)->with('left/vamp', F::FlatNap), 'Raise the nap', 'soft brass brush'];
        yield 'suede cleaner' => [Shoes::pair()->of(Material::Suede)->with('left/vamp', F::GroundInDirt, 3), 'Clean the nap', ''];
        yield 'nap dyed by a fog along the nap' => [
            Shoes::pair()->of(Material::Suede)->to(Aim::Restore)->with('left/vamp', F::Faded, 3), 'Spray', 'along the nap',
        ];
        yield 'grease drawn out with powder' => [
            Shoes::pair()->of(Material::Aniline)->with('left/vamp', F::BodyGrease, 3), 'Lay a poultice', 'brushed off when it has drunk',
        ];
        yield 'salt washed off the whole part' => [$shoe()->with('left/vamp', F::RoadSalt, 2), 'Wash the salt out', ''];
        yield 'residue with a mild solvent' => [Shoes::pair()->to(Aim::Freshen)->with('left/vamp', F::OldPolish, 2), 'Take wax and old polish', ''];
        yield 'wax lifted along the seams with a bone' => [
            Shoes::pair()->to(Aim::Freshen)->with('left/vamp', F::WaxBuildUp, 2), 'Brush the dust off, dry', 'with a bone or a nail',
        ];
        yield 'mould outdoors with a mask' => [$shoe()->with('left/vamp', F::Mould, 2), 'hygiene spray', 'Outdoors, mask and gloves on'];
        yield 'odour' => [Shoes::pair()->of(Material::Suede)->with('left/tongue', F::Odour, 2), 'hygiene spray', ''];
        // Marks and colour.
        yield 'neutral cream' => [Shoes::pair()->to(Aim::Freshen), 'Lay neutral cream polish', ''];
        yield 'pigmented cream' => [Shoes::pair()->to(Aim::Freshen)->with('left/vamp', F::Scuff, 1), 'Lay chestnut cream polish', ''];
        yield 'wax stick in a line that cream does not level' => [
            Shoes::pair()->to(Aim::Freshen)->with('left/vamp', F::Scratch, 2), 'Fill the line with chestnut wax stick', 'until it is level',
        ];
        yield 'thin paint alone along a line' => [
            $shoe()->measured('left/vamp', F::Scratch, 2, 25.0, 1.0), 'Touch in the line', 'Thin paint alone',
        ];
        yield 'paint thickened with powder for a shallow scrape' => [
            $shoe()->measured('left/vamp', F::Scuff, 2, 5.0, 3.0), 'Stipple the spot', 'Thickened with a pinch of filler powder',
        ];
        yield 'filler in thin layers' => [$shoe()->measured('left/vamp', F::Gouge, 2, 8.0, 4.0, 0.8), '^Fill', ''];
        yield 'grain brought back on a filled place' => [
            $shoe()->measured('left/vamp', F::Gouge, 2, 8.0, 4.0, 0.8), 'Stipple the spot, chestnut, coat 2 of 2', 'spattered or stippled',
        ];
        yield 'a rim faded out' => [$shoe()->measured('left/vamp', F::Scuff, 2, 5.0, 3.0), 'Stipple the spot', 'strong on the scar and thinner outward'];
        yield 'an edge of gloss broken up to a seam' => [$shoe()->measured('left/vamp', F::Scuff, 2, 40.0, 20.0), 'Seal with topcoat', ''];
        yield 'a crack bound from within' => [$shoe()->with('left/vamp', F::Crack, 2), 'Bind the crack', ''];
        yield 'the wrong colour taken off first' => [
            $shoe()->measured('left/vamp', F::WrongTouchUp, 2, 10.0, 8.0),
            'Take the spot off with deglosser', 'no further than the spot',
        ];
        yield 'a spot of dye, then a wash' => [
            Shoes::pair()->of(Material::Aniline)->to(Aim::Restore)->measured('left/vamp', F::BleachedSpot, 3, 10.0, 8.0),
            'Bring the spot up', 'stopped short of the rim',
        ];
        yield 'large plain areas damped evenly' => [
            Shoes::pair(Kind::Satchel)->of(Material::Aniline)->to(Aim::Restore)->with('whole/front', F::Faded, 3), 'Damp evenly', '',
        ];
        yield 'a rag in circles, the wet edge kept' => [
            Shoes::pair(Kind::Satchel)->of(Material::Aniline)->to(Aim::Restore)->with('whole/front', F::Faded, 3), 'Dye,', 'wet edge kept',
        ];
        yield 'a dauber along a strap' => [
            Shoes::pair(Kind::Strap)->of(Material::Aniline)->to(Aim::Restore)->with(Shoes::first(Kind::Strap), F::Faded, 3), 'Dye,', 'drawn along the length',
        ];
        yield 'a pattern from the open to the line' => [
            Shoes::pair(Kind::Brogue)->of(Material::Aniline)->to(Aim::Restore)->shade('left/vamp', Shade::Ivory)->shade('right/vamp', Shade::Ivory)
                ->with('left/toe', F::Faded, 3),
            'Dye,', 'put down in the open first',
        ];
        yield 'a mottle on purpose' => [
            Shoes::pair()->of(Material::Aniline)->to(Aim::Restore)->with('left/vamp', F::Faded, 3)->wishing('left/vamp', Wish::Mottled),
            'Dye,', 'tied rag dabbed on',
        ];
        yield 'a shade on purpose' => [
            Shoes::pair()->of(Material::Aniline)->to(Aim::Restore)->with('left/vamp', F::Faded, 3)->wishing('left/vamp', Wish::Shaded),
            'Dye,', 'fading to the other',
        ];
        yield 'dye rubbed off until a white cloth stays clean' => [
            Shoes::pair()->of(Material::Aniline)->to(Aim::Restore)->with('left/vamp', F::Faded, 3), 'Rub the dye off', 'until a white cloth stays clean',
        ];
        yield 'a resist on dyed bare leather' => [
            Shoes::pair()->of(Material::Aniline)->to(Aim::Restore)->with('left/vamp', F::Faded, 3),
            'Lay the resin finish', '',
        ];
        yield 'a burnished toe' => [Shoes::pair()->to(Aim::Freshen)->wishing('left/toe', Wish::ToeBurnish), 'Burnish with the hand', ''];
        yield 'a darker wax on the toe' => [Shoes::pair()->to(Aim::Freshen)->wishing('left/toe', Wish::DarkerToe), 'Lay espresso wax polish', ''];
        yield 'undyed leather rubbed warm' => [
            Shoes::pair(Kind::Satchel)->of(Material::VegTan)->to(Aim::Restore)->with('whole/flap', F::Scratch, 2), 'Burnish with the hand', 'until it warms',
        ];
        yield 'a mirror closed with a drop of water' => [Shoes::pair()->to(Aim::Freshen, Gloss::Mirror), 'Polish to a mirror', 'a drop of water'];
        // Build.
        yield 'a crease eased with low heat over the tree' => [$shoe()->with('left/vamp', F::Crease, 3), 'Ease the creases with heat', 'push from inside'];
        yield 'rubber: sponge before anything stronger' => [
            Shoes::pair(Kind::CourtTrainer)->to(Aim::Restore)->with('left/midsole', F::YellowedRubber, 2), 'Take the yellow skin off', 'Wet abrasive sponge',
        ];
        yield 'rubber: oxidiser under light' => [
            Shoes::pair(Kind::CourtTrainer)->to(Aim::Restore)->with('left/midsole', F::YellowedRubber, 2), 'Whiten under light', '',
        ];
        yield 'end grain opened by fine sanding' => [
            Shoes::pair()->to(Aim::Freshen)->made('left/heel-stack', Material::LeatherStack)->with('left/heel-stack', F::StackDry, 2),
            'Sand the edge', 'opens the end grain',
        ];
        yield 'an edge dressed with a dauber' => [
            Shoes::pair()->to(Aim::Freshen)->made('left/sole-edge', Material::LeatherEdge)->with('left/sole-edge', F::EdgeWorn, 2), 'Dress the edge', '',
        ];
        yield 'a seam sewn through the old holes with two needles' => [
            $shoe()->measured('left/vamp', F::OpenSeam, 3, 30.0), 'Sew the vamp', 'two needles through the old holes',
        ];
        yield 'a sole bonded: keyed, cemented, pressed, hammered, clamped' => [
            $shoe()->measured('left/sole-edge', F::SoleParting, 3, 40.0), 'Join the sole edge', 'hammer with a padded face',
        ];
        yield 'clamps off when it has cured' => [$shoe()->measured('left/sole-edge', F::SoleParting, 3, 40.0), 'Take the clamps off', 'pull at the join'];
        yield 'metal covered and wiped' => [Shoes::pair(Kind::WorkBoot)->of(Material::Waxy)->to(Aim::Freshen), 'Mask', 'wiped straight after'];
        yield 'light thread under a resist' => [
            $shoe()->flagged('left/vamp', Flag::ContrastStitching)->with('left/vamp', F::Scuff, 3), 'Mask', 'thin line of resist',
        ];
        // Fat and keeping.
        yield 'a second feeding next day, after a look' => [$shoe()->dry('left/vamp', Dryness::Stiff), 'Look again: is it still thirsty?', 'The next day'];
        yield 'shafts upright' => [Shoes::pair(Kind::RidingBoot)->to(Aim::Keep), 'Put the tree in', 'stands upright'];
        yield 'a strap lies flat' => [Shoes::pair(Kind::Belt)->to(Aim::Keep)->with(Shoes::first(Kind::Belt), F::Crease, 2), 'Lay it out flat', ''];
        yield 'leather laces through a creamed palm' => [$shoe()->made('left/laces', Material::Pigmented), 'Feed with conditioner', ''];
        yield 'textile laces washed apart' => [$shoe()->with('left/laces', F::GroundInDirt, 2), 'Wash the laces', ''];
        yield 'dry linings of leather fed' => [
            $shoe()->made('left/lining', Material::Aniline)->dry('left/lining', Dryness::Thirsty), 'Feed with conditioner', '',
        ];
        yield 'a second side after turning' => [Shoes::pair(Kind::Satchel)->of(Material::Suede)->to(Aim::Freshen), 'Spray repellent', ''];
        yield 'grip kept rough' => [
            Shoes::pair(Kind::OnePieceSuit)->to(Aim::Keep)->with('whole/body', F::Insects, 2), 'Lay grip-safe protector', 'as dry as before',
        ];
    }

    #[DataProvider('techniques')]
    public function testThePlannerUsesItWhereItServes(Shoes $shoes, string $title, string $how): void
    {
        $plan = Planner::plan($shoes->piece(), Air::reference());
        $so = array_filter(
            $plan->steps,
            static fn (PlannedStep $s): bool => 1 === preg_match('/'.$title.'/', $s->title) && ('' === $how || str_contains($s->how, $how)),
        );
        self::assertNotSame([], $so, $this->told($plan));
    }

    private function told(Plan $plan): string
    {
        return implode("\n", array_map(static fn (PlannedStep $s): string => $s->title.': '.$s->how, $plan->steps));
    }
}
