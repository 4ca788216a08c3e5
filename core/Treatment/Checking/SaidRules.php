<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Checking;

/** Rules that stand beside the steps they concern: no order of steps can break them. */
final class SaidRules
{
    /** The sentence by the rule's number. */
    public const SENTENCES = [
        'S-1' => 'Left and right wear differently: seen apart, planned together, judged side by side.',
        'S-2' => 'What runs, sprays or rubs on one part reaches its neighbours.',
        'S-3' => 'What comes off is listed, so that nothing is lost.',
        'T-8' => 'Of a pair that cannot be replaced one half is treated first, and compared when fully dry.',
        'O-6' => 'Dried cleaner leaves a film.',
        'O-11' => 'Scratches of a skipped grit show through paint: each no more than about twice the last, dusted off between.',
        'O-14' => 'An even light damping makes bare leather take dye evenly.',
        'O-16' => 'A white or near base under a colour that hides weakly saves coats.',
        'C-12' => 'The paler or more delicate part is worked last, with a clean cloth for each.',
        'C-13' => 'Pigment and dressing match the part; on light stitching and bare welts they are masked off or laid with a small dauber.',
        'C-14' => 'Quick shine and loose dye rub off on light cloth: it is said on the care card.',
        'W-2' => 'Water dries with warm, dry, moving air; solvent cares for warmth, cure for warmth, thick coats take longer.',
        'W-3' => 'Below 10 °C films do not form, above 85 % humidity spirits bloom, and no spray near the dew point.',
        'W-4' => 'Warm air only on films, moving, 20 cm off, the surface under 40 °C.',
        'W-5' => 'A wait through the night costs nothing.',
        'W-6' => 'While one half dries the other is worked.',
        'W-7' => 'A missed window is no loss: key lightly, wipe with alcohol, carry on.',
        'W-10' => 'Conditioner and oil must have stopped darkening before colour is judged.',
        'W-11' => 'Yellowed rubber under light is checked every couple of hours, turned, and kept wet under film.',
        'J-2' => 'The next rung would take more than it gives.',
        'J-3' => 'Even patina and a scar that tells a story stay.',
        'J-5' => 'Promise only what is sure, and say what will still show.',
        'J-8' => 'What cannot be dry in time is left out rather than hurried.',
        'H-1' => 'The maker’s safety data sheet, local rules and licensed practice come first; this plans, it does not certify.',
        'H-2' => 'Moving outside air, gloves that resist it, nobody leaning over the pot.',
        'H-4' => 'Oily rags heat up by themselves: spread flat outdoors, or under water in a lidded can.',
        'H-5' => 'Sanding dust is not breathed, and unknown old paint is treated as lead.',
        'H-6' => 'Oxidiser burns skin: gloves, eyes, no metal lid, no sealed bottle in the sun.',
        'H-9' => 'Spray is not breathed: the right filter, a booth or outdoors, no pilot light.',
        'H-10' => 'Fluorinated repellents: outdoors, and check what the law allows.',
        'H-11' => 'Dyes and some tannages sensitise: gloves.',
        'H-12' => 'Cut away from the hand; needles, awls and hot irons have a stand.',
    ];
}
