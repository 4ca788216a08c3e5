<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use KindHeel\App\Clock\Ahead;
use KindHeel\App\Job\PlanRequest;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Hazard;
use KindHeel\Core\Text\FieldError;
use KindHeel\Core\Treatment\Wish\School;
use Symfony\Component\Validator\Constraints as Assert;

/** A plan is asked for; what is null stays as it was agreed before. */
final readonly class PlanInput
{
    /**
     * @param array<string, string|null>|null $schools side by school for this plan; null for the workshop's own
     * @param list<string>|null               $exclude hazards or families that are not wanted
     */
    public function __construct(
        public int $version,
        public ?array $schools = null,
        #[Assert\Count(max: 40, maxMessage: 'So much is left out that nothing remains.')]
        public ?array $exclude = null,
        /** when it must be ready; an empty text for the promised day */
        public ?string $readyBy = null,
    ) {
    }

    /** @throws FieldError */
    public function agree(PlanRequest $terms, \DateTimeZone $zone, \DateTimeImmutable $now): void
    {
        foreach ($this->schools ?? [] as $id => $side) {
            $school = School::tryFrom((string) $id);
            if (null === $school || null !== $side && !$school->isSide($side)) {
                throw new FieldError('schools', 'There is no such school, or no such side of it.');
            }
            $terms->takeSide($school, $side);
        }
        if (null !== $this->exclude) {
            $exclude = [];
            foreach ($this->exclude as $id) {
                $exclude[] = Hazard::tryFrom($id)
                    ?? (FamilyId::tryFrom($id) ?? throw new FieldError('exclude', \sprintf('There is no product and no hazard called “%s”.', $id)));
            }
            $terms->leaveOut($exclude);
        }
        if (null !== $this->readyBy) {
            $terms->mustBeReady('' === $this->readyBy ? null : Ahead::of($this->readyBy, $zone, $now, 'ready_by'));
        }
    }
}
