<?php

declare(strict_types=1);

namespace KindHeel\App\Words;

use KindHeel\Core\Material\Material;

final readonly class MaterialWordView
{
    public function __construct(
        public Material $id,
        public string $label,
        /** how it tells itself apart at the bench */
        public string $meaning,
        /** a part in sight may be made of it, usual or not */
        public bool $upper,
    ) {
    }
}
