<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Drying\After;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Need\Need;
use KindHeel\Core\Treatment\Step;

/** What of a plan was put in for nothing, as a product was refused after all. */
final readonly class VainSteps
{
    /**
     * @param list<Need>          $placed in their order
     * @param array<string, true> $worked steps that have been done, by id
     */
    public function __construct(private Piece $piece, private array $placed, private array $worked)
    {
    }

    /**
     * Places degreased for no film, or roughened for no cement.
     *
     * @return list<string> as {@see key()}
     */
    public function prepared(): array
    {
        $filmed = $bonded = $idle = [];
        foreach (array_reverse($this->placed) as $need) {
            $step = $need->step;
            foreach (isset($this->worked[$step->id]) ? [] : $step->on as $place) {
                $isKeyed = Phase::Repair === $step->phase && Action::Sand === $step->action;
                if (Phase::Degrease === $step->phase && !isset($filmed[$place->key]) || $isKeyed && !isset($bonded[$place->key])) {
                    $idle[] = self::key($step, $place->key);
                }
            }
            foreach ($step->on as $place) {
                $filmed += $step->laysFilm() ? [$place->key => true] : [];
                $bonded += Action::Bond === $step->action ? [$place->key => true] : [];
            }
        }

        return $idle;
    }

    /**
     * What is never laid after all was tried for nothing.
     *
     * @return list<Need> what was placed, without such trials and without waiting for them
     */
    public function withoutTrials(): array
    {
        $laid = $gone = $kept = [];
        foreach (array_reverse($this->placed) as $need) {
            $step = $need->step;
            if (Action::Trial !== $step->action || [] === $step->tries || isset($this->worked[$step->id])) {
                foreach ($step->on as $place) {
                    $laid[$step->family?->value.$this->skin($place)] = true;
                }
                $kept[] = $need;
                continue;
            }
            $used = array_values(array_filter($step->on, fn (Place $p): bool => [] !== array_filter(
                $step->tries,
                fn (FamilyId $tried): bool => isset($laid[$tried->value.$this->skin($p)]),
            )));
            if ([] === $used) {
                $gone[$step->id] = true;
            } else {
                $kept[] = $need->with($step->onto($used));
            }
        }

        return array_map(static fn (Need $n): Need => $n->with($n->step->bonds(array_values(array_filter(
            $n->step->after,
            static fn (After $a): bool => !isset($gone[$a->step]),
        )))), array_reverse($kept));
    }

    public static function key(Step $step, string $place): string
    {
        return $step->phase->value.'/'.$step->what().'@'.$place;
    }

    private function skin(Place $place): string
    {
        $part = $this->piece->part($place);

        return '/'.$part?->material->value.'/'.$part?->shade->value;
    }
}
