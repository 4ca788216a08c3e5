<?php

declare(strict_types=1);

namespace KindHeel\App\Workshop;

use Doctrine\DBAL\Connection;
use KindHeel\App\Air\AirHistory;
use KindHeel\App\Database\Row;
use KindHeel\App\Http\Iso;
use KindHeel\App\Http\Refused;
use KindHeel\App\Plan\StoredStep;
use KindHeel\Core\Drying\DryingPlace;
use KindHeel\Core\Treatment\Action;
use Psr\Clock\ClockInterface;

/** Which pieces hold trees and clamps, and whether one is left for a step. */
final readonly class GearInUse
{
    public function __construct(private Connection $connection, private Settings $settings, private ClockInterface $clock)
    {
    }

    /** Why a step has to wait for gear; null when it need not. */
    public function refusal(StoredStep $step): ?string
    {
        $size = $step->piece()->sizeEu();
        $gear = match (true) {
            Action::Tree === $step->action() && null !== $size => Gear::treesFor($size),
            Action::Bond === $step->action() => Gear::Clamps,
            default => null,
        };
        if (null === $gear) {
            return null;
        }
        $holders = array_diff_key(Gear::Clamps === $gear ? $this->clamped() : $this->treed($gear), [$step->piece()->id() => true]);
        $has = $this->settings->gear()[$gear->value];

        return \count($holders) < $has ? null : \sprintf('None of the %s is left: %s %s.', $gear->label(), implode(', ', $holders), 1 === \count($holders) ? 'has it' : 'have them');
    }

    /**
     * Room on the rack for one more piece.
     *
     * @throws Refused when there is none
     */
    public function mustHaveSlot(int $piece): void
    {
        $slots = $this->settings->gear()[Gear::Rack->value];
        $there = \count(Row::all(
            $this->connection,
            'SELECT p.id FROM piece p WHERE p.finished_at IS NULL AND p.id <> ? AND COALESCE((SELECT m.place FROM piece_move m WHERE m.piece_id = p.id ORDER BY m.at DESC, m.id DESC LIMIT 1), ?) = ?',
            [$piece, AirHistory::USUAL->value, DryingPlace::Rack->value],
        ));
        if ($there >= $slots) {
            throw Refused::now(\sprintf('The rack is full: %d pieces stand on its %d slots. Put one of them elsewhere first.', $there, $slots));
        }
    }

    /** @return array<int, string> names of the pieces that have trees of a size in, by id */
    private function treed(Gear $gear): array
    {
        $holders = [];
        foreach (Row::all(
            $this->connection,
            'SELECT p.id, p.name, p.size_eu FROM piece p WHERE p.finished_at IS NULL AND p.size_eu IS NOT NULL
             AND EXISTS (SELECT 1 FROM plan_step s WHERE s.piece_id = p.id AND s.action = \'tree\' AND s.status <> \'open\')
             AND NOT EXISTS (SELECT 1 FROM plan_step s WHERE s.piece_id = p.id AND s.action = \'put-together\' AND s.status = \'done\')',
        ) as $row) {
            if (Gear::treesFor($row->float('size_eu')) === $gear) {
                $holders[$row->int('id')] = $row->text('name');
            }
        }

        return $holders;
    }

    /** @return array<int, string> names of the pieces whose joint is not fast yet, by id */
    private function clamped(): array
    {
        $holders = [];
        foreach (Row::all(
            $this->connection,
            'SELECT DISTINCT p.id, p.name FROM piece p JOIN plan_step s ON s.piece_id = p.id WHERE p.finished_at IS NULL AND s.action = \'bond\' AND (s.status = \'running\' OR s.status = \'done\' AND s.next_at > ?)',
            [Iso::toRow($this->clock->now())],
        ) as $row) {
            $holders[$row->int('id')] = $row->text('name');
        }

        return $holders;
    }
}
