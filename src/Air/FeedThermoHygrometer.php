<?php

declare(strict_types=1);

namespace KindHeel\App\Air;

use KindHeel\Core\Drying\DryingPlace;
use Symfony\Contracts\HttpClient\Exception\ExceptionInterface;
use Symfony\Contracts\HttpClient\HttpClientInterface;

/** Instruments that are read over HTTP as docs/hygrometer.md says. */
final readonly class FeedThermoHygrometer implements ThermoHygrometer
{
    private const SECONDS = 3.0;

    public function __construct(private HttpClientInterface $http, private string $hygrometerUrl)
    {
    }

    public function places(): array
    {
        return DryingPlace::cases();
    }

    public function read(\DateTimeImmutable $at, DryingPlace $place): ?InstrumentSays
    {
        try {
            $said = $this->http
                ->request('GET', rtrim($this->hygrometerUrl, '/').'/places/'.$place->value, [
                    'query' => ['at' => $at->format(\DATE_RFC3339)],
                    'timeout' => self::SECONDS,
                    'max_duration' => self::SECONDS,
                ])
                ->toArray();
        } catch (ExceptionInterface) {
            return null;
        }
        $number = static fn (string $name): ?float => \is_int($said[$name] ?? null) || \is_float($said[$name] ?? null) ? (float) $said[$name] : null;
        [$tempC, $rh] = [$number('temp_c'), $number('rh')];

        return null === $tempC || null === $rh ? null : new InstrumentSays($tempC, $rh, $number('speed_ms') ?? 0.1, true === ($said['simulated'] ?? null));
    }
}
