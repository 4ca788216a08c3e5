<?php

declare(strict_types=1);

namespace KindHeel\Core\Drying;

use KindHeel\Core\Text\Message;

/**
 * When a coat may be touched, coated again, passed on and flexed in the air there really is.
 *
 * A stage is reached at the first moment at which the integral of the rate equals the coat's work. Air is piecewise
 * constant, so the integral is a sum and the crossing is exact.
 */
final class Forecaster
{
    /** Past this a stage counts as never reached. */
    public const HORIZON_MINUTES = 60 * 24 * 60;

    /** @throws \DomainException when the air is not known at the moment of laying */
    public function forecast(Coat $coat, AirRecord $record): Forecast
    {
        $spans = $record->since($coat->laidAt);
        $minutes = [];
        $stalled = false;
        foreach (Stage::cases() as $stage) {
            $work = $coat->work($stage);
            $reached = null === $work ? null : $this->crossing($coat, $stage, $work, $spans);
            $stalled = $stalled || (null !== $work && null === $reached);
            $minutes[$stage->value] = $reached;
        }
        $end = $stalled ? self::HORIZON_MINUTES : max([0.0, ...array_values(array_filter($minutes, is_float(...)))]);

        return new Forecast($coat->laidAt, $minutes, $stalled, $this->warnings($coat, $spans, $end));
    }

    /**
     * Minutes from laying to the moment the work is done, null when the horizon comes first.
     *
     * @param non-empty-list<AirSpan> $spans
     */
    private function crossing(Coat $coat, Stage $stage, float $work, array $spans): ?float
    {
        if ($work <= 0.0) {
            return 0.0;
        }
        $driver = $coat->profile->driver($stage);
        $done = 0.0;
        foreach ($spans as $i => $span) {
            $from = self::minutesBetween($coat->laidAt, $span->from);
            if ($from >= self::HORIZON_MINUTES) {
                return null;
            }
            $until = isset($spans[$i + 1])
                ? min(self::minutesBetween($coat->laidAt, $spans[$i + 1]->from), self::HORIZON_MINUTES)
                : self::HORIZON_MINUTES;
            $rate = $coat->profile->standsStillIn($span->air) ? 0.0 : ($driver?->rate($span->air) ?? 1.0);
            if ($rate > 0.0 && $done + $rate * ($until - $from) >= $work) {
                return $from + ($work - $done) / $rate;
            }
            $done += $rate * ($until - $from);
        }

        return null;
    }

    /**
     * What the air does to this coat while it dries; each thing is said once.
     *
     * @param non-empty-list<AirSpan> $spans
     *
     * @return list<Warning>
     */
    private function warnings(Coat $coat, array $spans, float $endMinutes): array
    {
        $found = [];
        foreach ($spans as $i => $span) {
            if ($i > 0 && self::minutesBetween($coat->laidAt, $span->from) >= $endMinutes) {
                break;
            }
            if ($coat->profile->standsStillIn($span->air)) {
                $found['cold'] = new Warning(
                    'W-3',
                    Message::of('Below %s °C this film does not form; it waits until the air is warmer.', self::figure($coat->profile->minTempC)),
                );
            }
            if (null !== $coat->profile->maxRh && $span->air->rh > $coat->profile->maxRh) {
                $found['damp'] = new Warning(
                    'W-3',
                    Message::of('Above %s %% humidity this coat may bloom white; wait for drier air.', self::figure(100 * $coat->profile->maxRh)),
                );
            }
            if ($coat->profile->sprayed && $span->aboveDewPoint() < 3.0) {
                $found['dew'] = new Warning('W-3', Message::of('The surface is less than 3 °C above the dew point; damp would settle under a sprayed coat.'));
            }
        }

        return array_values($found);
    }

    private static function minutesBetween(\DateTimeImmutable $from, \DateTimeImmutable $to): float
    {
        return ((float) $to->format('U.u') - (float) $from->format('U.u')) / 60.0;
    }

    private static function figure(?float $value): string
    {
        return rtrim(rtrim(number_format($value ?? 0.0, 1, '.', ''), '0'), '.');
    }
}
