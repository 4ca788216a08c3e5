<?php

declare(strict_types=1);

namespace KindHeel\Core\Assessment\Disclosure;

use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Agreed;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Assessment\Patina;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Finding\FindingGroup;
use KindHeel\Core\Finding\FindingKind as F;
use KindHeel\Core\Finding\Severity;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Text\Message;

/** What will be gone, what will be softer and what stays, from findings, material and aim (J-5). */
final class Expectations
{
    public const TONED_BACK = 'will be toned back with cream, which wears off and can be renewed.';
    public const TONED_DOWN = 'will be toned down; its outline may still be seen.';
    public const THINNED = 'will be scraped and brushed thin; the last of it stays.';

    /** @return list<Expectation> one for each kind of finding on a part, on either half */
    public static function of(Piece $piece): array
    {
        $promises = [];
        foreach (self::grouped($piece->findings) as [$finding, $places]) {
            $material = $piece->part($finding->at)->material ?? $piece->kind->materialsFor($finding->at->part)[0];
            [$prospect, $tail] = self::judge($finding, $material, $piece->agreedAt($finding->at));
            $promises[] = new Expectation($finding, $prospect, $places, $tail, 'J-5', $piece);
        }

        return $promises;
    }

    /**
     * The same on both halves is said once.
     *
     * @param list<Finding> $findings
     *
     * @return list<array{Finding, non-empty-list<Place>}>
     */
    private static function grouped(array $findings): array
    {
        $said = [];
        foreach ($findings as $finding) {
            if (Severity::None === $finding->severity) {
                continue;
            }
            $key = $finding->kind->value.'/'.$finding->at->part->value;
            if (!isset($said[$key])) {
                $said[$key] = [$finding, [$finding->at]];
            } elseif ($said[$key][0]->at->half !== $finding->at->half) {
                $said[$key] = [
                    $finding->severity->atLeast($said[$key][0]->severity) ? $finding : $said[$key][0],
                    [...$said[$key][1], $finding->at],
                ];
            }
        }

        return array_values($said);
    }

    /** @return array{Prospect, string} */
    private static function judge(Finding $finding, Material $material, Agreed $agreed): array
    {
        if (Aim::Keep === $agreed->aim && Patina::Keep === $agreed->patina && self::isSignOfAge($finding)) {
            return [Prospect::Stays, Message::of('stays as it is: it is a sign of age, and we agreed to keep those.')];
        }

        return match ($finding->kind->group()) {
            FindingGroup::Dirt, FindingGroup::Salts, FindingGroup::Residue => self::onTop($finding, $material, $agreed),
            FindingGroup::Colour => self::colour($finding, $material, $agreed),
            FindingGroup::Surface => self::surface($finding, $material, $agreed),
            FindingGroup::Build => self::build($finding, $agreed),
        };
    }

    private static function isSignOfAge(Finding $finding): bool
    {
        return !$finding->severity->atLeast(Severity::FunctionLost)
            && \in_array(
                $finding->kind,
                [F::Faded, F::Patchy, F::YellowedLeather, F::DarkHandling, F::Scuff, F::Scratch, F::Gouge, F::Crease, F::WaterRing],
                true,
            );
    }

    /** @return array{Prospect, string} */
    private static function onTop(Finding $finding, Material $material, Agreed $agreed): array
    {
        $film = $material->hasFilm();

        return match ($finding->kind) {
            F::Dust, F::Mud, F::WeltGrit, F::Insects => [Prospect::Gone, Message::of('will be gone.')],
            F::GroundInDirt, F::RoadSalt, F::SweatSalt => $film
                ? [Prospect::Gone, Message::of('will be gone.')]
                : [Prospect::Softer, Message::of('will be much paler; what sits in the fibre stays.')],
            F::BodyGrease => $film ? [Prospect::Gone, Message::of('will be gone.')] : [Prospect::Softer, Message::of(
                'will be drawn out as far as it comes; a darker shade stays.',
            )],
            F::Ink, F::Tar, F::Glue, F::PaintSpots => $film
                ? [Prospect::Softer, Message::of('will be paler; what has gone into the film stays.')]
                : [Prospect::Stays, Message::of('has gone into the fibre and stays, a little paler at best.')],
            F::Mould => [Prospect::Softer, Message::of('will be cleaned off; its spots may show, and it comes back if it is stored damp.')],
            F::Odour => [Prospect::Softer, Message::of('will be weaker; whether it goes altogether nobody can promise.')],
            F::OldPolish => $material->losesColourToSolvent() && !$agreed->aim->rebuilds()
                ? [Prospect::Softer, Message::of('will be thinner; a solvent strong enough for all of it would take the colour.')]
                : [Prospect::Gone, Message::of('will be taken off.')],
            F::WaxBuildUp => $material->losesColourToSolvent() && !$agreed->aim->rebuilds()
                ? [Prospect::Softer, self::THINNED]
                : [Prospect::Gone, Message::of('will be taken off.')],
            F::Silicone => [Prospect::Stays, Message::of('cannot be got out for certain; where it sits, colour may not hold.')],
            F::WrongTouchUp => $agreed->aim->rebuilds()
                ? [Prospect::Gone, Message::of('will be taken off and laid anew in the right colour.')]
                : [Prospect::Stays, Message::of('stays; taking it off would take the colour below along.')],
            default => [Prospect::Softer, Message::of('will be less.')],
        };
    }

    /** @return array{Prospect, string} */
    private static function colour(Finding $finding, Material $material, Agreed $agreed): array
    {
        if ($agreed->aim->rebuilds() && !\in_array($finding->kind, [F::ColourTransfer, F::YellowedRubber], true)) {
            return F::BleachedSpot === $finding->kind && !$material->hasFilm()
                ? [Prospect::Softer, Message::of('will be dyed up to its surroundings; in some lights its outline will show.')]
                : [Prospect::Gone, Aim::Recolour === $agreed->aim ? Message::of('will be covered by the new colour.') : Message::of('will be coloured back.')];
        }

        return match ($finding->kind) {
            F::ColourTransfer => \in_array($material, [Material::Patent, Material::Embossed, Material::CoatedCanvas, Material::Synthetic], true)
                ? [Prospect::Stays, Message::of('has gone into the film and stays.')]
                : [Prospect::Softer, Message::of('will be paler; what has set stays.')],
            F::YellowedRubber => [Prospect::Softer, Message::of('will be whiter, though not as new, and yellows again with light.')],
            F::YellowedLeather => [Prospect::Stays, Message::of('stays; age has done it, not dirt.')],
            F::BleachedSpot => $agreed->aim->addsColour()
                ? [Prospect::Softer, self::TONED_DOWN]
                : [Prospect::Stays, Message::of('stays: nothing but colour would hide it.')],
            default => $agreed->aim->addsColour()
                ? [Prospect::Softer, self::TONED_BACK]
                : [Prospect::Stays, Message::of('stays as it is.')],
        };
    }

    /** @return array{Prospect, string} */
    private static function surface(Finding $finding, Material $material, Agreed $agreed): array
    {
        $rebuilt = $agreed->aim->rebuilds();

        return match ($finding->kind) {
            F::Crack => $rebuilt
                ? [Prospect::Stays, Message::of('can be filled and coloured, but never closes; it will come back where the leather bends.')]
                : [Prospect::Stays, Message::of('never closes; feeding slows it, and it will show where the leather bends.')],
            F::Gouge => $rebuilt
                ? [Prospect::Softer, Message::of('will be filled and coloured; in raking light it will still be seen.')]
                : [Prospect::Stays, Message::of('stays; cream darkens it a little and it catches the eye less.')],
            F::Peeling => $rebuilt
                ? [Prospect::Softer, Message::of('will be taken down to what holds and painted; the edge may be felt.')]
                : [Prospect::Stays, Message::of('stays, and goes on until the finish is stripped and laid anew.')],
            F::Scuff => $rebuilt || $finding->severity->value < Severity::AtArmsLength->value
                ? [Prospect::Gone, Message::of('will be gone.')]
                : [Prospect::Softer, Message::of('will be coloured in and seen only from near.')],
            F::Scratch => $finding->severity->value < Severity::AtArmsLength->value && $agreed->aim->addsColour()
                ? [Prospect::Gone, Message::of('will be gone.')]
                : [Prospect::Softer, Message::of('will be coloured in; a nail will still feel it.')],
            F::Crease => [Prospect::Softer, Message::of('will be eased and stays to be seen: it is where the leather bends.')],
            F::WaterRing => [Prospect::Softer, Message::of('will be evened out over the whole part; its edge may be seen.')],
            F::LiftedScales => [Prospect::Softer, Message::of('will be laid down; they never lie as they did.')],
            F::FlatNap => $finding->severity->atLeast(Severity::FirstThingSeen)
                ? [Prospect::Softer, Message::of('will be raised as far as there is nap left.')]
                : [Prospect::Gone, Message::of('will be raised again.')],
            F::HeatMark => [Prospect::Stays, Message::of('stays: heat has shrunk the fibre.')],
            default => [Prospect::Softer, Message::of('will be less.')],
        };
    }

    /** @return array{Prospect, string} */
    private static function build(Finding $finding, Agreed $agreed): array
    {
        return match ($finding->kind) {
            F::OpenSeam, F::RottenThread => [Prospect::Gone, Message::of('will be sewn through the old holes; new thread is a shade fresher than the old.')],
            F::SoleParting => [Prospect::Gone, Message::of('will be cleaned, cemented and pressed.')],
            F::EdgeWorn => $agreed->aim->addsColour()
                ? [Prospect::Softer, Message::of('will be smoothed and dressed; lost height does not come back.')]
                : [Prospect::Stays, Message::of('stays; the edge is only cleaned and fed.')],
            F::LiningTorn => [Prospect::Softer, Message::of('will be closed; the seam will be seen and felt inside.')],
            F::StackDry => [Prospect::Gone, Message::of('will be fed.')],
            F::StackSplit => [Prospect::Softer, Message::of('will be glued and dressed; the line stays.')],
            F::BuckleBent => [Prospect::Softer, Message::of('will be straightened if the metal bears it.')],
            F::ZipStiff => [Prospect::Gone, Message::of('will be cleaned and waxed until it runs; a worn one is a repair of its own.')],
            F::EyeletMissing => [Prospect::Gone, Message::of('will be replaced with the nearest that can be had.')],
            F::ShapeLost => [Prospect::Softer, Message::of('will be shaped on trees while it dries; what is stretched stays stretched.')],
            default => [Prospect::Softer, Message::of('will be less.')],
        };
    }
}
