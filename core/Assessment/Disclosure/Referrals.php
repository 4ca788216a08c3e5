<?php

declare(strict_types=1);

namespace KindHeel\Core\Assessment\Disclosure;

use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\PieceFamily;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Finding\Severity;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Text\Phrase;

/** Refuse or refer (J-6). */
final class Referrals
{
    /** @return list<Declined> */
    public static function of(Piece $piece): array
    {
        $found = [];
        foreach ($piece->parts as $part) {
            $declined = self::part($piece, $part);
            if (null !== $declined) {
                $found[] = $declined;
            }
            if ($part->has(Flag::FurTrim)) {
                $found['fur'] = new Declined(
                    'J-6',
                    Message::of('The fur is left alone; we work up to it and no further.'),
                    Message::of('a furrier, with its papers if it is of a protected kind'),
                    false,
                );
            }
        }
        foreach ($piece->findings as $finding) {
            if (
                FindingKind::SoleParting === $finding->kind
                && $finding->severity->atLeast(Severity::FunctionLost)
                && PartName::Outsole === $finding->at->part
            ) {
                $found['sole'] = new Declined(
                    'J-6',
                    Message::of('A sole that has gone through is not mended with cement; a new one is a shoemaker’s work.'),
                    Message::of('a shoemaker'),
                    false,
                );
            }
        }

        return array_values($found);
    }

    private static function part(Piece $piece, Part $part): ?Declined
    {
        $name = $part->at->label();
        foreach ($piece->findingsAt($part->at) as $finding) {
            $declined = match ($finding->kind) {
                FindingKind::RedRot => new Declined(
                    'J-6',
                    Phrase::sentence('The %s is red-rotted: the leather turns to powder, and whatever we lay on it would take more with it.', $name),
                    Message::of('a leather conservator'),
                    true,
                ),
                FindingKind::Brittle => self::isReplaced($part) ? self::replaced($name) : new Declined(
                    'J-6',
                    Phrase::sentence('The %s is brittle: it would break under the hand.', $name),
                    Message::of('a leather conservator'),
                    true,
                ),
                FindingKind::Mould => $part->at->part->isInside() && $finding->severity->atLeast(Severity::FunctionLost)
                    ? new Declined(
                        'J-6',
                        Phrase::sentence('Mould has gone through the %s; it would come back, and its dust does harm.', $name),
                        Message::of('a cleaner with a fumigation room'),
                        true,
                    )
                    : null,
                FindingKind::Impact => new Declined(
                    'J-6',
                    Phrase::sentence('The %s has taken a blow: whether it still protects is for its maker to judge, and we do not make it look sound.', $name),
                    Message::of('the maker of the gear'),
                    true,
                ),
                default => null,
            };
            if (null !== $declined) {
                return $declined;
            }
        }

        if (Certainty::Guess === $part->certainty && $piece->agreedAt($part->at)->aim->rebuilds() && self::hasOldCoat($piece, $part)) {
            return new Declined(
                'J-6',
                Phrase::sentence(
                    'Nobody knows what the old coat on the %s is; it may hold lead, and it is neither sanded nor stripped here before that is known.',
                    $name,
                ),
                Message::of('a conservator who can test it'),
                true,
            );
        }

        return Dryness::Brittle === $part->dryness && self::isReplaced($part) ? self::replaced($name) : (Dryness::Brittle === $part->dryness
            ? new Declined('J-6', Phrase::sentence('The %s is brittle: it would break under the hand.', $name), Message::of(
                'a leather conservator',
            ), true) : null);
    }

    /** It is there to be worn out: a new one takes its place. */
    private static function isReplaced(Part $part): bool
    {
        return \in_array($part->at->part, [PartName::FalseTongue, PartName::Laces, PartName::Insole], true);
    }

    private static function replaced(string $name): Declined
    {
        return new Declined(
            'J-6',
            Phrase::sentence('The %s is brittle: it is there to be worn out, and a new one takes its place.', $name),
            Message::of('the next order of parts'),
            false
        );
    }

    /** A coat of unknown age that would have to come off. */
    private static function hasOldCoat(Piece $piece, Part $part): bool
    {
        foreach ($piece->findingsAt($part->at) as $finding) {
            $paint = FindingKind::WrongTouchUp === $finding->kind || FindingKind::Peeling === $finding->kind && $part->material->hasFilm();
            if ($paint && PieceFamily::Trainer !== $piece->kind->family()
                && !$part->material->isNapped() && $finding->severity->atLeast(Severity::AtArmsLength)) {
                return true;
            }
        }

        return false;
    }
}
