<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use KindHeel\App\Job\PlaceInput;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Text\FieldError;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Step;
use Symfony\Component\Validator\Constraints as Assert;

/** One change of a plan by hand. */
final readonly class ChangeInput
{
    /** @param list<PlaceInput> $places */
    public function __construct(
        public int $version,
        /** move, add, drop, swap, coats, hurry, mend or override */
        public Change $change,
        /** the step it is about; none when one is added */
        public ?string $step = null,
        /** the step before which it goes; none for the end */
        public ?string $before = null,
        public ?Action $action = null,
        public ?FamilyId $family = null,
        public ?Applicator $applicator = null,
        #[Assert\Count(max: 60, maxMessage: 'A piece has no so many parts.')]
        #[Assert\Valid]
        public array $places = [],
        #[Assert\Range(min: 1, max: 12, notInRangeMessage: 'Between one coat and twelve.')]
        public ?int $coats = null,
        /** the earlier step that is no longer waited for */
        public ?string $after = null,
        /** number of the rule that is mended or overridden */
        public ?string $rule = null,
        #[Assert\Length(max: 300, maxMessage: 'Say why in a sentence or two.')]
        public ?string $reason = null,
    ) {
    }

    /** @throws FieldError when it is not said what is to be done, or where */
    public function newStep(): Step
    {
        if (null === $this->action && null === $this->family) {
            throw new FieldError('action', 'What is to be done in the new step?');
        }
        if ([] === $this->places) {
            throw new FieldError('places', 'On which parts?');
        }
        $on = array_map(static fn (PlaceInput $p): Place => $p->place(), $this->places);

        $action = $this->action ?? Action::Gate;

        return null === $this->family
            ? Step::act($action->phase(), $action, $on)
            : Step::lay(Family::of($this->family)->phase, $this->family, $this->applicator ?? Applicator::Cloth, $on);
    }
}
