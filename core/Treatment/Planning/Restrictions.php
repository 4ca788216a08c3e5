<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Hazard;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Need\Need;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Wish\Wishes;

/** What may be done where: nothing that is banned, not wanted or left out; what was refused on the way is kept with its rule. */
final class Restrictions
{
    /** @var array<string, Refusal> by what and where */
    private array $refused = [];

    /**
     * @param array<string, true> $banned  what is not to be done where, as `what@half/part`
     * @param list<Refusal>       $refused
     */
    public function __construct(private readonly Wishes $wishes, private readonly array $banned, array $refused)
    {
        foreach ($refused as $refusal) {
            $this->refused[$refusal->what.'@'.$refusal->at->key] = $refusal;
        }
    }

    /** @return list<Refusal> */
    public function refused(): array
    {
        return array_values($this->refused);
    }

    /** A need without the places where it is banned or whose product is not wanted; another product where there is one. */
    public function allowed(Need $need): ?Need
    {
        $step = $need->step;
        $on = array_values(array_filter($step->on, fn (Place $p): bool => !isset($this->banned[$step->what().'@'.$p->key])));
        if ([] === $on || $this->wishes->leavesOut($step->what())) {
            return null;
        }
        $step = $this->unsprayed($step->onto($on));
        $need = $need->with($step);
        if (null === $step->family) {
            return $need;
        }
        $unwanted = $this->wishes->excludes($step->family, $step->applicator);
        if (null === $unwanted) {
            return $need;
        }
        foreach ($on as $place) {
            $this->refuse(
                $place,
                $step,
                $unwanted instanceof Hazard ? $unwanted->rule() : 'H-1',
                Message::of('%s is not wanted here.', ucfirst($step->family->label())),
            );
        }

        return $this->otherwise($need, $on);
    }

    /** Where nothing is to be sprayed, the same is sponged, brushed or laid with a pad. */
    private function unsprayed(Step $step): Step
    {
        if (!$step->applicator->sprays() || !$this->wishes->isWithoutSpray()) {
            return $step;
        }

        return $step->withTool(match (true) {
            $step->does(Effect::Dyes) => Applicator::Sponge,
            $step->does(Effect::BuildsFilm) => Applicator::Sponge,
            default => Applicator::Pad,
        });
    }

    /** @param list<Place> $on */
    public function otherwise(Need $need, array $on): ?Need
    {
        if (null === $need->otherwise || [] === $on) {
            return null;
        }
        $step = $need->step;

        return $this->allowed(
            new Need(
                Step::lay(
                    $step->phase,
                    $need->otherwise,
                    Applicator::Pad === $step->applicator ? Applicator::Cloth : $step->applicator,
                    $on,
                    $step->coat,
                    $step->coats,
                ),
                $need->rank,
                $need->why,
                $need->rules,
                $need->shade,
                order: $need->order,
                areaDm2: $need->areaDm2,
            ),
        );
    }

    /** What degreases may be another solvent, where alcohol is not wanted. */
    public function allowedSupport(Need $support): ?Need
    {
        if (FamilyId::Alcohol !== $support->step->family) {
            return $this->allowed($support);
        }
        foreach ([FamilyId::Alcohol, FamilyId::SolventMild, FamilyId::Deglosser] as $family) {
            $step = Step::lay($support->step->phase, $family, Applicator::Cloth, $support->step->on);
            if (null === $this->wishes->excludes($family)) {
                return $this->allowed($support->with($step));
            }
        }

        return $this->allowed($support);
    }

    public function refuse(Place $place, Step $step, string $rule, string $text): void
    {
        $this->refused[$step->what().'@'.$place->key] ??= new Refusal($place, $step->what(), $rule, $text);
    }
}
