<?php

declare(strict_types=1);

namespace KindHeel\App\Settings;

/** Moments as the workshop says them, in its zone and on its clock. */
final readonly class SpokenTime
{
    public function __construct(private WorkshopSettings $settings, private string $workshopTimezone)
    {
    }

    /** “14:20”, “2:20 pm” */
    public function time(\DateTimeImmutable $at): string
    {
        return $this->local($at)->format($this->clock()->format());
    }

    /** “Friday 6 March, 14:20” */
    public function day(\DateTimeImmutable $at): string
    {
        return $this->local($at)->format('l j F, '.$this->clock()->format());
    }

    public function clock(): HourClock
    {
        return $this->settings->identity()->clock;
    }

    private function local(\DateTimeImmutable $at): \DateTimeImmutable
    {
        return $at->setTimezone(new \DateTimeZone($this->workshopTimezone));
    }
}
