<?php

declare(strict_types=1);

namespace KindHeel\App\Words;

use KindHeel\App\Http\Answer;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\FindingKind;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Assessment\Gloss;
use KindHeel\Core\Assessment\Half;
use KindHeel\Core\Assessment\Kind;
use KindHeel\Core\Assessment\PartName;
use KindHeel\Core\Assessment\Severity;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Material\Material;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;

final readonly class WordsController
{
    #[Route('/api/words', methods: ['GET'])]
    public function show(): JsonResponse
    {
        $offered = [];
        foreach (PartName::cases() as $part) {
            foreach (Kind::materialsFor($part) as $material) {
                $offered[$material->value] = $material;
            }
        }

        return Answer::of(new WordsView(
            array_map(static fn (Kind $k): KindView => new KindView(
                $k->value,
                $k->label(),
                array_map(static fn (Half $h): string => $h->value, $k->halves()),
                array_map(static fn (PartName $p): PartWordView => new PartWordView($p->value, $p->label(), array_map(static fn (Material $m): string => $m->value, Kind::materialsFor($p)), $p->isUpper()), $k->parts()),
            ), Kind::cases()),
            array_map(static fn (Material $m): WordView => new WordView($m->value, $m->label(), $m->sign()), array_values($offered)),
            array_map(static fn (Certainty $c): WordView => new WordView($c->value, $c->value), Certainty::cases()),
            array_map(static fn (Dryness $d): WordView => new WordView($d->value, $d->value, $d->sign()), Dryness::cases()),
            array_map(static fn (FindingKind $f): FindingWordView => new FindingWordView($f->value, $f->label(), $f->group()->value, $f->hasSize()), FindingKind::cases()),
            array_map(static fn (Severity $s): WordView => new WordView((string) $s->value, $s->label()), Severity::cases()),
            array_map(static fn (Aim $a): WordView => new WordView($a->value, $a->label(), $a->meaning()), Aim::cases()),
            array_map(static fn (Gloss $g): WordView => new WordView($g->value, $g->value), Gloss::cases()),
            array_map(static fn (Shade $s): ShadeView => new ShadeView($s->value, $s->label(), $s->lab()->toSrgbHex()), Shade::cases()),
            array_map(static fn (Flag $f): WordView => new WordView($f->value, $f->label()), Flag::cases()),
        ));
    }
}
