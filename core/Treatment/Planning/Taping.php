<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Need\Need;
use KindHeel\Core\Treatment\PieceRule;
use KindHeel\Core\Treatment\PieceState;
use KindHeel\Core\Treatment\Rule\MaskBesideRunning;
use KindHeel\Core\Treatment\Rule\MetalCovered;
use KindHeel\Core\Treatment\Rule\PrintedCanvasIsLeftAlone;
use KindHeel\Core\Treatment\Step;

/** What is taped for the coats of a stretch of work, and when the tape comes off. */
final readonly class Taping
{
    /** @var list<PieceRule> those that ask for a mask */
    private array $rules;

    /** @param array<int, list<Need>> $pool what is still to be placed, by rank */
    public function __construct(private Piece $piece, private PieceState $state, private array $pool)
    {
        $this->rules = [new MaskBesideRunning(), new MetalCovered(), new PrintedCanvasIsLeftAlone()];
    }

    /**
     * What has to be masked for the coats that follow in the same stretch, on either half, so that it is taped once; not what is itself laid before them.
     *
     * @return list<Place>
     */
    public function masks(Need $for): array
    {
        $session = $for->step->phase->session() ?? Phase::Polish;
        $masks = [];
        /** @var array<string, int> rank of its own first coat, by place */
        $laid = [];
        foreach ($this->pool as $rank => $group) {
            foreach ($group as $need) {
                if ($this->piece->goesOneHalfFirst && $need->step->halves() !== $for->step->halves()) {
                    continue;
                }
                if ($session !== ($need->step->phase->session() ?? (Phase::Condition === $need->step->phase ? Phase::Polish : $need->step->phase))) {
                    continue;
                }
                foreach ($need->step->on as $place) {
                    $laid[$place->key] = min($laid[$place->key] ?? $rank, $rank);
                }
                foreach ($this->rules as $rule) {
                    $first = $rule->concerns($need->step) ? $rule->judge($this->state, $need->step)?->remedy?->first : null;
                    foreach ($first->on ?? [] as $place) {
                        $masks[] = [$place, $rank];
                    }
                }
            }
        }

        return array_column(array_filter(
            $masks,
            fn (array $mask): bool => ($laid[$mask[0]->key] ?? \PHP_INT_MAX) > $mask[1]
                || true === $this->piece->part($mask[0])?->has(Flag::ContrastStitching)
        ), 0);
    }

    /**
     * The tape stays until the last coat of its session, and is pulled while that is soft.
     *
     * @return list<Need>
     */
    public function off(Step $mask, Need $for): array
    {
        $needs = [];
        foreach ($mask->halves() as $half) {
            array_push($needs, ...$this->offHalf($half, array_values(array_filter($mask->on, static fn (Place $p): bool => $p->half === $half)), $for));
        }

        return $needs;
    }

    /**
     * @param list<Place> $masked
     *
     * @return list<Need>
     */
    private function offHalf(Half $half, array $masked, Need $for): array
    {
        $session = $for->step->phase->session();
        $coats = [];
        foreach ($this->pool as $rank => $group) {
            foreach ($group as $need) {
                $belongs = null === $session
                    // Until the last brush has gone past.
                    ? \in_array($need->step->phase, [Phase::Condition, Phase::Polish], true) && ($need->step->laysFat() || Action::Buff === $need->step->action)
                    : $need->step->coats() && $need->step->phase->session() === $session;
                if ($rank >= $for->rank && $belongs && \in_array($half, $need->step->halves(), true)) {
                    $coats[$rank][] = $need;
                }
            }
        }
        ksort($coats);
        $groups = [];
        foreach ($masked as $place) {
            [$last, $order] = [$for->rank, $for->order];
            foreach ($coats as $rank => $group) {
                if ([] !== array_filter($group, static fn (Need $w): bool => $w->step->touches($place))) {
                    // Its own coats follow: the tape goes with the last of those before.
                    break;
                }
                [$last, $order] = [$rank, max($order, ...array_map(static fn (Need $w): int => $w->order, $group))];
            }
            $groups[$last.'/'.$order][] = $place;
        }
        $needs = [];
        foreach ($groups as $when => $places) {
            [$last, $order] = array_map(intval(...), explode('/', $when));
            $needs[] = new Need(
                Step::act(Phase::Unmask, Action::Unmask, $places),
                $last,
                null === $session ? Message::of('Nothing is laid or brushed past it any more.') : Message::of('The tape comes off while the edge is soft.'),
                ['O-27'],
                order: $order,
            );
        }

        return $needs;
    }
}
