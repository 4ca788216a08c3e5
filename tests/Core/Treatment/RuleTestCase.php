<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Treatment;

use KindHeel\Core\Drying\After;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Checking\Checker;
use KindHeel\Core\Treatment\Step;
use KindHeel\Core\Treatment\Violation;
use PHPUnit\Framework\TestCase;

/** A rule both ways: the steps that break it, and those that keep it. */
abstract class RuleTestCase extends TestCase
{
    protected function lay(FamilyId $family, string ...$places): Step
    {
        return $this->layWith(Applicator::Cloth, $family, ...$places);
    }

    protected function layWith(Applicator $applicator, FamilyId $family, string ...$places): Step
    {
        return Step::lay(Phase::Clean, $family, $applicator, array_values(array_map(Shoes::place(...), $places)));
    }

    /** Under a name, when the coat of an earlier step has come so far. */
    protected function then(string $name, Step $step, ?string $after = null, Stage $from = Stage::Full): Step
    {
        return null === $after ? $step->named($name) : $step->named($name)->bound(new After($after, $from));
    }

    protected function act(Action $action, string ...$places): Step
    {
        return Step::act(Phase::Clean, $action, array_values(array_map(Shoes::place(...), $places)));
    }

    protected function broken(string $rule, Shoes $shoes, Step ...$steps): void
    {
        self::assertContains($rule, $this->rules($shoes, ...$steps));
    }

    protected function kept(string $rule, Shoes $shoes, Step ...$steps): void
    {
        self::assertNotContains($rule, $this->rules($shoes, ...$steps));
    }

    /** @return list<string> that the steps break */
    protected function rules(Shoes $shoes, Step ...$steps): array
    {
        return array_map(static fn (Violation $v): string => $v->rule, Checker::standard()->check($shoes->piece(), array_values($steps)));
    }
}
