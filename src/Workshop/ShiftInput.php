<?php

declare(strict_types=1);

namespace KindHeel\App\Workshop;

use KindHeel\Core\Schedule\Calendar\Shift;

final readonly class ShiftInput
{
    public function __construct(public string $from, public string $until)
    {
    }

    /**
     * @param list<self> $shifts
     *
     * @return list<array{string, string}> as they are kept, in their order
     */
    public static function stored(array $shifts): array
    {
        return array_map(
            static fn (Shift $s): array => [Shift::clock($s->from), Shift::clock($s->until)],
            Shift::day(array_map(static fn (self $s) => Shift::of($s->from, $s->until), $shifts)),
        );
    }
}
