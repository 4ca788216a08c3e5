<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use KindHeel\App\Air\AirHistory;
use KindHeel\App\Database\Row;
use KindHeel\App\Http\Refused;
use KindHeel\App\Job\Steps;
use KindHeel\App\Job\StoredStep;
use KindHeel\App\Settings\Gear;
use KindHeel\App\Settings\WorkshopSettings;
use KindHeel\Core\Drying\DryingPlace;
use KindHeel\Core\Treatment\Action;
use Psr\Clock\ClockInterface;

/** Which pieces hold trees and clamps, and whether one is left for a step. */
final readonly class GearInUse
{
    public function __construct(private Connection $connection, private Steps $steps, private WorkshopSettings $settings, private ClockInterface $clock)
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

        return \count($holders) < $has
            ? null
            : \sprintf('None of the %s is left: %s %s.', $gear->label(), implode(', ', $holders), 1 === \count($holders) ? 'has it' : 'have them');
    }

    /**
     * Room on the rack for one more piece.
     *
     * @throws Refused when there is none
     */
    public function mustHaveSlot(int $piece): void
    {
        $slots = $this->settings->gear()[Gear::Rack->value];
        $there = \count(
            Row::all(
                $this->connection,
                'SELECT p.id FROM piece p WHERE p.finished_at IS NULL AND p.id <> ? AND COALESCE((SELECT m.place FROM piece_move m WHERE m.piece_id '
                    .'= p.id ORDER BY m.at DESC, m.id DESC LIMIT 1), ?) = ?',
                [$piece, AirHistory::USUAL->value, DryingPlace::Rack->value],
            ),
        );
        if ($there >= $slots) {
            throw Refused::now(\sprintf('The rack is full: %d pieces stand on its %d slots. Put one of them elsewhere first.', $there, $slots));
        }
    }

    /** @return array<int, string> names of the pieces that have trees of a size in, by id */
    private function treed(Gear $gear): array
    {
        return $this->names(
            // Where no step takes them out, they come out as it is put together.
            array_values(array_intersect($this->steps->between(Action::Tree, Action::TreeOut), $this->steps->between(Action::Tree, Action::PutTogether))),
            static fn (Row $piece): bool => null !== $piece->floatOrNull('size_eu') && Gear::treesFor($piece->float('size_eu')) === $gear,
        );
    }

    /** @return array<int, string> names of the pieces whose joint is not fast yet, by id */
    private function clamped(): array
    {
        return $this->names($this->steps->settling(Action::Bond, $this->clock->now()), static fn (): bool => true);
    }

    /**
     * @param list<int>           $pieces
     * @param \Closure(Row): bool $which
     *
     * @return array<int, string> by id
     */
    private function names(array $pieces, \Closure $which): array
    {
        $names = [];
        $sql = 'SELECT id, name, size_eu FROM piece WHERE id IN (?) ORDER BY id';
        foreach ([] === $pieces ? [] : Row::all($this->connection, $sql, [$pieces], [ArrayParameterType::INTEGER]) as $row) {
            if ($which($row)) {
                $names[$row->int('id')] = $row->text('name');
            }
        }

        return $names;
    }
}
