<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Counter\TicketView;
use KindHeel\App\Job\PlanGlance;
use KindHeel\App\Job\PlanMarks;
use KindHeel\App\Job\PlansAtWork;
use KindHeel\App\Job\StepGlance;
use KindHeel\App\Job\Steps;
use KindHeel\App\Job\StepsAtWork;
use KindHeel\App\Job\StepStatus;
use KindHeel\App\Job\StoredPart;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Colour\Shade;

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
        self::assertSame([2, 3, 4, 5], self::needed([
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
        self::assertSame([1, 2], self::needed([
            self::step(1, 'clean', StepStatus::Running),
            self::step(2, 'fill', StepStatus::Open, ['clean']),
            self::step(3, 'colour', StepStatus::Open, ['fill']),
        ]));
    }

    public function testWhatArrangesThePieceIsNeededAndWhatIsUnderWay(): void
    {
        self::assertSame([1, 3], self::needed([
            self::step(1, 'mask', StepStatus::Done, arranges: true),
            self::step(2, 'brush', StepStatus::Done),
            self::step(3, 'clean', StepStatus::Running),
        ]));
    }

    public function testWhatWasDoneSinceTheDayBeganOrStillDriesIsNeeded(): void
    {
        $glance = PlanGlance::of([
            self::step(1, 'brush', StepStatus::Done, ended: 100),
            self::step(2, 'clean', StepStatus::Done, ended: 200),
            self::step(3, 'colour', StepStatus::Done, ended: 110, driesUntil: 500),
            self::step(4, 'wait', StepStatus::Running),
            self::step(5, 'seal', StepStatus::Open, ['wait']),
            self::step(6, 'wax', StepStatus::Open, ['seal']),
        ], []);
        self::assertSame([4, 5, 2, 3], $glance->needed(499, 200));
        self::assertSame([4, 5, 2], $glance->needed(500, 200));
        self::assertSame([4, 5], $glance->needed(500, 201));
        self::assertSame([[6 => 'Wax'], 3, 6], [$glance->later, $glance->done(), $glance->all]);
    }

    public function testTheLongRestOfAPlanIsNotRead(): void
    {
        $this->signIn();
        $piece = $this->plannedPair();
        $steps = self::getContainer()->get(Steps::class);
        $all = $steps->ofPiece($piece);
        $atWork = $this->atWork($piece);
        self::assertGreaterThan(10, \count($all));
        self::assertLessThan(4, \count($atWork->steps));
        self::assertSame(\count($all), \count($atWork->steps) + \count($atWork->later));
        self::assertSame([0, \count($all)], [$atWork->done, $atWork->all]);
        self::assertSame($all[5]->title, $atWork->later[$all[5]->id]);
        self::assertTrue($atWork->isOpen($all[0]->id) && $atWork->isOpen($all[5]->id));
        $this->doCall($this->nextCall());
        $after = $this->atWork($piece, '-1 hour');
        self::assertSame([1, false], [$after->done, $after->isOpen($all[0]->id)]);
        self::assertContains($all[0]->id, array_column($after->steps, 'id'), 'it was done today');
    }

    public function testAPlanIsReadOnceUntilOneOfItsStepsChanges(): void
    {
        $this->signIn();
        $piece = $this->plannedPair();
        $look = fn (): StepsAtWork => $this->atWork($piece);
        $look();
        self::assertSame(2, $this->statements($look), 'its mark, and the few steps that are needed');
        $this->connection()->transactional(static fn () => self::getContainer()->get(PlanMarks::class)->changed([$piece]));
        self::assertSame(4, $this->statements($look), 'its steps and its parts too');
        self::assertSame(2, $this->statements($look));
    }

    public function testThatNothingIsPlannedIsReadOnceToo(): void
    {
        $this->signIn();
        $piece = $this->must(TicketView::class, 'POST', '/api/tickets', $this->ticketBody(), 201)->pieces[0]->id;
        $look = static fn (): array => self::getContainer()->get(PlansAtWork::class)->of([$piece], $now = new \DateTimeImmutable(), $now);
        self::assertSame([], $look());
        self::assertSame(1, $this->statements($look), 'its mark');
    }

    public function testAPartOfAnotherColourIsDrawnInIt(): void
    {
        $this->signIn();
        $piece = $this->plannedPair();
        self::assertNotContains(Shade::Oxblood->hex(), array_column($this->atWork($piece)->colours, 'hex'));
        $this->connection()->transactional(static function () use ($piece): void {
            $entities = self::getContainer()->get(EntityManagerInterface::class);
            $part = $entities->getRepository(StoredPart::class)->findOneBy(['piece' => $piece]) ?? self::fail('It has parts.');
            $was = $part->toCore();
            $part->update(new Part($was->at, $was->material, $was->certainty, $was->dryness, Shade::Oxblood));
            $entities->flush();
        });
        self::assertContains(Shade::Oxblood->hex(), array_column($this->atWork($piece)->colours, 'hex'));
    }

    public function testWhatWasUndoneIsNotTakenForWhatCameInstead(): void
    {
        $this->signIn();
        $piece = $this->plannedPair();
        $before = $this->atWork($piece);
        $this->connection()->beginTransaction();
        $this->doCall($this->nextCall());
        self::assertSame(1, $this->atWork($piece)->done);
        $this->connection()->rollBack();
        self::assertEquals($before, $this->atWork($piece));
    }

    private function atWork(int $piece, string $day = 'now'): StepsAtWork
    {
        return self::getContainer()->get(PlansAtWork::class)->of([$piece], $this->clock->now(), $this->clock->now()->modify($day))[$piece];
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
    private static function step(
        int $id,
        string $key,
        StepStatus $status,
        array $waits = [],
        bool $arranges = false,
        int $ended = 0,
        int $driesUntil = 0,
    ): StepGlance {
        $column = array_map(static fn (string $k): array => ['step' => $k, 'from' => null, 'within' => null, 'before' => null], $waits);

        return new StepGlance($id, $key, ucfirst($key), $status, $arranges, $ended, $driesUntil, json_encode($column, \JSON_THROW_ON_ERROR));
    }
}
