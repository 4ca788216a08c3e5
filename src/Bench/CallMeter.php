<?php

declare(strict_types=1);

namespace KindHeel\App\Bench;

use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Row;
use KindHeel\App\Running\Measure;
use KindHeel\App\Running\Meter;
use KindHeel\Core\Schedule\Urgency;

/** What the bench calls for this moment, and which promises are in danger. */
final readonly class CallMeter implements Meter
{
    private const NOBODY = 0;

    public function __construct(private BenchReader $bench, private Connection $connection)
    {
    }

    public function measures(): iterable
    {
        $bench = $this->bench->forPerson(self::NOBODY);
        $calls = [];
        foreach (Urgency::cases() as $urgency) {
            if (Urgency::Running !== $urgency) {
                $calls['{urgency="'.$urgency->value.'"}'] = \count(array_filter($bench->calls, static fn (CallView $c): bool => $c->urgency === $urgency));
            }
        }
        yield new Measure('calls', 'What the bench calls for: windows that close, tests, steps that can begin, windows that were missed.', 'gauge', $calls);
        $inHand = Row::first($this->connection, "SELECT COUNT(*) AS n FROM plan_step WHERE status = 'running'");
        yield new Measure('steps_in_hand', 'Steps that somebody is at.', 'gauge', ['' => $inHand?->int('n') ?? 0]);
        yield new Measure('pieces_on_the_bench', 'Pieces that are being worked on.', 'gauge', ['' => \count($bench->rack)]);
        yield new Measure('promises_late', 'Pieces that will not be ready when they were promised.', 'gauge', ['' => \count($bench->late)]);
    }
}
