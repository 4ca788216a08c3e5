<?php

declare(strict_types=1);

namespace KindHeel\App\Words;

use KindHeel\App\Http\Answer;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\PartAnatomy;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\PieceFamily;
use KindHeel\Core\Anatomy\Size;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Assessment\Patina;
use KindHeel\Core\Assessment\Wish;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Drying\DryingPlace;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Finding\Severity;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Material\Outcome;
use KindHeel\Core\Material\Property;
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
            families: self::each(PieceFamily::cases(), static fn (PieceFamily $f): string => $f->label()),
            kinds: array_map(self::kind(...), Kind::cases()),
            materials: array_map(
                static fn (Material $m): MaterialWordView => new MaterialWordView($m, $m->label(), $m->sign(), !$m->is(Property::IsStructure)),
                Material::cases(),
            ),
            certainties: self::each(Certainty::cases(), static fn (Certainty $c): string => $c->value),
            dryness: self::each(Dryness::cases(), static fn (Dryness $d): string => $d->value, static fn (Dryness $d): string => $d->sign()),
            findings: array_map(self::finding(...), FindingKind::cases()),
            severities: self::each(Severity::cases(), static fn (Severity $s): string => $s->label()),
            aims: self::each(Aim::cases(), static fn (Aim $a): string => $a->label(), static fn (Aim $a): string => $a->meaning()),
            glosses: self::each(Gloss::cases(), static fn (Gloss $g): string => $g->value),
            shades: array_map(static fn (Shade $s): ShadeView => new ShadeView($s, $s->label(), $s->hex()), Shade::cases()),
            flags: self::each(Flag::cases(), static fn (Flag $f): string => $f->label()),
            patinas: self::each(Patina::cases(), static fn (Patina $p): string => $p->value),
            wishes: self::each(Wish::cases(), static fn (Wish $w): string => $w->label()),
            trials: array_map(self::trial(...), Trial::cases()),
            products: self::each(FamilyId::cases(), static fn (FamilyId $f): string => $f->label()),
            applicators: array_map(
                static fn (Applicator $a): ApplicatorWordView => new ApplicatorWordView($a, $a->label(), $a->laysPaint(), $a->laysDye()),
                Applicator::cases(),
            ),
            acts: self::each(
                array_values(array_filter(Action::cases(), static fn (Action $a): bool => Action::Lay !== $a)),
                static fn (Action $a): string => $a->label(),
            ),
            places: self::each(DryingPlace::cases(), static fn (DryingPlace $p): string => $p->label()),
            hazards: self::each(
                Hazard::cases(),
                static fn (Hazard $h): string => str_replace('-', ' ', $h->value),
                static fn (Hazard $h): string => $h->caution(),
            ),
        );
    }

    /**
     * @template E of \BackedEnum
     *
     * @param list<E>                  $cases
     * @param \Closure(E): string      $label
     * @param \Closure(E): string|null $meaning
     *
     * @return list<WordView<E>>
     */
    private static function each(array $cases, \Closure $label, ?\Closure $meaning = null): array
    {
        return array_map(static fn (\BackedEnum $e): WordView => new WordView($e, $label($e), null === $meaning ? '' : $meaning($e)), $cases);
    }

    private static function trial(Trial $trial): TrialWordView
    {
        return new TrialWordView(
            $trial,
            $trial->label(),
            $trial->how(),
            $trial->identifies(),
            self::each($trial->outcomes(), static fn (Outcome $o): string => $o->label()),
        );
    }

    private static function kind(Kind $kind): KindView
    {
        return new KindView(
            $kind,
            $kind->label(),
            $kind->family(),
            $kind->halves(),
            array_map(static fn (PartName $p): PartWordView => new PartWordView(
                $p,
                $p->label(),
                $kind->materialsFor($p),
                $p->isOuter(),
                $p->isDetachable(),
                $p->isPlural(),
                $kind->has($p),
            ), array_map(static fn (PartAnatomy $a): PartName => $a->part, array_values($kind->family()->anatomy()))),
            $kind->outer(),
            $kind->family()->isFootwear(),
            Size::usual($kind)->mm,
        );
    }

    private static function finding(FindingKind $finding): FindingWordView
    {
        return new FindingWordView(
            $finding,
            $finding->label(),
            $finding->group(),
            $finding->hasSize(),
            $finding->hasDepth(),
            array_values(array_filter(Material::cases(), static fn (Material $m): bool => $m->usuallyHas($finding))),
            array_values(array_filter(PartName::cases(), static fn (PartName $p): bool => $p->canHave($finding))),
        );
    }
}
