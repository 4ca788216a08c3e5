<?php

declare(strict_types=1);

namespace KindHeel\App\Words;

use KindHeel\App\Http\Answer;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\PieceFamily;
use KindHeel\Core\Anatomy\Size;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Assessment\Patina;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Finding\Severity;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Material\Outcome;
use KindHeel\Core\Material\Trial;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Hazard;
use KindHeel\Core\Treatment\Action;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Contracts\Cache\CacheInterface;

final readonly class WordsController
{
    public function __construct(#[Autowire(service: 'cache.system')] private CacheInterface $cache)
    {
    }

    /** The same for everybody until the next release, which clears this cache. */
    #[Route('/api/words', methods: ['GET'])]
    public function show(): JsonResponse
    {
        return JsonResponse::fromJsonString($this->cache->get('words', static fn (): string => Answer::json(self::words())));
    }

    private static function words(): WordsView
    {
        return new WordsView(
            array_map(static fn (PieceFamily $f): WordView => new WordView($f->value, $f->label()), PieceFamily::cases()),
            array_map(self::kind(...), Kind::cases()),
            array_map(static fn (Material $m): WordView => new WordView($m->value, $m->label(), $m->sign()), Material::cases()),
            array_map(static fn (Certainty $c): WordView => new WordView($c->value, $c->value), Certainty::cases()),
            array_map(static fn (Dryness $d): WordView => new WordView($d->value, $d->value, $d->sign()), Dryness::cases()),
            array_map(self::finding(...), FindingKind::cases()),
            array_map(static fn (Severity $s): WordView => new WordView((string) $s->value, $s->label()), Severity::cases()),
            array_map(static fn (Aim $a): WordView => new WordView($a->value, $a->label(), $a->meaning()), Aim::cases()),
            array_map(static fn (Gloss $g): WordView => new WordView($g->value, $g->value), Gloss::cases()),
            array_map(static fn (Shade $s): ShadeView => new ShadeView($s->value, $s->label(), $s->lab()->toSrgbHex()), Shade::cases()),
            array_map(static fn (Flag $f): WordView => new WordView($f->value, $f->label()), Flag::cases()),
            array_map(static fn (Patina $p): WordView => new WordView($p->value, $p->value), Patina::cases()),
            array_map(static fn (Trial $t): TrialWordView => new TrialWordView($t->value, $t->label(), $t->how(), $t->identifies(), array_map(static fn (Outcome $o): WordView => new WordView($o->value, $o->label()), $t->outcomes())), Trial::cases()),
            array_map(static fn (FamilyId $f): WordView => new WordView($f->value, $f->label()), FamilyId::cases()),
            array_map(static fn (Applicator $a): WordView => new WordView($a->value, $a->label()), Applicator::cases()),
            array_map(static fn (Action $a): WordView => new WordView($a->value, $a->label()), array_values(array_filter(Action::cases(), static fn (Action $a): bool => Action::Lay !== $a))),
            array_map(static fn (Hazard $h): WordView => new WordView($h->value, str_replace('-', ' ', $h->value), $h->caution()), Hazard::cases()),
        );
    }

    private static function kind(Kind $kind): KindView
    {
        return new KindView(
            $kind->value,
            $kind->label(),
            $kind->family()->value,
            array_map(static fn (Half $h): string => $h->value, $kind->halves()),
            array_map(static fn (PartName $p): PartWordView => new PartWordView(
                $p->value,
                $p->label(),
                array_map(static fn (Material $m): string => $m->value, $kind->materialsFor($p)),
                $p->isOuter(),
                $p->isDetachable(),
                $p->isPlural(),
            ), $kind->parts()),
            $kind->outer(),
            $kind->family()->isFootwear(),
            Size::usual($kind)->mm,
        );
    }

    private static function finding(FindingKind $finding): FindingWordView
    {
        return new FindingWordView(
            $finding->value,
            $finding->label(),
            $finding->group()->value,
            $finding->hasSize(),
            $finding->hasDepth(),
            array_column(array_filter(Material::cases(), static fn (Material $m): bool => $m->usuallyHas($finding)), 'value'),
            array_column(array_filter(PartName::cases(), static fn (PartName $p): bool => $p->canHave($finding)), 'value'),
        );
    }
}
