<?php

declare(strict_types=1);

namespace KindHeel\App\Running;

/** Whether everything that runs does. */
final readonly class ProcessMeter implements Meter
{
    public function __construct(private Health $health, private Heartbeat $heartbeat)
    {
    }

    public function measures(): iterable
    {
        $view = $this->health->look();
        yield new Measure('ready', '1 while work goes on, 0 while nothing can be kept.', 'gauge', ['' => 'down' === $view->status ? 0 : 1]);
        $starts = $silent = [];
        foreach ($view->processes as $process) {
            $label = '{process="'.$process->name.'"}';
            $starts[$label] = $process->starts;
            $last = $this->heartbeat->last($process->name);
            if (null !== $last) {
                $silent[$label] = max(0, time() - $last);
            }
        }
        yield new Measure('process_starts_total', 'How often each process was begun.', 'counter', $starts);
        yield new Measure('process_silent_seconds', 'Since each process last said that it works.', 'gauge', $silent);
    }
}
