<?php

declare(strict_types=1);

namespace KindHeel\App\Compute;

/** A computation of the craft that a script can call. */
interface Computation
{
    /** Its fixed name, such as `dry.forecast`. */
    public static function name(): string;

    /**
     * @return array<string, mixed> what is printed as JSON
     *
     * @throws InputErrors when the input is wrong
     */
    public function compute(mixed $input): array;
}
