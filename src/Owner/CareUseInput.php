<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use KindHeel\Core\Care\CareUse;
use KindHeel\Core\Care\WornFor;
use KindHeel\Core\Text\FieldError;

final readonly class CareUseInput
{
    public function __construct(
        public int $version,
        public float $daysAWeek,
        public WornFor $for = WornFor::Everyday,
        public bool $wet = false,
        public bool $salt = false,
        public bool $sun = false,
        public bool $darkCloth = false,
        public ?int $storedFrom = null,
    ) {
    }

    /** @throws FieldError */
    public function use(): CareUse
    {
        return CareUse::of($this->daysAWeek, $this->for, $this->wet, $this->salt, $this->sun, $this->darkCloth, $this->storedFrom);
    }
}
