<?php

declare(strict_types=1);

namespace KindHeel\App\Running;

/** A number, or several by their labels, in the text format that usual monitoring reads (Prometheus, version 0.0.4). */
final readonly class Measure
{
    /**
     * @param 'counter'|'gauge'|'histogram' $type
     * @param array<string, int|float>      $values by what stands behind the name: “” or labels such as `{state="ok"}`, for a histogram its ending as well
     */
    public function __construct(public string $name, public string $help, public string $type, public array $values)
    {
    }

    public function text(): string
    {
        $lines = \sprintf("# HELP kindheel_%1\$s %2\$s\n# TYPE kindheel_%1\$s %3\$s\n", $this->name, $this->help, $this->type);
        foreach ($this->values as $labels => $value) {
            $lines .= \sprintf("kindheel_%s%s %s\n", $this->name, $labels, \is_int($value) ? $value : var_export($value, true));
        }

        return $lines;
    }
}
