<?php

declare(strict_types=1);

namespace KindHeel\App\Compute\Colour;

use KindHeel\App\Clock\Deadline;
use KindHeel\App\Compute\Computation;
use KindHeel\Core\Colour\Calibration;
use KindHeel\Core\Colour\Mixture;
use KindHeel\Core\Colour\Recipe\CorrectionSearch;

/** `colour.correct`: what to add to a pot that came out wrong. */
final readonly class ColourCorrect implements Computation
{
    private const MOST_DROPS = 100_000;

    public static function name(): string
    {
        return 'colour.correct';
    }

    public function compute(mixed $input): array
    {
        $in = ColourFields::of(
            $input,
            ['pot', 'capacity_drops', 'target', 'paints'],
            ['max_additions', 'tolerance_dE00', 'illuminants', 'observer', 'ground', 'thickness', 'clear_binder', 'measured', 'time_limit_ms', 'seed'],
        );
        $target = $in->target();
        $paints = $in->paints(1);
        $pot = $in->drops('pot', $paints, whole: true);
        $held = array_sum($pot ?? []);
        $capacity = $in->whole('capacity_drops', 0, 1, self::MOST_DROPS);
        $most = $in->whole('max_additions', 4, 0, 6);
        $tolerance = $in->number('tolerance_dE00', 1.0, 0.0, 1000.0);
        $layer = $in->layer();
        $binder = $in->flag('clear_binder');
        $dab = $in->has('measured') ? $in->grid($in->raw('measured'), '/measured') : null;
        $limit = $in->number('time_limit_ms', 2000.0, 1.0, 600_000.0);
        $in->whole('seed', 1, \PHP_INT_MIN, \PHP_INT_MAX);
        if (null !== $pot && $held <= 0.0) {
            $in->read->fault('/pot', 'must hold a drop');
        }
        if (null !== $capacity && $in->has('capacity_drops') && $held > $capacity) {
            $in->read->fault('/capacity_drops', 'must not be below what is in the pot');
        }
        $in->read->finish();
        \assert(null !== $target && null !== $pot && null !== $capacity && null !== $most && $most >= 0 && null !== $tolerance && null !== $limit);
        $mixture = Mixture::of($paints, $pot);
        if ($mixture->isClear() && (null === $layer->thickness || null !== $dab)) {
            $in->read->fault('/pot', 'must hold a paint: binder alone makes no opaque film');
            $in->read->finish();
        }
        $found = (new CorrectionSearch(
            array_values($paints),
            array_map(static fn (float $count): int => (int) $count, $pot),
            $capacity,
            $target,
            $layer,
            null === $dab ? null : Calibration::of($mixture, $dab),
            Deadline::in($limit),
        ))->correct($most, $tolerance, $binder);

        return [
            'reachable' => null === $found->reason,
            'additions' => (object) $found->additions,
            'added_drops' => $found->added(),
            'total_drops' => $found->after->total,
            'before' => ColourOutput::seen($found->before, $target),
            'predicted' => ColourOutput::seen($found->after, $target),
            'predicted_dE00' => $found->after->weighted,
            'reason' => null === $found->reason ? null : ['code' => $found->reason->value, 'message' => $found->reason->message()],
            'restart' => null === $found->restart ? null : ColourOutput::recipe($found->restart, $target),
        ];
    }
}
