<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Job\StepGlance;
use KindHeel\App\Job\Steps;
use KindHeel\App\Job\StepStatus;

/** What of a plan is read for the bench, and what is left unread because it waits for what has not been done. */
final class StepsAtWorkTest extends ApiTestCase
{
    public function testOfAPlanThatNobodyHasBegunOnlyWhatMayBeBegunIsNeeded(): void
    {
        self::assertSame([1, 3], self::needed([
            self::step(1, 'clean', StepStatus::Open),
            self::step(2, 'fill', StepStatus::Open, ['clean']),
            self::step(3, 'trees', StepStatus::Open),
            self::step(4, 'colour', StepStatus::Open, ['fill', 'trees']),
        ]));
    }

    public function testWhatWaitsForSomethingDoneIsNeededWithItAndTheRestOfWhatIsDoneIsNot(): void
    {
        self::assertSame([2, 4, 5], self::needed([
            self::step(1, 'brush', StepStatus::Done),
            self::step(2, 'fill', StepStatus::Done, ['brush']),
            self::step(3, 'test', StepStatus::Running, ['brush']),
            self::step(4, 'sand', StepStatus::Open, ['fill']),
            self::step(5, 'colour', StepStatus::Open, ['sand', 'fill']),
            self::step(6, 'seal', StepStatus::Open, ['colour']),
        ]));
    }

    public function testWhatIsNextIsNeededEvenWhereNothingMayBeBegun(): void
    {
        self::assertSame([2], self::needed([
            self::step(1, 'clean', StepStatus::Running),
            self::step(2, 'fill', StepStatus::Open, ['clean']),
            self::step(3, 'colour', StepStatus::Open, ['fill']),
        ]));
    }

    public function testWhatIsShownIsNeeded(): void
    {
        self::assertSame([1, 3], self::needed([
            self::step(1, 'mask', StepStatus::Done, shown: true),
            self::step(2, 'brush', StepStatus::Done),
            self::step(3, 'clean', StepStatus::Running, shown: true),
        ]));
    }

    public function testTheLongRestOfAPlanIsNotRead(): void
    {
        $this->signIn();
        $piece = $this->plannedPair();
        $steps = self::getContainer()->get(Steps::class);
        $all = $steps->ofPiece($piece);
        $atWork = $steps->atWork([$piece], $this->clock->now(), $this->clock->now())[$piece];
        self::assertGreaterThan(10, \count($all));
        self::assertLessThan(4, \count($atWork->steps));
        self::assertSame(\count($all), \count($atWork->steps) + \count($atWork->later));
        self::assertSame([0, \count($all)], [$atWork->done, $atWork->all]);
        self::assertSame($all[5]->title, $atWork->later[$all[5]->id]);
        self::assertTrue($atWork->isOpen($all[0]->id) && $atWork->isOpen($all[5]->id));
        $this->doCall($this->nextCall());
        $after = $steps->atWork([$piece], $this->clock->now(), $this->clock->now()->modify('-1 hour'))[$piece];
        self::assertSame([1, false], [$after->done, $after->isOpen($all[0]->id)]);
        self::assertContains($all[0]->id, array_column($after->steps, 'id'), 'it was done today');
    }

    /**
     * @param list<StepGlance> $steps
     *
     * @return list<int>
     */
    private static function needed(array $steps): array
    {
        $ids = array_keys(StepGlance::needed($steps));
        sort($ids);

        return $ids;
    }

    /** @param list<string> $waits keys of steps */
    private static function step(int $id, string $key, StepStatus $status, array $waits = [], bool $shown = false): StepGlance
    {
        $column = array_map(static fn (string $k): array => ['step' => $k, 'from' => null, 'within' => null, 'before' => null], $waits);

        return new StepGlance($id, $key, ucfirst($key), $status, $shown, json_encode($column, \JSON_THROW_ON_ERROR));
    }
}
