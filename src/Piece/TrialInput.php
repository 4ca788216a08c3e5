<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

use KindHeel\App\Job\PlaceInput;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\RecordedTrial;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Material\Outcome;
use KindHeel\Core\Material\Trial;
use KindHeel\Core\Material\TrialResult;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Text\FieldError;
use Symfony\Component\Validator\Constraints as Assert;

/** A trial that was done, and what came of it when dry. */
final readonly class TrialInput
{
    /**
     * @param list<PlaceInput> $speaksFor further places that are surely of the same stuff
     * @param list<float>|null $before    L*, a*, b* of the hidden place, for a trial of a product
     * @param list<float>|null $after     the same, dry
     */
    public function __construct(
        public int $version,
        public PartName $part,
        public Half $half,
        public Trial $trial,
        public Outcome $outcome,
        #[Assert\Count(max: 60, maxMessage: 'A piece has no so many parts.')]
        #[Assert\Valid]
        public array $speaksFor = [],
        public ?FamilyId $product = null,
        #[Assert\Count(exactly: 3, exactMessage: 'A colour is L*, a* and b*.')]
        public ?array $before = null,
        #[Assert\Count(exactly: 3, exactMessage: 'A colour is L*, a* and b*.')]
        public ?array $after = null,
    ) {
    }

    /** @throws FieldError when it does not hang together */
    public function trial(): RecordedTrial
    {
        if (Trial::Product === $this->trial && null === $this->product) {
            throw new FieldError('product', 'Which product was tried?');
        }
        try {
            return new RecordedTrial(
                new Place($this->part, $this->half),
                array_map(static fn (PlaceInput $p): Place => $p->place(), $this->speaksFor),
                new TrialResult($this->trial, $this->outcome),
                $this->product,
                self::lab($this->before),
                self::lab($this->after),
            );
        } catch (\DomainException $error) {
            throw $error instanceof FieldError ? $error : new FieldError('outcome', ucfirst($error->getMessage()));
        }
    }

    /** @param list<float>|null $lab */
    private static function lab(?array $lab): ?Lab
    {
        return null === $lab ? null : Lab::of((float) $lab[0], (float) $lab[1], (float) $lab[2]);
    }
}
