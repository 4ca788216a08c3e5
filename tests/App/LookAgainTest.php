<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Bench\BenchView;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\LedgerView;
use KindHeel\App\Piece\PieceView;
use KindHeel\App\Plan\PlanView;
use KindHeel\App\Plan\StepView;

/** Ladders are climbed by looking. */
final class LookAgainTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testNotEnoughBringsTheNextRungIntoThePlan(): void
    {
        $id = $this->dirtyPair();
        self::assertSame(['cleaner-cream'], $this->cleaners($id), 'what is held back is no step yet');
        $look = $this->workUntil('Look again');
        self::assertStringStartsWith('Look again: is it clean enough?', $look->step->title);
        $running = $this->must(BenchView::class, 'POST', "/api/steps/{$look->step->id}/start", ['version' => $look->step->version])->calls[0]->step;
        $refused = $this->refused(409, 'POST', "/api/steps/{$running->id}/done", ['version' => $running->version]);
        self::assertSame('Say what the look has shown: enough, or not enough.', $refused->detail);

        $this->must(BenchView::class, 'POST', "/api/steps/{$running->id}/look", ['version' => $running->version, 'enough' => false]);
        self::assertSame(['cleaner-cream', 'cleaner-neutral'], $this->cleaners($id));
        $again = $this->workUntil('Look again');
        self::assertNotSame($look->step->id, $again->step->id, 'and after that rung another look');
        $this->doCall($again);
        self::assertSame(['cleaner-cream', 'cleaner-neutral'], $this->cleaners($id), 'enough: no rung more');
        $events = array_map(static fn ($e): Event => $e->event, $this->must(LedgerView::class, 'GET', "/api/ledger/$id")->entries);
        self::assertContains(Event::LookNotEnough, $events);
        self::assertContains(Event::LookEnough, $events);
    }

    public function testOnlyALookIsAnswered(): void
    {
        $id = $this->dirtyPair();
        $first = $this->nextCall()->step;
        $this->refused(409, 'POST', "/api/steps/{$first->id}/look", ['version' => $first->version, 'enough' => false]);
        $this->refused(422, 'POST', "/api/steps/{$first->id}/look", ['version' => $first->version]);
        self::assertSame(['cleaner-cream'], $this->cleaners($id));
    }

    private function dirtyPair(): int
    {
        $id = $this->plannedPair();
        $piece = $this->must(PieceView::class, 'GET', "/api/pieces/$id");
        $piece = $this->must(PieceView::class, 'POST', "/api/pieces/$id/findings", self::found($piece->version, [
            'part' => 'vamp', 'half' => 'left', 'kind' => 'ground-in-dirt', 'severity' => 2,
        ]));
        $this->must(PlanView::class, 'POST', "/api/pieces/$id/plan", ['version' => $piece->version]);

        return $id;
    }

    /** @return list<string> */
    private function cleaners(int $id): array
    {
        return array_values(array_map(
            static fn (StepView $s): string => (string) $s->family?->value,
            array_filter(
                $this->must(PlanView::class, 'GET', "/api/pieces/$id/plan")->steps,
                static fn (StepView $s): bool => null !== $s->family && str_starts_with($s->family->value, 'cleaner-'),
            ),
        ));
    }
}
