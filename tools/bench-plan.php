<?php

declare(strict_types=1);

/*
 * Reports how long a plan and a check take in process: php tools/bench-plan.php
 * A pair with 30 parts and 40 findings, then the largest piece with 300 findings. Times are reported, never asserted.
 */

use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Anatomy\Size;
use KindHeel\Core\Assessment\Agreed;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Finding\Severity;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Treatment\Checking\Checker;
use KindHeel\Core\Treatment\Planning\Planner;

require dirname(__DIR__).'/vendor/autoload.php';

/** Findings of every kind that a bench mends, spread over all parts. */
$piece = static function (Kind $kind, int $findings): Piece {
    $parts = [];
    foreach ($kind->halves() as $half) {
        foreach ($kind->parts() as $name) {
            $parts[] = new Part(new Place($name, $half), $kind->materialsFor($name)[0], Certainty::Known);
        }
    }
    $kinds = array_values(
        array_filter(
            FindingKind::cases(),
            static fn (FindingKind $k): bool => !in_array($k, [FindingKind::Brittle, FindingKind::RedRot, FindingKind::Impact, FindingKind::Mould], true),
        ),
    );
    $found = [];
    for ($i = 0; $i < $findings; ++$i) {
        $found[] = new Finding($parts[($i * 7) % count($parts)]->at, $kinds[$i % count($kinds)], Severity::from(1 + ($i % 3)), 20.0, 5.0, 0.6);
    }

    return Piece::asTold($kind, Size::eu(42.0), new Agreed(Aim::Restore, Gloss::Glow), $parts, $found);
};
foreach ([[Kind::Derby, 40], [Kind::LaceBoot, 300]] as [$kind, $findings]) {
    $it = $piece($kind, $findings);
    $build = $check = [];
    $steps = [];
    for ($i = 0; $i < 25; ++$i) {
        $at = hrtime(true);
        $steps = Planner::plan($it, Air::reference())->order();
        $build[] = (hrtime(true) - $at) / 1e6;
        $at = hrtime(true);
        Checker::standard()->check($it, $steps);
        $check[] = (hrtime(true) - $at) / 1e6;
    }
    sort($build);
    sort($check);
    printf(
        "%s, %d parts, %d findings: %d steps; build median %.1f ms (fastest %.1f), check median %.1f ms (fastest %.1f), peak %.1f MB\n",
        $kind->value,
        count($it->parts),
        $findings,
        count($steps),
        $build[12],
        $build[0],
        $check[12],
        $check[0],
        memory_get_peak_usage() / 1e6,
    );
}
