<?php

declare(strict_types=1);

namespace KindHeel\App\Words;

use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Material\Material;

final readonly class PartWordView
{
    /** @param list<Material> $materials that it is usually made of, the likeliest first */
    public function __construct(
        public PartName $id,
        public string $label,
        public array $materials,
        public bool $outer,
        public bool $detachable,
        public bool $plural,
        /** this kind is usually cut with it; of the others a piece may have one all the same */
        public bool $usual,
    ) {
    }
}
