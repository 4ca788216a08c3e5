<?php

declare(strict_types=1);

namespace KindHeel\Core\Assessment;

use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Finding\Severity;
use KindHeel\Core\Text\FieldError;
use KindHeel\Core\Text\Message;

/** Something wrong at a place: how much it shows, how large it is (mm), how deep (mm), or which share of the part it takes (0–1). */
final readonly class Finding
{
    /** @throws FieldError when a size is no size */
    public function __construct(
        public Place $at,
        public FindingKind $kind,
        public Severity $severity,
        public ?float $lengthMm = null,
        public ?float $widthMm = null,
        public ?float $depthMm = null,
        public ?float $share = null,
    ) {
        foreach (['length_mm' => $lengthMm, 'width_mm' => $widthMm, 'depth_mm' => $depthMm] as $field => $value) {
            if (null !== $value && (!is_finite($value) || $value < 0.0)) {
                throw new FieldError($field, Message::of('A size is a number of millimetres, and not below zero.'));
            }
        }
        if (null !== $share && !($share >= 0.0 && $share <= 1.0)) {
            throw new FieldError('share', Message::of('A share of the part lies between 0 and 1.'));
        }
    }
}
