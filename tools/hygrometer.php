<?php

declare(strict_types=1);

/*
 * The stand-in for the workshop's thermo-hygrometers, as docs/hygrometer.md describes it:
 *   php -S 127.0.0.1:8318 tools/hygrometer.php
 * Weather and faults are kept in the file that HYGROMETER_STATE names.
 */

use KindHeel\App\Simulation\SimulatedThermoHygrometer;
use KindHeel\Core\Drying\DryingPlace;
use KindHeel\Core\Drying\SensorFault;

require dirname(__DIR__).'/vendor/autoload.php';

$file = getenv('HYGROMETER_STATE') ?: sys_get_temp_dir().'/kindheel-hygrometer.json';
/** @var array{weather?: string, faults?: array<string, string>} $state */
$state = is_file($file) ? (array) json_decode((string) file_get_contents($file), true) : [];
$path = (string) parse_url(is_string($_SERVER['REQUEST_URI'] ?? null) ? $_SERVER['REQUEST_URI'] : '/', \PHP_URL_PATH);
$answer = static function (int $status, array $body): never {
    http_response_code($status);
    header('Content-Type: application/json');
    echo json_encode($body, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION), "\n";
    exit;
};
/** @return array<array-key, mixed> */
$said = static fn (): array => (array) json_decode((string) file_get_contents('php://input'), true);

if ('PUT' === ($_SERVER['REQUEST_METHOD'] ?? 'GET')) {
    $value = $said();
    if ('/weather' === $path && in_array($value['weather'] ?? null, ['fair', 'rainy'], true)) {
        $state['weather'] = 'rainy' === $value['weather'] ? 'rainy' : 'fair';
    } elseif (
        1 === preg_match('#^/places/(bench|rack|booth|box)/fault$#', $path, $found)
        && (!isset($value['fault']) || (is_string($value['fault']) && null !== SensorFault::tryFrom($value['fault'])))
    ) {
        $state['faults'] = array_filter([...$state['faults'] ?? [], $found[1] => $value['fault'] ?? null]);
    } else {
        $answer(400, ['error' => 'Weather is fair or rainy; a fault is missing, absurd, stuck or null.']);
    }
    file_put_contents($file, json_encode($state, \JSON_THROW_ON_ERROR), \LOCK_EX);
    $answer(200, $state);
}
$place = DryingPlace::tryFrom(basename($path));
if (!str_starts_with($path, '/places/') || null === $place) {
    $answer(404, ['error' => 'Ask for /places/bench, /places/rack, /places/booth or /places/box.']);
}
try {
    $at = new DateTimeImmutable(is_string($_GET['at'] ?? null) ? $_GET['at'] : 'now');
} catch (Exception) {
    $answer(400, ['error' => 'at is a time such as 2026-03-02T09:00:00+00:00.']);
}
$faults = array_filter(array_map(SensorFault::tryFrom(...), $state['faults'] ?? []));
$read = (new SimulatedThermoHygrometer('rainy' === ($state['weather'] ?? 'fair'), $faults))->read($at, $place);
if (null === $read) {
    $answer(504, ['error' => 'The sensor does not answer.']);
}
$answer(200, ['place' => $place->value, 'at' => $at->format(DATE_RFC3339), 'simulated' => true]
    + array_combine(['temp_c', 'rh', 'speed_ms'], $read->figures()));
