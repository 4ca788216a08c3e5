<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use KindHeel\App\Shelf\ProductKind;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Colour\DyeLadder;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Text\FieldError;
use KindHeel\Core\Text\Phrase;
use KindHeel\Core\Treatment\Wish\LetDown;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Dyes go into the plan: a rung of the ladder is chosen for parts, and their washes follow it. */
final readonly class DyeChoices
{
    public function __construct(
        private EntityManagerInterface $entities,
        private ColourShelf $shelf,
        private Ledger $ledger,
    ) {
    }

    /** @throws FieldError where dye does not hold, or there is no such dye */
    public function choose(int $id, DyeChoiceInput $input, Person $by): void
    {
        $piece = $this->entities->find(StoredPiece::class, $id) ?? throw new NotFoundHttpException();
        foreach ($input->parts as $name) {
            self::mustHold($piece, $name);
        }
        $washes = array_map(fn (WashInput $w): array => $this->wash($w), $input->washes);
        foreach ($input->parts as $name) {
            $piece->terms()->dye($name, $washes, $input->applicator);
        }
        $words = array_map(
            fn (array $w): string => \sprintf('%d × %s%s', $w['coats'], $this->shelf->name($w['dye']), 0 === $w['thinner'] ? '' : ' 1:'.$w['thinner']),
            $washes,
        );
        $parts = Phrase::list(array_map(static fn (PartName $p): string => $p->label(), $input->parts));
        $said = [] === $words ? \sprintf('Dye of the %s: as the plan has it.', $parts) : \sprintf('Dye of the %s: %s.', $parts, implode(', then ', $words));
        $this->ledger->piece(Event::Corrected, $piece, $by, mb_substr($said, 0, 300));
    }

    /** @return array<string, list<LetDown>> each wash that is laid, by part */
    public function of(StoredPiece $piece): array
    {
        $washes = [];
        foreach ($piece->terms()->dyes() as $part => $choice) {
            foreach ($choice['washes'] as $wash) {
                $dye = $this->shelf->colours()[$wash['dye']] ?? null;
                for ($coat = 0; null !== $dye && $coat < $wash['coats']; ++$coat) {
                    $washes[$part][] = new LetDown(
                        $dye->name,
                        $dye->family ?? FamilyId::DyeSpirit,
                        $wash['thinner'],
                        $dye->diluent ?? 'its own thinner',
                        Applicator::from($choice['applicator']),
                    );
                }
            }
        }

        return $washes;
    }

    /** @return array{dye: string, thinner: int, coats: int} */
    private function wash(WashInput $input): array
    {
        $dye = $this->shelf->colours()[$input->dye] ?? null;
        if (null === $dye || ProductKind::Dye !== $dye->kind) {
            throw new FieldError('washes', 'There is no such dye on the shelf.');
        }
        if (!\in_array($input->thinner, DyeLadder::LET_DOWNS, true)) {
            throw new FieldError('washes', 'The ladder knows 1:0, 1:1, 1:3 and 1:7.');
        }

        return ['dye' => $input->dye, 'thinner' => $input->thinner, 'coats' => $input->coats];
    }

    private static function mustHold(StoredPiece $piece, PartName $name): void
    {
        $parts = array_filter($piece->toCore()->parts, static fn (Part $p): bool => $p->at->part === $name);
        if ([] === $parts) {
            throw new FieldError('parts', Phrase::sentence('%s has no %s.', Phrase::an($piece->kind()->label()), $name->label()));
        }
        foreach ($parts as $part) {
            $family = $part->material->profile()->colour;
            if (null === $family || !Family::of($family)->does(Effect::Dyes)) {
                throw new FieldError(
                    'parts',
                    Phrase::sentence('Dye does not hold on the %s, which is %s. It takes paint, or nothing.', $name->label(), $part->material->label()),
                );
            }
        }
    }
}
