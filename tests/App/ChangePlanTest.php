<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Bench\BenchView;
use KindHeel\App\Counter\TicketView;
use KindHeel\App\Job\StepStatus;
use KindHeel\App\Ledger\LedgerView;
use KindHeel\App\Piece\PieceView;
use KindHeel\App\Plan\CompareView;
use KindHeel\App\Plan\FaultView;
use KindHeel\App\Plan\PlanView;
use KindHeel\App\Plan\SchoolsView;
use KindHeel\App\Plan\SchoolView;
use KindHeel\App\Plan\StepView;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Hazard;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Wish\School;

/** A plan in the hands of the restorer: schools, the hour, changes, stops, mending, going over a rule. */
final class ChangePlanTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testAStepIsMovedFaultedMendedAndThePlanIsSoundAgain(): void
    {
        $plan = $this->plan($this->plannedPair());
        self::assertSame([false, []], [$plan->byHand, $plan->faults]);
        $wipe = $this->step($plan, 'damp-cloth');
        $plan = $this->change($plan, ['change' => 'drop', 'step' => $this->step($plan, null, 'dust-off')->key]);
        self::assertTrue($plan->byHand);
        self::assertContains([$wipe->key, 'O-4', true], array_map(static fn (FaultView $f): array => [$f->step, $f->rule, $f->stops], $plan->faults));
        $plan = $this->change($plan, ['change' => 'mend', 'step' => $wipe->key, 'rule' => 'O-4']);
        self::assertSame([], $plan->faults);
        self::assertSame('Put in by Tomas.', array_values(array_filter($plan->steps, static fn (StepView $s): bool => str_starts_with($s->key, 'h')))[0]->why);
        $cream = $this->step($plan, 'cream');
        $plan = $this->change($plan, ['change' => 'move', 'step' => $cream->key, 'before' => $wipe->key]);
        $at = array_flip(array_map(static fn (StepView $s): string => $s->key, $plan->steps));
        self::assertSame($at[$wipe->key] - 1, $at[$cream->key]);
        self::assertNotSame([], $plan->faults);
        $ledger = $this->must(LedgerView::class, 'GET', "/api/ledger/{$plan->piece}");
        self::assertStringContainsString('Changed by hand', $ledger->entries[0]->text);
    }

    public function testAddingSwappingCoatsAndHurrying(): void
    {
        $plan = $this->plan($this->plannedPair());
        $places = [['part' => 'vamp', 'half' => 'left'], ['part' => 'vamp', 'half' => 'right']];
        $plan = $this->change($plan, [
            'change' => 'add',
            'family' => 'conditioner',
            'applicator' => 'fingers',
            'places' => $places,
            'before' => $this->step($plan, 'cream')->key,
        ]);
        $added = $this->step($plan, 'conditioner');
        self::assertNotNull($added->amount);
        self::assertNotSame([], array_filter($added->waits, static fn ($w): bool => ($w->minMinutes ?? 0.0) > 0.0), 'it waits for what is wet');
        self::assertSame([], $plan->faults);
        $plan = $this->change($plan, ['change' => 'swap', 'step' => $added->key, 'family' => 'oil']);
        self::assertSame('Oil', $this->step($plan, 'oil')->title);
        $wax = $this->step($plan, 'wax');
        $plan = $this->change($plan, ['change' => 'coats', 'step' => $wax->key, 'coats' => 3]);
        self::assertContains('J-4', array_map(static fn (FaultView $f): string => $f->rule, $plan->faults));
        $plan = $this->change($plan, ['change' => 'coats', 'step' => $wax->key, 'coats' => 1]);
        self::assertSame([], $plan->faults);
        $cream = $this->step($plan, 'cream');
        $wait = array_values(array_filter($cream->waits, static fn ($w): bool => ($w->minMinutes ?? 0.0) > 0.0))[0];
        $plan = $this->change($plan, ['change' => 'hurry', 'step' => $cream->key, 'after' => $wait->step]);
        self::assertNotSame([], $plan->faults);
    }

    public function testAStopHoldsTheStepUntilSomebodySaysWhy(): void
    {
        $plan = $this->plan($id = $this->plannedPair());
        $first = $plan->steps[0];
        self::assertSame(Action::TakeApart, $first->action);
        $plan = $this->change($plan, ['change' => 'drop', 'step' => $this->step($plan, null, 'photograph')->key]);
        $plan = $this->change($plan, ['change' => 'move', 'step' => $this->step($plan, 'damp-cloth')->key, 'before' => $plan->steps[0]->key]);
        $wipe = $plan->steps[0];
        self::assertSame(FamilyId::DampCloth, $wipe->family);
        $stopped = $this->refused(409, 'POST', "/api/steps/{$wipe->id}/start", ['version' => $wipe->version]);
        self::assertStringContainsString('Mend the plan first', $stopped->detail);
        $this->refused(422, 'POST', "/api/pieces/$id/plan/change", [
            'version' => $plan->version,
            'change' => 'override',
            'step' => $wipe->key,
            'rule' => 'O-1',
            'reason' => ' ',
        ]);
        foreach ($plan->faults as $fault) {
            if ($fault->step === $wipe->key && $fault->stops) {
                $plan = $this->change($plan, ['change' => 'override', 'step' => $wipe->key, 'rule' => $fault->rule, 'reason' => 'The owner has pictures.']);
            }
        }
        self::assertStringContainsString('The owner has pictures. (Tomas)', (string) $plan->faults[0]->reason);
        $wipe = $plan->steps[0];
        $this->must(BenchView::class, 'POST', "/api/steps/{$wipe->id}/start", ['version' => $wipe->version]);
    }

    public function testWhatIsBegunStaysWhereItIs(): void
    {
        $id = $this->plannedPair();
        $this->doCall($this->nextCall());
        $plan = $this->plan($id);
        $done = $plan->steps[0];
        $this->refused(409, 'POST', "/api/pieces/$id/plan/change", ['version' => $plan->version, 'change' => 'drop', 'step' => $done->key]);
        $this->refused(409, 'POST', "/api/pieces/$id/plan/change", [
            'version' => $plan->version,
            'change' => 'move',
            'step' => $plan->steps[3]->key,
            'before' => $done->key,
        ]);
        $this->refused(409, 'POST', "/api/pieces/$id/plan/change", ['version' => $plan->version + 1, 'change' => 'drop', 'step' => $plan->steps[3]->key]);
        $this->refused(409, 'POST', "/api/pieces/$id/plan/change", ['version' => $plan->version, 'change' => 'drop', 'step' => 'nothing']);
        $this->refused(422, 'POST', "/api/pieces/$id/plan/change", ['version' => $plan->version, 'change' => 'add', 'family' => 'wax']);
        $this->refused(422, 'POST', "/api/pieces/$id/plan/change", ['version' => $plan->version, 'change' => 'dance', 'step' => 's05']);
        self::assertEquals($plan->steps, $this->plan($id)->steps, 'nothing was lost');
    }

    public function testSchoolsAreComparedBeforeOneIsTaken(): void
    {
        $plan = $this->plan($id = $this->plannedPair());
        $compared = $this->must(CompareView::class, 'GET', "/api/pieces/$id/plan/schools/cleaning");
        self::assertSame(['damp-first', 'dry-first', 'wash-first'], array_column($compared->sides, 'side'));
        self::assertSame([true, false, false], array_column($compared->sides, 'taken'));
        self::assertGreaterThan($compared->sides[1]->steps, $compared->sides[0]->steps);
        self::assertNotSame([], preg_grep('/cleaning cream/', $compared->sides[2]->only), 'a cleaner starts every job');
        self::assertSame($plan->version, $this->plan($id)->version, 'nothing was kept');
        $dry = $this->must(PlanView::class, 'POST', "/api/pieces/$id/plan", ['version' => $plan->version, 'schools' => ['cleaning' => 'dry-first']]);
        self::assertNotContains(FamilyId::DampCloth, array_column($dry->steps, 'family'));
        self::assertSame('dry-first', self::sideOf($dry->schools, School::Cleaning)->plan);
        self::assertStringContainsString('No longer: wipe with a barely damp cloth', implode(' ', array_column($dry->changes, 'text')));
        $back = $this->must(PlanView::class, 'POST', "/api/pieces/$id/plan", ['version' => $dry->version, 'schools' => ['cleaning' => null]]);
        self::assertContains(FamilyId::DampCloth, array_column($back->steps, 'family'));
        $this->refused(422, 'POST', "/api/pieces/$id/plan", ['version' => $back->version, 'schools' => ['cleaning' => 'never']]);
        $this->refused(404, 'GET', "/api/pieces/$id/plan/schools/cooking");
    }

    public function testTheWorkshopsOwnSideHoldsForEveryPlan(): void
    {
        $schools = $this->must(SchoolsView::class, 'PUT', '/api/schools/cleaning', ['side' => 'dry-first']);
        self::assertSame('dry-first', self::sideOf($schools->schools, School::Cleaning)->workshop);
        $plan = $this->plan($this->plannedPair());
        self::assertNotContains(FamilyId::DampCloth, array_column($plan->steps, 'family'));
        $this->refused(422, 'PUT', '/api/schools/cleaning', ['side' => 'never', 'was' => 'dry-first']);
        self::assertStringContainsString(
            'meanwhile',
            $this->refused(409, 'PUT', '/api/schools/cleaning', ['side' => 'wash-first'])->detail,
            'it was seen undecided'
        );
        self::assertSame('dry-first', self::sideOf($this->must(SchoolsView::class, 'GET', '/api/schools')->schools, School::Cleaning)->workshop);
        $this->must(SchoolsView::class, 'PUT', '/api/schools/cleaning', ['side' => null, 'was' => 'dry-first']);
        self::assertNull(self::sideOf($this->must(SchoolsView::class, 'GET', '/api/schools')->schools, School::Cleaning)->workshop);
        $this->signIn('wren');
        $this->refused(403, 'PUT', '/api/schools/cleaning', ['side' => 'dry-first']);
    }

    /** @param list<SchoolView> $schools */
    private static function sideOf(array $schools, School $school): SchoolView
    {
        return self::firstOf($schools, static fn (SchoolView $s): bool => $school === $s->id);
    }

    public function testPlanningAnewKeepsWhatHasBeenDoneByHandWordForWordAndForgetsWhatWasOnlyMeant(): void
    {
        $plan = $this->plan($this->plannedPair());
        $places = [['part' => 'vamp', 'half' => 'left'], ['part' => 'vamp', 'half' => 'right']];
        $first = $plan->steps[0];
        $own = ['family' => 'brush', 'applicator' => 'brush', 'places' => $places];
        $plan = $this->change($plan, ['change' => 'add', 'before' => $first->key] + $own);
        $mine = $plan->steps[0];
        self::assertSame('Put in by Tomas.', $mine->why);
        $meant = $this->step($plan, 'cream');
        $plan = $this->change($plan, ['change' => 'add', 'before' => $meant->key] + ['family' => 'conditioner'] + $own);
        $bench = $this->must(BenchView::class, 'POST', "/api/steps/{$mine->id}/start", ['version' => $mine->version]);
        $running = self::firstOf($bench->calls, static fn ($c): bool => $c->step->id === $mine->id)->step;
        $this->must(BenchView::class, 'POST', "/api/steps/{$mine->id}/done", ['version' => $running->version]);
        $before = $this->plan($plan->piece);
        self::assertTrue($before->byHand);
        self::assertNotSame([], array_filter($before->steps, static fn (StepView $s): bool => FamilyId::Conditioner === $s->family));
        // What was written of it stays, also where the plan would put it otherwise today.
        $this->connection()->executeStatement("UPDATE plan_step SET how = 'As she was taught.', minutes = 7.5 WHERE id = ?", [$mine->id]);
        self::getContainer()->get(EntityManagerInterface::class)->clear();

        $anew = $this->must(PlanView::class, 'POST', "/api/pieces/{$plan->piece}/plan", ['version' => $before->version]);
        self::assertFalse($anew->byHand);
        $kept = $anew->steps[0];
        self::assertSame([$mine->id, StepStatus::Done, 'Put in by Tomas.', FamilyId::Brush], [$kept->id, $kept->status, $kept->why, $kept->family]);
        self::assertSame(['As she was taught.', 7.5], [$kept->how, $kept->minutes]);
        $openConditioner = static fn (StepView $s): bool => FamilyId::Conditioner === $s->family && StepStatus::Done !== $s->status;
        self::assertSame([], array_filter($anew->steps, $openConditioner));
    }

    public function testAnHourIsKeptAndWhatItCostsIsSaid(): void
    {
        $ticket = $this->must(TicketView::class, 'POST', '/api/tickets', $this->ticketBody('low-shoe/derby', 'ready-fast'), 201);
        $id = $ticket->pieces[0]->id;
        $places = array_map(static fn (string $p): array => ['part' => $p, 'half' => 'left'], [
            'toe', 'vamp', 'quarter', 'counter', 'tongue', 'facing', 'topline',
        ]);
        $piece = $this->must(PieceView::class, 'PUT', "/api/pieces/$id/parts", [
            'version' => 1,
            'places' => [...$places, ...array_map(static fn (array $p): array => ['half' => 'right'] + $p, $places)],
            'material' => 'pigmented',
            'certainty' => 'known',
        ]);
        $soon = $this->must(PlanView::class, 'POST', "/api/pieces/$id/plan", [
            'version' => $piece->version,
            'readyBy' => $this->clock->now()->modify('+3 hours')->setTimezone(new \DateTimeZone('Europe/Vienna'))->format('Y-m-d\TH:i'),
        ]);
        self::assertLessThanOrEqual(180.0, $soon->elapsedMinutes);
        self::assertNotNull($soon->readyBy);
        self::assertStringContainsString(
            'No cream polish: it cannot come to rest by then. Scuffs and fading stay to be seen',
            implode(' ', array_column($soon->dropped, 'text')),
        );
        $later = $this->must(PlanView::class, 'POST', "/api/pieces/$id/plan", ['version' => $soon->version, 'readyBy' => '']);
        self::assertSame([], $later->dropped, 'by the promised day all of it can be dry');
        $this->refused(422, 'POST', "/api/pieces/$id/plan", ['version' => $later->version, 'readyBy' => 'soon']);
    }

    public function testWhatIsNotWantedIsLeftOutAndTheKitListFollows(): void
    {
        $plan = $this->plan($id = $this->plannedPair());
        self::assertNotSame([], preg_grep('/cream polish [\d.]+ g$/', $plan->kit));
        $without = $this->must(PlanView::class, 'POST', "/api/pieces/$id/plan", ['version' => $plan->version, 'exclude' => ['solvent']]);
        self::assertSame([], preg_grep('/cream polish/', $without->kit));
        self::assertSame([Hazard::Solvent], $without->exclude);
        self::assertContains('H-2', array_column($without->refused, 'rule'));
        $cream = array_values(array_filter($without->refused, static fn ($r): bool => 'Cream polish is not wanted here.' === $r->text));
        self::assertCount(1, $cream, 'said once for both halves and all parts');
        self::assertContains(PartName::Vamp, $cream[0]->parts);
        $this->refused(422, 'POST', "/api/pieces/$id/plan", ['version' => $without->version, 'exclude' => ['fire']]);
    }

    public function testABadTrialChangesThePlanAndSaysWhat(): void
    {
        $ticket = $this->must(TicketView::class, 'POST', '/api/tickets', $this->ticketBody(), 201);
        $id = $ticket->pieces[0]->id;
        $places = [['part' => 'vamp', 'half' => 'left'], ['part' => 'vamp', 'half' => 'right']];
        $piece = $this->must(PieceView::class, 'PUT', "/api/pieces/$id/parts", [
            'version' => 1,
            'places' => $places,
            'material' => 'aniline',
            'certainty' => 'known',
            'dryness' => 'thirsty',
        ]);
        $plan = $this->must(PlanView::class, 'POST', "/api/pieces/$id/plan", ['version' => $piece->version]);
        self::assertContains([FamilyId::Conditioner], array_column($plan->steps, 'tries'), 'each product is tried by itself');
        self::assertContains(FamilyId::Conditioner, array_column($plan->steps, 'family'));
        $piece = $this->must(PieceView::class, 'POST', "/api/pieces/$id/trials", [
            'version' => $plan->version,
            'part' => 'vamp',
            'half' => 'left',
            'trial' => 'T-7',
            'outcome' => 'darkens',
            'product' => 'conditioner',
            'speaksFor' => [['part' => 'vamp', 'half' => 'right']],
        ]);
        self::assertTrue($this->plan($id)->stale);
        $plan = $this->must(PlanView::class, 'POST', "/api/pieces/$id/plan", ['version' => $piece->version]);
        self::assertNotContains(FamilyId::Conditioner, array_column($plan->steps, 'family'));
        self::assertStringContainsString('No longer: feed with conditioner on the vamp', implode(' ', array_column($plan->changes, 'text')));
        self::assertContains('T-7', array_column($plan->refused, 'rule'));
    }

    private function plan(int $id): PlanView
    {
        return $this->must(PlanView::class, 'GET', "/api/pieces/$id/plan");
    }

    /** @param array<string, mixed> $change */
    private function change(PlanView $plan, array $change): PlanView
    {
        return $this->must(PlanView::class, 'POST', "/api/pieces/{$plan->piece}/plan/change", ['version' => $this->plan($plan->piece)->version] + $change);
    }

    private function step(PlanView $plan, ?string $family, ?string $action = null): StepView
    {
        return array_values(
            array_filter($plan->steps, static fn (StepView $s): bool => $s->family?->value === $family && (null === $action || $s->action->value === $action)),
        )[0];
    }
}
