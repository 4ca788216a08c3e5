<?php

declare(strict_types=1);

namespace KindHeel\App\Simulation;

use KindHeel\App\Colour\Device\DeviceLine;
use Psr\Clock\ClockInterface;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Stands in for a colour reader: sees what really lies there ({@see SimulatedBench}) with the noise of a hand-held instrument – a little in every band, a
 * little with how it was set down, and now and then a reading that slipped.
 */
final class SimulatedLine implements DeviceLine
{
    private const BAND_NOISE = 0.0004;
    private const SET_DOWN = 0.004;
    private const SLIPS_ONE_IN = 25;
    private int $asked = 0;

    public function __construct(private readonly SimulatedBench $bench, private readonly ClockInterface $clock)
    {
    }

    public function ask(string $line): string
    {
        $request = json_decode($line, true);
        $look = \is_array($request) && 'read' === ($request['do'] ?? null) && \is_array($request['look'] ?? null) ? $request['look'] : null;
        if (null === $look) {
            return json_encode(['ok' => false, 'say' => 'The reader knows only “read”.'], \JSON_THROW_ON_ERROR);
        }
        $truth = $this->bench->spectrum($look);
        if (null === $truth) {
            return json_encode(['ok' => false, 'say' => 'There is nothing under the reader. Set it down flat and read again.'], \JSON_THROW_ON_ERROR);
        }
        $random = new Randomizer(new Mt19937(crc32($this->clock->now()->format('U.u').$line.++$this->asked)));
        $even = static fn (): float => $random->getInt(1, 1_000_000) / 1_000_001.0;
        $normal = static fn (): float => sqrt(-2.0 * log($even())) * cos(2.0 * \M_PI * $even());
        $scale = 1.0 + self::SET_DOWN * $normal();
        if (0 === $random->getInt(0, self::SLIPS_ONE_IN - 1) && $this->asked > 1) {
            $scale += 0.15;
        }
        $values = array_map(static fn (float $r): float => round(max(0.0, min(1.0, $r * $scale + self::BAND_NOISE * $normal())), 6), $truth->values);

        return json_encode(
            ['ok' => true, 'start' => $truth->start, 'step' => $truth->step, 'values' => $values],
            \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION,
        );
    }
}
