<?php

declare(strict_types=1);

namespace KindHeel\App\Demo;

use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Material\Material;

/** The Lantern Players have their wardrobe put right before opening night; a few townspeople bring their own. */
final class LanternPlayers
{
    private const OPENING_NIGHT = 4.4;

    /** @return list<DemoTicket> */
    public static function tickets(): array
    {
        return [
            new DemoTicket('The Lantern Players', 'Mirela Sand, wardrobe', 'Act one is in the street: worn is right, muddy is not.', 13.2, 0.2, [
                new DemoPiece('The lamplighter’s derbies', Kind::Derby, 43, Aim::Keep, Gloss::Matt, Shade::Espresso, Material::Aniline, findings: [
                    ['left', 'vamp', 'mud', 2], ['right', 'vamp', 'mud', 2], ['left', 'vamp', 'crease', 2, 45.0, 3.0], ['right', 'toe', 'scuff', 2, 18.0, 6.0],
                ], thirsty: ['vamp', 'quarter', 'toe'], pictures: true, signedBy: 'Mirela Sand'),
                new DemoPiece('The judge’s court shoes', Kind::Court, 38, Aim::Freshen, Gloss::Satin, Shade::Black, Material::Pigmented, findings: [
                    ['right', 'toe', 'scuff', 3, 14.0, 5.0], ['left', 'heel-stack', 'scratch', 2, 12.0, 1.0],
                ], edge: Shade::Black),
            ]),
            new DemoTicket('Odile Marchetti', '14 Mill Lane', 'My father wore them to church. They may shine again.', 9.1, 0.6, [
                new DemoPiece('Father’s oxfords', Kind::Oxford, 42.5, Aim::Freshen, Gloss::Mirror, Shade::Chestnut, Material::Burnished, findings: [
                    ['left', 'toe', 'old-polish', 2], ['right', 'toe', 'old-polish', 2], ['left', 'vamp', 'crack', 2, 12.0, 1.0], ['right', 'quarter', 'faded', 2],
                    ['left', 'sole-edge', 'edge-worn', 2],
                ], thirsty: ['vamp', 'quarter', 'tongue'], pictures: true, signedBy: 'Odile Marchetti'),
            ]),
            new DemoTicket('The Lantern Players', 'Mirela Sand, wardrobe', 'The chorus dances in these every night from opening on.', 6.3, self::OPENING_NIGHT, [
                new DemoPiece('Chorus shoes, first pair', Kind::DanceShoe, 39, Aim::Freshen, Gloss::Satin, Shade::Tan, Material::SemiAniline, findings: [
                    ['left', 'toe', 'scuff', 3, 22.0, 9.0], ['right', 'toe', 'scuff', 2, 15.0, 8.0], ['left', 'quarter', 'sweat-salt', 2],
                ], thirsty: ['vamp', 'toe']),
                new DemoPiece('Chorus shoes, second pair', Kind::DanceShoe, 41, Aim::Freshen, Gloss::Satin, Shade::Tan, Material::SemiAniline, findings: [
                    ['right', 'toe', 'scuff', 3, 26.0, 7.0], ['right', 'vamp', 'ground-in-dirt', 2],
                ], thirsty: ['vamp']),
            ]),
            new DemoTicket('Bruno Achterberg', 'the bakery, Fountain Square', 'They are stiff as boards since the flour dust and the washing.', 3.2, 2.1, [
                new DemoPiece('The baker’s Sunday brogues', Kind::Brogue, 44, Aim::Freshen, Gloss::Glow, Shade::Cognac, Material::Aniline, findings: [
                    ['left', 'vamp', 'water-ring', 2, 35.0, 20.0], ['right', 'toe', 'faded', 3], ['left', 'toe', 'faded', 3], ['right', 'heel-stack', 'stack-dry', 3], ['left', 'welt', 'welt-grit', 2],
                ], thirsty: ['vamp', 'quarter', 'toe', 'counter'], dryness: Dryness::Stiff),
            ]),
            new DemoTicket('The Lantern Players', 'Mirela Sand, wardrobe', 'The Captain stands still and is looked at for ten minutes in act two.', 0.13, self::OPENING_NIGHT, [
                new DemoPiece('The Captain’s oxfords', Kind::Oxford, 43.5, Aim::Restore, Gloss::Mirror, Shade::Black, Material::Pigmented, findings: [
                    ['left', 'toe', 'scuff', 3, 24.0, 8.0], ['right', 'counter', 'scratch', 2, 30.0, 1.0], ['left', 'sole-edge', 'edge-worn', 3], ['right', 'sole-edge', 'edge-worn', 2],
                ], thirsty: ['vamp'], edge: Shade::Black, pictures: true, signedBy: 'Mirela Sand'),
                new DemoPiece('The understudy’s monk shoes', Kind::Monk, 42, Aim::Freshen, Gloss::Glow, Shade::Oxblood, Material::Pigmented, findings: [
                    ['left', 'quarter', 'scuff', 2, 16.0, 6.0], ['right', 'toe', 'body-grease', 2], ['right', 'heel-stack', 'edge-worn', 2],
                ]),
            ]),
            new DemoTicket('Ruth Halloran', 'calls by after school', 'Two colours, and please keep them apart.', 0.12, 3.2, [
                new DemoPiece('Two-tone brogues', Kind::Brogue, 40, Aim::Freshen, Gloss::Satin, Shade::Chestnut, Material::SemiAniline, findings: [
                    ['right', 'vamp', 'patchy', 2], ['left', 'toe', 'scuff', 2, 12.0, 4.0],
                ], thirsty: ['vamp'], second: ['vamp' => Shade::Sand, 'facing' => Shade::Sand]),
            ]),
            new DemoTicket('The Lantern Players', 'Mirela Sand, wardrobe', 'Found in the trunk from the old production. What are they?', 0.05, self::OPENING_NIGHT, [
                new DemoPiece('The ghost’s loafers', Kind::Loafer, 42, Aim::Keep, Gloss::Matt, Shade::Grey, Material::Aniline, Certainty::Guess, findings: [
                    ['left', 'vamp', 'dust', 3], ['right', 'vamp', 'dust', 3], ['right', 'quarter', 'mould', 2],
                ], thirsty: ['vamp', 'quarter'], trials: [['T-4', 'pores']]),
            ]),
            new DemoTicket('Konrad Weiss-Amari', 'leaves town on Friday', 'The heel edge looks shabby against the rest.', 0.03, 1.9, [
                new DemoPiece('Travelling derbies', Kind::Derby, 45, Aim::Freshen, Gloss::Satin, Shade::Navy, Material::Aniline, lookedOver: false, planned: false),
            ]),
            new DemoTicket('Agnes Pell', 'attic flat, Old Customs House', 'My grandmother’s. She danced in them in the year of the flood.', 1.3, 6.2, [
                new DemoPiece('The flood-year dance shoes', Kind::DanceShoe, 37, Aim::Keep, Gloss::Matt, Shade::Ivory, Material::Aniline, Certainty::Likely, findings: [
                    ['left', 'vamp', 'crack', 3, 20.0, 1.0], ['right', 'vamp', 'brittle', 4],
                ], thirsty: ['vamp', 'quarter', 'toe'], dryness: Dryness::Brittle),
            ]),
            new DemoTicket('The Lantern Players', 'Mirela Sand, wardrobe', 'The storm scene: boots for the crew, and the aviator comes down in his jacket.', 2.4, self::OPENING_NIGHT, [
                new DemoPiece('The stage boots of the crew', Kind::LaceBoot, 43, Aim::WorkProof, Gloss::Satin, Shade::Cognac, Material::Pigmented, findings: [
                    ['left', 'toe', 'scuff', 3, 28.0, 10.0], ['right', 'vamp', 'mud', 2], ['right', 'shaft', 'ink', 3, 24.0, 15.0], ['left', 'sole-edge', 'edge-worn', 2], ['right', 'facing', 'eyelet-missing', 2],
                ], thirsty: ['vamp', 'shaft'], pictures: true, signedBy: 'Mirela Sand'),
                new DemoPiece('The aviator’s flying jacket', Kind::Jacket, null, Aim::Freshen, Gloss::Satin, Shade::Cognac, Material::SheepNappa, Certainty::Likely, findings: [
                    ['whole', 'sleeves', 'faded', 3], ['whole', 'cuffs', 'body-grease', 2], ['whole', 'zips', 'zip-stiff', 3], ['whole', 'lining', 'lining-torn', 2, 60.0, 4.0], ['whole', 'body', 'scuff', 2, 40.0, 12.0],
                ], thirsty: ['body', 'sleeves'], second: ['collar' => Shade::Espresso, 'cuffs' => Shade::Espresso], made: ['stretch-panels' => Material::Textile, 'perforated-panels' => Material::SheepNappa], lengthMm: 660.0, trials: [['T-4', 'pores'], ['T-1', 'absorbs-slowly'], ['T-2', 'colour-off-damp']], pictures: true),
                new DemoPiece('The duellists’ fencing gloves', Kind::Gloves, null, Aim::Keep, Gloss::Matt, Shade::Ivory, Material::SheepNappa, findings: [
                    ['left', 'palms', 'dark-handling', 2], ['right', 'palms', 'dark-handling', 3], ['right', 'lining', 'odour', 2], ['left', 'stitching', 'open-seam', 2, 25.0],
                ], thirsty: ['body', 'palms'], made: ['stretch-panels' => Material::Textile]),
            ]),
            new DemoTicket('The Lantern Players', 'Mirela Sand, wardrobe', 'Trainers for the street kids, the doctor’s bag, and the prompter wants hers back too.', 1.1, self::OPENING_NIGHT, [
                new DemoPiece('Chorus trainers', Kind::CourtTrainer, 40, Aim::Freshen, Gloss::Matt, Shade::Ivory, Material::Synthetic, findings: [
                    ['left', 'toe-box', 'ground-in-dirt', 3], ['right', 'toe-box', 'ground-in-dirt', 2], ['left', 'midsole', 'yellowed-rubber', 3], ['right', 'midsole', 'yellowed-rubber', 3], ['right', 'side-panel', 'peeling', 2, 14.0, 6.0],
                ]),
                new DemoPiece('The doctor’s bag', Kind::DoctorsBag, null, Aim::Restore, Gloss::Glow, Shade::Chestnut, Material::Aniline, findings: [
                    ['whole', 'front', 'scratch', 3, 90.0, 2.0], ['whole', 'base', 'scuff', 3, 60.0, 20.0], ['whole', 'handle', 'dark-handling', 2], ['whole', 'front', 'water-ring', 2, 70.0, 50.0], ['whole', 'hardware', 'buckle-bent', 1],
                ], thirsty: ['front', 'back', 'handle'], lengthMm: 390.0, trials: [['T-4', 'pores'], ['T-1', 'absorbs-at-once'], ['T-6', 'coloured-through']], pictures: true, signedBy: 'Mirela Sand'),
                new DemoPiece('The prompter’s satchel', Kind::Satchel, null, Aim::Keep, Gloss::Satin, Shade::Tan, Material::VegTan, Certainty::Likely, findings: [
                    ['whole', 'flap', 'ink', 3, 30.0, 18.0], ['whole', 'strap', 'crack', 2, 14.0, 1.0], ['whole', 'edge-paint', 'edge-worn', 2],
                ], thirsty: ['flap', 'front'], trials: [['T-6', 'undyed']]),
            ]),
            new DemoTicket('Ilse Brandauer', 'the riding school', 'Tall boots for the parade, and my brother’s suit – he went down in the wet last week.', 0.6, 5.2, [
                new DemoPiece('Parade boots', Kind::RidingBoot, 39, Aim::Freshen, Gloss::Mirror, Shade::Black, Material::Pigmented, findings: [
                    ['left', 'inner-leg', 'sweat-salt', 2], ['right', 'inner-leg', 'sweat-salt', 2], ['right', 'vamp', 'crease', 2, 50.0, 3.0], ['left', 'zip', 'zip-stiff', 2], ['left', 'shaft', 'scuff', 2, 22.0, 8.0],
                ], thirsty: ['shaft', 'vamp'], edge: Shade::Black),
                new DemoPiece('The brother’s one-piece suit', Kind::OnePieceSuit, null, Aim::Freshen, Gloss::Matt, Shade::Oxblood, Material::RacingHide, findings: [
                    ['whole', 'sleeves', 'impact', 3], ['whole', 'seat', 'scuff', 3, 120.0, 60.0],
                ], second: ['sleeves' => Shade::Black], made: ['stretch-panels' => Material::Textile]),
            ]),
            new DemoTicket('Paolo Ferrant', 'plays at the quay on Sundays', 'My accordion hangs on these. The buckles are fine.', 0.02, 2.6, [
                new DemoPiece('Accordion straps', Kind::InstrumentStrap, null, Aim::WorkProof, Gloss::Matt, Shade::Espresso, Material::Waxy, Certainty::Guess, findings: [
                    ['whole', 'face', 'crack', 2, 20.0, 1.0], ['whole', 'flesh-side', 'sweat-salt', 2],
                ], thirsty: ['face'], lengthMm: 880.0),
            ]),
        ];
    }
}
