<?php

declare(strict_types=1);

namespace KindHeel\Core\Drying;

use KindHeel\Core\Text\Message;

/** What may be wrong with a thermo-hygrometer, told from what it says. */
enum SensorFault: string
{
    case Missing = 'missing';
    case Absurd = 'absurd';
    case Stuck = 'stuck';

    /** No room is colder or warmer than this while people work in it, none so dry. */
    private const TEMP_C = [-5.0, 50.0];
    private const LEAST_RH = 0.05;
    private const MOST_MS = 8.0;
    /** No room changes by so much between two readings. */
    private const JUMP_C = 10.0;
    private const JUMP_RH = 0.45;
    /** Real air flickers: the very same figures for so long are those of a sensor that has stopped. */
    private const STUCK_MINUTES = 180;
    private const STUCK_READINGS = 10;

    /**
     * @param array{float, float, float}|null $said   °C, relative humidity 0–1 and m/s as the instrument says; null when it says nothing
     * @param list<AirSpan>                   $before its own readings of the last hours, in order
     */
    public static function in(?array $said, array $before, \DateTimeImmutable $now): ?self
    {
        if (null === $said) {
            return self::Missing;
        }
        [$tempC, $rh, $speedMs] = $said;
        $last = [] === $before ? null : $before[array_key_last($before)];
        $near = null !== $last && $now->getTimestamp() - $last->from->getTimestamp() <= 1800;

        return match (true) {
            !is_finite($tempC),
            !is_finite($rh),
            !is_finite($speedMs),
            $tempC < self::TEMP_C[0],
            $tempC > self::TEMP_C[1],
            $rh < self::LEAST_RH,
            $rh > 1.0,
            $speedMs < 0.0,
            $speedMs > self::MOST_MS => self::Absurd,
            $near && (abs($last->air->tempC - $tempC) > self::JUMP_C || abs($last->air->rh - $rh) > self::JUMP_RH) => self::Absurd,
            self::same($said, $before, $now) => self::Stuck,
            default => null,
        };
    }

    /** @param string $place such as “rack” */
    public function sentence(string $place): string
    {
        return match ($this) {
            self::Missing => Message::of('The hygrometer at the %s does not answer. Look at its battery, or read the air yourself.', $place),
            self::Absurd => Message::of('The hygrometer at the %s says what no room can be. It is not believed; read the air yourself.', $place),
            self::Stuck => Message::of('The hygrometer at the %s has said the very same for hours. It may have stopped; read the air yourself.', $place),
        };
    }

    /**
     * @param array{float, float, float} $said
     * @param list<AirSpan>              $before
     */
    private static function same(array $said, array $before, \DateTimeImmutable $now): bool
    {
        $since = $now->getTimestamp() - 60 * self::STUCK_MINUTES;
        $count = 0;
        foreach (array_reverse($before) as $span) {
            if ($span->air->tempC !== $said[0] || $span->air->rh !== $said[1]) {
                return false;
            }
            ++$count;
            if ($span->from->getTimestamp() <= $since) {
                return $count >= self::STUCK_READINGS;
            }
        }

        return false;
    }
}
