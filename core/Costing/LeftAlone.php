<?php

declare(strict_types=1);

namespace KindHeel\Core\Costing;

use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Assessment\PlaceWords;
use KindHeel\Core\Finding\FindingKind as F;
use KindHeel\Core\Finding\Severity;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Text\Phrase;

/** What becomes of a piece that is left as it is: what runs on is said, what only shows may stay (J-3). */
final class LeftAlone
{
    /** @return list<string> */
    public static function of(Piece $piece): array
    {
        $by = [];
        foreach ($piece->findings as $finding) {
            if (Severity::None !== $finding->severity && null !== self::runsOn($finding->kind)) {
                $by[$finding->kind->value][] = $finding;
            }
        }
        $said = array_map(static fn (array $found): string => Phrase::sentence(
            '%s on the %s %s',
            $found[0]->kind->noun(),
            PlaceWords::at(array_map(static fn (Finding $f): Place => $f->at, $found), $piece),
            (string) self::runsOn($found[0]->kind),
        ), array_values($by));

        return [] === $said ? [Message::of('It stays as it is. Nothing of what was found gets worse by waiting.')] : $said;
    }

    /** What it comes to by itself; null for what only shows. */
    private static function runsOn(F $kind): ?string
    {
        return match ($kind) {
            F::Mud, F::WeltGrit, F::GroundInDirt => Message::of('grinds on with every wear.'),
            F::RoadSalt, F::SweatSalt => Message::of('draws damp and hardens the leather.'),
            F::Mould => Message::of('grows on, and goes over to what stands beside it.'),
            F::Crack => Message::of('opens further where it bends.'),
            F::OpenSeam, F::RottenThread => Message::of('runs on, stitch by stitch.'),
            F::LiningTorn => Message::of('tears further each time it is put on.'),
            F::SoleParting => Message::of('lets in water, and parts further.'),
            F::StackSplit, F::StackDry => Message::of('dries out and splits further.'),
            F::Peeling => Message::of('peels on from its edge.'),
            F::EdgeWorn => Message::of('takes up water, and swells.'),
            F::BodyGrease, F::ColourTransfer, F::Ink => Message::of('sinks in, and comes out less well the longer it stays.'),
            F::LiftedScales => Message::of('catches, and tears off.'),
            F::Brittle, F::RedRot => Message::of('crumbles on, in use or not.'),
            default => null,
        };
    }
}
