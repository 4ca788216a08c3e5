<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Row;
use KindHeel\App\Http\Refused;
use KindHeel\App\Job\PieceMove;
use KindHeel\App\Job\Steps;
use KindHeel\App\Job\StoredStep;
use KindHeel\App\Settings\Gear;
use KindHeel\App\Settings\WorkshopSettings;
use KindHeel\Core\Drying\DryingPlace;

/** Which pieces hold trees and clamps, and whether one is left for a step. */
final readonly class GearInUse
{
    public function __construct(private Connection $connection, private Steps $steps, private WorkshopSettings $settings)
    {
    }

    /** Why a step has to wait for gear; null when it need not. */
    public function refusal(StoredStep $step): ?string
    {
        $gear = \in_array($step->action(), array_column(Gear::LENT, 0), true) ? Gear::of($step->action(), $step->piece()->sizeEu()) : null;
        if (null === $gear) {
            return null;
        }
        $holders = array_diff_key($this->holders($gear), [$step->piece()->id() => true]);
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
        // What nobody has begun with and nobody put there does not stand there yet.
        $there = Row::first(
            $this->connection,
            'SELECT COUNT(*) AS n FROM piece p WHERE p.finished_at IS NULL AND p.id <> ? AND '.PieceMove::PLACE.' = ?
                AND ('.Steps::BEGUN.' OR EXISTS (SELECT 1 FROM piece_move m WHERE m.piece_id = p.id))',
            [$piece, DryingPlace::Rack->value],
        )?->int('n') ?? 0;
        if ($there >= $slots) {
            throw Refused::now(\sprintf('The rack is full: %d pieces stand on its %d slots. Put one of them elsewhere first.', $there, $slots));
        }
    }

    /** @return array<int, string> names of the pieces that have some of it, by id */
    private function holders(Gear $gear): array
    {
        $names = [];
        foreach (Gear::LENT as [$takes, $gives]) {
            $pieces = $this->steps->between($takes, $gives);
            $sql = 'SELECT id, name, size_eu FROM piece WHERE id IN (?) ORDER BY id';
            foreach ([] === $pieces ? [] : Row::all($this->connection, $sql, [$pieces], [ArrayParameterType::INTEGER]) as $row) {
                if ($gear === Gear::of($takes, $row->floatOrNull('size_eu'))) {
                    $names[$row->int('id')] = $row->text('name');
                }
            }
        }

        return $names;
    }
}
