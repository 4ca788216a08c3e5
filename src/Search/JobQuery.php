<?php

declare(strict_types=1);

namespace KindHeel\App\Search;

use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\PieceFamily;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Product\FamilyId;
use Symfony\Component\Validator\Constraints as Assert;

/** What is asked of all jobs there ever were. */
final readonly class JobQuery
{
    private const DAY = '/^20\d\d-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/';

    public function __construct(
        #[Assert\Length(max: 120, maxMessage: 'Keep this under {{ limit }} letters.')]
        public string $find = '',
        public ?PieceFamily $family = null,
        public ?Kind $kind = null,
        public ?Material $material = null,
        public ?FindingKind $finding = null,
        public ?FamilyId $product = null,
        #[Assert\Range(min: 1, max: 999_999_999)]
        public ?int $lot = null,
        #[Assert\Range(min: 1, max: 999_999_999)]
        public ?int $person = null,
        #[Assert\Regex(self::DAY, message: 'A day, such as 2026-03-31.')]
        public ?string $from = null,
        #[Assert\Regex(self::DAY, message: 'A day, such as 2026-03-31.')]
        public ?string $until = null,
        public bool $back = false,
        #[Assert\Range(min: 0, max: 100_000)]
        public int $page = 0,
    ) {
    }

    /** @return list<string> all of which a piece has to have */
    public function marks(): array
    {
        $marks = array_filter([
            'of' => $this->family?->value, 'kind' => $this->kind?->value, 'material' => $this->material?->value, 'finding' => $this->finding?->value,
            'family' => $this->product?->value, 'lot' => $this->lot, 'person' => $this->person, 'back' => $this->back ? 'yes' : null,
        ], static fn (string|int|null $v): bool => null !== $v);

        return array_map(PieceWords::mark(...), array_keys($marks), array_values($marks));
    }
}
