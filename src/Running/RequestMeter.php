<?php

declare(strict_types=1);

namespace KindHeel\App\Running;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\TerminateEvent;

/** Counts requests and how long they took, in the memory that the workers of this machine share; from when they were begun. */
final readonly class RequestMeter implements Meter
{
    private const KEY = 'kindheel.requests.%s.';
    private const SECONDS = [0.005, 0.01, 0.025, 0.05, 0.1, 0.25, 0.5, 1.0, 2.5, 5.0];
    private const CLASSES = ['2xx', '3xx', '4xx', '5xx'];

    #[AsEventListener]
    public function done(TerminateEvent $event): void
    {
        $began = $event->getRequest()->server->get('REQUEST_TIME_FLOAT');
        if (!apcu_enabled() || !is_numeric($began)) {
            return;
        }
        $took = max(0.0, microtime(true) - (float) $began);
        $key = self::key();
        apcu_inc($key.intdiv($event->getResponse()->getStatusCode(), 100).'xx');
        apcu_inc($key.'us', (int) round(1e6 * $took));
        foreach (self::SECONDS as $bound) {
            if ($took <= $bound) {
                apcu_inc($key.$bound);
                break;
            }
        }
    }

    public function measures(): iterable
    {
        $key = self::key();
        $count = static fn (string $of): int => apcu_enabled() && \is_int($n = apcu_fetch($key.$of)) ? $n : 0;
        $classes = array_combine(self::CLASSES, array_map($count, self::CLASSES));
        yield new Measure('requests_total', 'Requests that were answered, by class of status.', 'counter', array_combine(
            array_map(static fn (string $c): string => '{class="'.$c.'"}', array_keys($classes)),
            array_values($classes),
        ));
        $upTo = 0;
        $values = [];
        foreach (self::SECONDS as $bound) {
            $upTo += $count((string) $bound);
            $values['_bucket{le="'.$bound.'"}'] = $upTo;
        }
        $all = array_sum($classes);
        yield new Measure('request_seconds', 'How long requests took.', 'histogram', $values + [
            '_bucket{le="+Inf"}' => $all, '_sum' => $count('us') / 1e6, '_count' => $all,
        ]);
    }

    /** Of several workshops on a machine each counts its own. */
    private static function key(): string
    {
        return \sprintf(self::KEY, \is_string($_SERVER['WORKSHOP'] ?? null) ? $_SERVER['WORKSHOP'] : '');
    }
}
