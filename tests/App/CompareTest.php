<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Bench\BenchView;
use KindHeel\App\Ledger\EntryView;
use KindHeel\App\Ledger\LedgerView;
use KindHeel\App\Piece\PieceView;
use KindHeel\App\Plan\PlanView;
use KindHeel\App\Plan\StepView;
use KindHeel\Core\Treatment\Action;

/** Of a pair that cannot be replaced one half goes first; dry, it is decided how the other goes on (T-8). */
final class CompareTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testItIsDecidedRatherThanDone(): void
    {
        $id = $this->dearPair();
        $compare = $this->compared();
        $refused = $this->refused(409, 'POST', "/api/steps/$compare->id/done", ['version' => $compare->version]);
        self::assertSame('Say how the other half goes on: the same, another way, or no further.', $refused->detail);
        $before = $this->open($id);
        $this->must(BenchView::class, 'POST', "/api/steps/$compare->id/compare", ['version' => $compare->version, 'answer' => 'same']);
        self::assertSame($before, $this->open($id), 'the plan stays as it is');
        self::assertContains('One half against the other: the same for the other.', $this->told($id));
    }

    public function testWhatAProductDidOnTheFirstHalfKeepsItOffTheOther(): void
    {
        $id = $this->dearPair();
        $compare = $this->compared();
        self::assertContains('cream', $this->open($id));
        $path = "/api/steps/$compare->id/compare";
        $way = ['version' => $compare->version, 'answer' => 'otherwise'];
        $this->refused(422, 'POST', $path, $way);
        $this->refused(422, 'POST', $path, $way + ['product' => 'cream', 'outcome' => 'no-change']);
        $this->refused(422, 'POST', $path, $way + ['product' => 'dye-spirit', 'outcome' => 'darkens']);
        self::assertContains('cream', $this->open($id), 'nothing refused has changed anything');
        $this->must(BenchView::class, 'POST', $path, $way + ['product' => 'cream', 'outcome' => 'dulls']);
        self::assertNotContains('cream', $this->open($id));
        self::assertContains('One half against the other: cream polish: it dulls. The other goes another way.', $this->told($id));
    }

    public function testNoFurtherLeavesTheOtherAsItIs(): void
    {
        $id = $this->dearPair();
        $compare = $this->compared();
        $this->must(BenchView::class, 'POST', "/api/steps/$compare->id/compare", ['version' => $compare->version, 'answer' => 'stop']);
        self::assertSame([], $this->open($id));
        $steps = $this->must(PlanView::class, 'GET', "/api/pieces/$id/plan")->steps;
        self::assertSame(Action::HandOver, \array_slice($steps, -1)[0]->action);
    }

    public function testOnlyACompareIsAnsweredSo(): void
    {
        $this->dearPair();
        $first = $this->nextCall()->step;
        $this->refused(409, 'POST', "/api/steps/$first->id/compare", ['version' => $first->version, 'answer' => 'stop']);
        $this->refused(422, 'POST', "/api/steps/$first->id/compare", ['version' => $first->version, 'answer' => 'perhaps']);
    }

    private function dearPair(): int
    {
        $id = $this->plannedPair();
        $piece = $this->must(PieceView::class, 'GET', "/api/pieces/$id");
        $piece = $this->must(PieceView::class, 'PUT', "/api/pieces/$id/parts", [
            'version' => $piece->version, 'places' => [['part' => 'vamp', 'half' => 'left']], 'flags' => ['irreplaceable'],
        ]);
        $this->must(PlanView::class, 'POST', "/api/pieces/$id/plan", ['version' => $piece->version]);

        return $id;
    }

    /** The step under way in which the halves are compared. */
    private function compared(): StepView
    {
        $call = $this->workUntil('Compare the halves');

        return $this->must(BenchView::class, 'POST', "/api/steps/{$call->step->id}/start", ['version' => $call->step->version])->calls[0]->step;
    }

    /** @return list<string> products that are still to be laid */
    private function open(int $id): array
    {
        $open = array_filter(
            $this->must(PlanView::class, 'GET', "/api/pieces/$id/plan")->steps,
            static fn (StepView $s): bool => 'open' === $s->status->value && null !== $s->family,
        );

        return array_values(array_map(static fn (StepView $s): string => (string) $s->family?->value, $open));
    }

    /** @return list<string> */
    private function told(int $id): array
    {
        return array_map(static fn (EntryView $e): string => $e->text, $this->must(LedgerView::class, 'GET', "/api/ledger/$id")->entries);
    }
}
