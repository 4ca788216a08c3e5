<?php

declare(strict_types=1);

namespace KindHeel\Core\Assessment;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Finding\Severity;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Text\Phrase;

/** Where the halves of a pair are not alike: what the eye will look for side by side (S-1). */
final class Differences
{
    /** @return list<string> sentences, in the order of the parts */
    public static function of(Piece $piece): array
    {
        if (!$piece->kind->isPair()) {
            return [];
        }
        $found = [];
        foreach ($piece->kind->parts() as $name) {
            $left = $piece->part(new Place($name, Half::Left));
            $right = $piece->part(new Place($name, Half::Right));
            if (null !== $left && null !== $right) {
                array_push($found, ...self::parts($left, $right));
            }
            array_push($found, ...self::findings($piece, $name));
        }

        return $found;
    }

    /** @return list<string> */
    private static function parts(Part $left, Part $right): array
    {
        $name = $left->at->part->label();
        $said = [];
        if ($left->material !== $right->material) {
            $said[] = Phrase::sentence('%s: left %s, right %s.', $name, $left->material->label(), $right->material->label());
        }
        if ($left->dryness !== $right->dryness) {
            $said[] = Phrase::sentence('%s: left %s, right %s.', $name, $left->dryness->value, $right->dryness->value);
        }
        if ($left->shade !== $right->shade) {
            $said[] = Phrase::sentence('%s: left %s, right %s.', $name, $left->shade->label(), $right->shade->label());
        }

        return $said;
    }

    /** @return list<string> */
    private static function findings(Piece $piece, PartName $name): array
    {
        $worst = static function (Half $half) use ($piece, $name): array {
            $found = [];
            foreach ($piece->findingsAt(new Place($name, $half)) as $finding) {
                $known = $found[$finding->kind->value] ?? Severity::None;
                $found[$finding->kind->value] = $finding->severity->atLeast($known) ? $finding->severity : $known;
            }

            return $found;
        };
        [$left, $right] = [$worst(Half::Left), $worst(Half::Right)];
        $said = [];
        foreach ($left + $right as $kind => $_) {
            $label = FindingKind::from($kind)->label();
            $l = $left[$kind] ?? null;
            $r = $right[$kind] ?? null;
            if ($l === $r) {
                continue;
            }
            $said[] = match (true) {
                null === $r => Phrase::sentence('%s on the left %s only.', $label, $name->label()),
                null === $l => Phrase::sentence('%s on the right %s only.', $label, $name->label()),
                default => Phrase::sentence(
                    '%s on the %s: worse on the %s.',
                    $label,
                    $name->label(),
                    $l->value > $r->value ? Message::of('left') : Message::of('right'),
                ),
            };
        }

        return $said;
    }
}
