<?php

declare(strict_types=1);

/*
 * Told by the supervisor whenever a process comes into another state; keeps for each what it is, since when, and how often it was started.
 * php tools/process-states.php FILE (speaks the supervisor's protocol for event listeners on its standard streams)
 */

$file = $argv[1] ?? exit(2);
$states = [];
$keep = static function () use ($file, &$states): void {
    ksort($states);
    $written = @file_put_contents($file.'.part', json_encode($states, \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT));
    if (false !== $written) {
        rename($file.'.part', $file);
    }
};
/** @return array<string, string> of a line such as “a:1 b:2” */
$fields = static function (string $line): array {
    $found = [];
    foreach (explode(' ', trim($line)) as $pair) {
        [$name, $value] = explode(':', $pair, 2) + [1 => ''];
        $found[$name] = $value;
    }

    return $found;
};
$keep();
while (true) {
    fwrite(\STDOUT, "READY\n");
    $line = fgets(\STDIN);
    if (false === $line) {
        exit(0);
    }
    $header = $fields($line);
    $length = (int) ($header['len'] ?? 0);
    $event = $fields($length > 0 ? (string) stream_get_contents(\STDIN, $length) : '');
    $name = $event['processname'] ?? '';
    $state = strtolower(substr($header['eventname'] ?? '', strlen('PROCESS_STATE_')));
    if ('' !== $name && '' !== $state && 'states' !== $name) {
        $starts = ($states[$name]['starts'] ?? 0) + ('starting' === $state ? 1 : 0);
        $states[$name] = ['state' => $state, 'since' => gmdate('Y-m-d\TH:i:s\Z'), 'starts' => $starts];
        $keep();
    }
    fwrite(\STDOUT, "RESULT 2\nOK");
}
