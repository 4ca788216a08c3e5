<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Planning;

use KindHeel\Core\Text\Message;

/** Something a step needs beside its product: thread, tape, abrasive, a dilution. */
final readonly class Supply
{
    /** @param string $detail how it is cut, mixed or followed up; empty when the amount says it all */
    public function __construct(public string $name, public ?float $amount, public string $unit, public string $detail = '')
    {
    }

    public function label(): string
    {
        $figure = null === $this->amount ? '' : rtrim(rtrim(number_format($this->amount, 1, '.', ''), '0'), '.').' '.$this->unit;

        return Message::of(trim($this->name.('' === $figure ? '' : ' '.$figure).('' === $this->detail ? '' : ', '.$this->detail)));
    }
}
