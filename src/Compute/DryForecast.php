<?php

declare(strict_types=1);

namespace KindHeel\App\Compute;

use KindHeel\Core\Drying\Air;
use KindHeel\Core\Drying\AirRecord;
use KindHeel\Core\Drying\AirSpan;
use KindHeel\Core\Drying\Coat;
use KindHeel\Core\Drying\Driver;
use KindHeel\Core\Drying\DryingProfile;
use KindHeel\Core\Drying\Forecaster;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Drying\Warning;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Hazard;
use KindHeel\Core\Product\Unit;

/** `dry.forecast`: when a coat may be touched, coated again, passed on and flexed in the air there really is. */
final readonly class DryForecast implements Computation
{
    private const DRYING = ['dries_by', 'full_by', 'touch_minutes', 'recoat_from_minutes', 'recoat_until_minutes', 'next_minutes', 'full_minutes'];
    private const BESIDE = [
        'id', 'use_per_m2', 'unit', 'thickness_exponent', 'film', 'carries_colour', 'warm_air_allowed', 'lays_fat', 'min_temp_c', 'max_rh',
        'hazards',
    ];

    public function __construct(private Forecaster $forecaster = new Forecaster())
    {
    }

    public static function name(): string
    {
        return 'dry.forecast';
    }

    public function compute(mixed $input): array
    {
        $read = new Reader();
        $fields = $read->object($input, '', ['laid_at', 'air'], ['family', 'custom', 'thickness_factor', 'learned_factor', 'surface_temp_c']);
        if (null === $fields) {
            $read->finish();
        }
        $profile = $this->profile($read, $fields ?? []);
        $laidAt = \array_key_exists('laid_at', $fields ?? []) ? $read->time($fields['laid_at'] ?? null, '/laid_at') : null;
        $fields = ($fields ?? []) + ['thickness_factor' => 1.0, 'learned_factor' => 1.0];
        $thickness = $read->number($fields['thickness_factor'], '/thickness_factor', 0.0, above: true);
        $learned = $read->number($fields['learned_factor'], '/learned_factor', 0.0, above: true);
        $surface = isset($fields['surface_temp_c']) ? $read->number($fields['surface_temp_c'], '/surface_temp_c', -40.0, 120.0) : null;
        $spans = \array_key_exists('air', $fields) ? $this->spans($read, $fields['air'], $surface) : [];
        if (null !== $laidAt && isset($spans[0]) && $spans[0]->from > $laidAt) {
            $read->fault('/air/0/from', 'must not be later than laid_at');
        }
        $read->finish();
        \assert(null !== $profile && null !== $laidAt && null !== $thickness && null !== $learned);
        $forecast = $this->forecaster->forecast(new Coat($profile, $laidAt, $thickness, $learned), AirRecord::of($spans));
        $stages = [];
        $minutes = [];
        foreach (Stage::cases() as $stage) {
            $stages[$stage->value] = $forecast->at($stage)?->format(\DATE_RFC3339);
            $at = $forecast->minutes($stage);
            $minutes[$stage->value] = null === $at ? null : round($at, 1);
        }

        return [
            'stages' => $stages,
            'minutes' => $minutes,
            'stalled' => $forecast->stalled,
            'warnings' => array_map(static fn (Warning $w): array => ['rule' => $w->rule, 'message' => $w->message], $forecast->warnings),
        ];
    }

    /** @param array<string, mixed> $fields */
    private function profile(Reader $read, array $fields): ?DryingProfile
    {
        $named = \array_key_exists('family', $fields);
        if ($named === \array_key_exists('custom', $fields)) {
            $read->fault('/family', $named ? 'is given beside custom; give one of the two' : 'is missing, and so is custom');

            return null;
        }
        if ($named) {
            $id = $read->choice($fields['family'], '/family', FamilyId::class);

            return null === $id ? null : Family::of($id)->drying;
        }

        return $this->custom($read, $fields['custom']);
    }

    private function custom(Reader $read, mixed $value): ?DryingProfile
    {
        $custom = $read->object($value, '/custom', self::DRYING, self::BESIDE);
        if (null === $custom) {
            return null;
        }
        $given = static fn (string $key): bool => \array_key_exists($key, $custom);
        $number = static fn (string $key, ?float $min = 0.0, ?float $max = null): ?float => isset($custom[$key])
            ? $read->number($custom[$key], '/custom/'.$key, $min, $max)
            : null;
        $needed = static fn (string $key): float => ($given($key) ? $read->number($custom[$key], '/custom/'.$key, 0.0) : null) ?? 0.0;
        $driver = static fn (string $key): ?Driver => isset($custom[$key]) ? $read->choice($custom[$key], '/custom/'.$key, Driver::class) : null;
        foreach (['film', 'carries_colour', 'warm_air_allowed', 'lays_fat'] as $key) {
            if ($given($key)) {
                $read->boolean($custom[$key], '/custom/'.$key);
            }
        }
        if ($given('unit')) {
            $read->choice($custom['unit'], '/custom/unit', Unit::class);
        }
        if ($given('id') && !\is_string($custom['id'])) {
            $read->fault('/custom/id', 'must be a text');
        }
        $number('use_per_m2');
        $hazards = [];
        foreach ($given('hazards') ? $read->list($custom['hazards'], '/custom/hazards') ?? [] : [] as $i => $hazard) {
            $hazards[] = $read->choice($hazard, '/custom/hazards/'.$i, Hazard::class);
        }

        return new DryingProfile(
            driesBy: $driver('dries_by'),
            fullBy: $driver('full_by'),
            touchMinutes: $needed('touch_minutes'),
            recoatFromMinutes: $number('recoat_from_minutes'),
            recoatUntilMinutes: $number('recoat_until_minutes'),
            nextMinutes: $needed('next_minutes'),
            fullMinutes: $needed('full_minutes'),
            thicknessExponent: $number('thickness_exponent') ?? 1.0,
            film: true === ($custom['film'] ?? false),
            minTempC: $number('min_temp_c', null),
            maxRh: $number('max_rh', 0.0, 1.0),
            sprayed: \in_array(Hazard::Spray, $hazards, true),
        );
    }

    /** @return list<AirSpan> */
    private function spans(Reader $read, mixed $value, ?float $surface): array
    {
        $spans = [];
        $before = null;
        foreach ($read->list($value, '/air', 1) ?? [] as $i => $entry) {
            $path = '/air/'.$i;
            $fields = $read->object($entry, $path, ['from', 'temp_c', 'rh'], ['speed_ms', 'surface_temp_c']);
            if (null === $fields) {
                continue;
            }
            $from = \array_key_exists('from', $fields) ? $read->time($fields['from'], $path.'/from') : null;
            if (null !== $from && null !== $before && $from <= $before) {
                $read->fault($path.'/from', 'must be later than the one before');
            }
            $before = $from ?? $before;
            $temp = \array_key_exists('temp_c', $fields) ? $read->number($fields['temp_c'], $path.'/temp_c', -40.0, 80.0) : null;
            $rh = \array_key_exists('rh', $fields) ? $read->number($fields['rh'], $path.'/rh', 0.0, 1.0) : null;
            $speed = \array_key_exists('speed_ms', $fields) ? $read->number($fields['speed_ms'], $path.'/speed_ms', 0.0, 30.0) : Air::STILL_MS;
            $own = isset($fields['surface_temp_c']) ? $read->number($fields['surface_temp_c'], $path.'/surface_temp_c', -40.0, 120.0) : $surface;
            if (null !== $from && null !== $temp && null !== $rh && null !== $speed) {
                $spans[] = new AirSpan($from, Air::of($temp, $rh, $speed), $own);
            }
        }

        return $spans;
    }
}
