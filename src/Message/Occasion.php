<?php

declare(strict_types=1);

namespace KindHeel\App\Message;

/** Why somebody is written to. */
enum Occasion: string
{
    case Care = 'care';
    case Ready = 'ready';
    case Late = 'late';

    public function subject(): string
    {
        return match ($this) {
            self::Care => 'Care for {pieces}',
            self::Ready => '{pieces}: ready',
            self::Late => '{pieces}: later than we said',
        };
    }

    public function text(): string
    {
        $end = "\n\nYours,\n{workshop}\n{reach}";

        return match ($this) {
            self::Care => "Dear {owner},\n\nThis is what is due now:\n\n{care}\n\nBring it by, or do it yourself as the care card says.".$end,
            self::Ready => "Dear {owner},\n\n{pieces} can be collected.".$end,
            self::Late => "Dear {owner},\n\n{pieces} will be ready by {day}, later than we said, because {why}.\n\nWe are sorry for that.".$end,
        };
    }

    /** @return list<string> what can be filled in, beside what is known on every occasion */
    public function fields(): array
    {
        return match ($this) {
            self::Care => ['care'],
            self::Ready => [],
            self::Late => ['day', 'why'],
        };
    }
}
