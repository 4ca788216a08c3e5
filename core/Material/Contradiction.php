<?php

declare(strict_types=1);

namespace KindHeel\Core\Material;

use KindHeel\Core\Text\Message;

/** Two trials that no likely material shows together: one of them is to be done again. */
final readonly class Contradiction
{
    public function __construct(public TrialResult $one, public TrialResult $other)
    {
    }

    public function sentence(): string
    {
        return Message::of(
            'The %s says “%s”, the %s says “%s”; hardly any material does both. Do the one again that you trust less, on another hidden place.',
            $this->one->trial->label(),
            $this->one->outcome->label(),
            $this->other->trial->label(),
            $this->other->outcome->label(),
        );
    }
}
