<?php

declare(strict_types=1);

namespace KindHeel\App\OwnerPage;

use Symfony\Component\Validator\Constraints as Assert;

/** A drawn signature: strokes of the pen as points in a field of 600 × 200. */
final readonly class SignatureInput
{
    /** @param list<list<list<int>>> $strokes */
    public function __construct(
        public int $version,
        #[Assert\NotBlank(message: 'Whose name is it?', normalizer: 'trim')]
        #[Assert\Length(max: 120, maxMessage: 'A name of {{ limit }} letters is enough.')]
        public string $signedBy,
        #[Assert\Count(min: 1, max: 60, minMessage: 'Nothing has been signed yet.', maxMessage: 'That is more than a signature.')]
        public array $strokes,
    ) {
    }
}
