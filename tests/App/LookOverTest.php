<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Counter\TicketView;
use KindHeel\App\OwnerPage\OwnerPageView;
use KindHeel\App\OwnerPage\QuestionsView;
use KindHeel\App\Piece\PartView;
use KindHeel\App\Piece\PieceView;
use KindHeel\App\Plan\PlanView;
use KindHeel\App\Plan\StepView;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Wish;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Material\Trial;
use KindHeel\Core\Product\FamilyId;

/** A piece of any family is looked over, tried, agreed on and signed for. */
final class LookOverTest extends ApiTestCase
{
    public function testTrialsSharpenAGuessAndTheRestorersWordStandsOverThem(): void
    {
        $piece = $this->takenIn('tall-boot/riding');
        $shaft = $this->part($piece, 'left', 'shaft');
        self::assertSame([Certainty::Guess, Trial::Loupe], [$shaft->certainty, $shaft->nextTrial]);
        self::assertEqualsWithDelta(1.0, array_sum(array_map(static fn ($o) => $o->odds, $shaft->odds)), 0.5);
        $speaksFor = [['part' => 'shaft', 'half' => 'right'], ['part' => 'vamp', 'half' => 'left']];
        foreach ([['T-4', 'pores'], ['T-3', 'marks-warm-away'], ['T-1', 'absorbs-slowly']] as [$trial, $outcome]) {
            $piece = $this->tried($piece, ['trial' => $trial, 'outcome' => $outcome, 'speaksFor' => $speaksFor]);
        }
        foreach ([['left', 'shaft'], ['right', 'shaft'], ['left', 'vamp']] as [$half, $part]) {
            self::assertSame([Material::Waxy, Certainty::Known], [$this->part($piece, $half, $part)->material, $this->part($piece, $half, $part)->certainty]);
        }
        self::assertSame(Certainty::Guess, $this->part($piece, 'right', 'vamp')->certainty, 'the trial did not speak for it');
        self::assertNull($this->part($piece, 'left', 'shaft')->nextTrial);
        self::assertSame(
            [[Trial::Loupe, 'Tomas'], [Trial::NailPress, 'Tomas'], [Trial::WaterDrop, 'Tomas']],
            array_map(static fn ($t) => [$t->trial, $t->by], $piece->trials),
        );
        $piece = $this->must(PieceView::class, 'PUT', "/api/pieces/$piece->id/parts", [
            'version' => $piece->version,
            'places' => [['part' => 'shaft', 'half' => 'left']],
            'material' => 'pigmented',
            'certainty' => 'likely',
        ]);
        $piece = $this->tried($piece, ['trial' => 'T-6', 'outcome' => 'coloured-through']);
        self::assertSame([Material::Pigmented, true], [$this->part($piece, 'left', 'shaft')->material, $this->part($piece, 'left', 'shaft')->overruled]);
        $piece = $this->must(PieceView::class, 'DELETE', "/api/pieces/$piece->id/trials/{$piece->trials[0]->id}", ['version' => $piece->version]);
        self::assertCount(3, $piece->trials);
    }

    public function testAnOutcomeThatIsTakenBackLeavesAGuess(): void
    {
        $piece = $this->tried($this->takenIn('tall-boot/riding'), ['trial' => 'T-4', 'outcome' => 'scales']);
        self::assertStringStartsWith('reptile', $this->part($piece, 'left', 'shaft')->material->value);
        $piece = $this->must(PieceView::class, 'DELETE', "/api/pieces/$piece->id/trials/{$piece->trials[0]->id}", ['version' => $piece->version]);
        self::assertSame(
            [Material::Pigmented, Certainty::Guess],
            [$this->part($piece, 'left', 'shaft')->material, $this->part($piece, 'left', 'shaft')->certainty],
        );
    }

    public function testTrialsThatContradictEachOtherAreNamed(): void
    {
        $piece = $this->takenIn('low-shoe/oxford');
        $piece = $this->tried($piece, ['part' => 'vamp', 'trial' => 'T-4', 'outcome' => 'nap']);
        $piece = $this->tried($piece, ['part' => 'vamp', 'trial' => 'T-1', 'outcome' => 'beads']);
        self::assertStringContainsString('hardly any material does both', $this->part($piece, 'left', 'vamp')->contradictions[0]);
    }

    public function testAProductTrialKeepsItsProductAndBothColours(): void
    {
        $piece = $this->takenIn('bag/satchel');
        $body = ['part' => 'front', 'half' => 'whole', 'trial' => 'T-7', 'outcome' => 'darkens-returns'];
        self::assertStringContainsString('Which product', $this->refused(422, 'POST', "/api/pieces/$piece->id/trials", ['version' => 1] + $body)->detail);
        $piece = $this->tried($piece, $body + ['product' => 'conditioner', 'before' => [40.0, 12.0, 20.0], 'after' => [36.0, 12.0, 18.0]]);
        self::assertSame(FamilyId::Conditioner, $piece->trials[0]->product);
        self::assertMatchesRegularExpression('/^#[0-9a-f]{6}$/', (string) $piece->trials[0]->after);
        self::assertNotSame($piece->trials[0]->before, $piece->trials[0]->after);
    }

    public function testWhatCannotBeIsRefusedAndNothingChanges(): void
    {
        $piece = $this->takenIn('garment/jacket');
        $path = "/api/pieces/$piece->id";
        $this->refused(422, 'POST', "$path/trials", ['version' => 1, 'part' => 'body', 'half' => 'whole', 'trial' => 'T-1', 'outcome' => 'chars']);
        $this->refused(422, 'POST', "$path/trials", ['version' => 1, 'part' => 'heel-stack', 'half' => 'whole', 'trial' => 'T-10', 'outcome' => 'real-stack']);
        $this->refused(422, 'PUT', "$path/parts", ['version' => 1, 'places' => [['part' => 'zips', 'half' => 'whole']], 'material' => 'suede']);
        $this->refused(422, 'PUT', "$path/off", ['version' => 1, 'part' => 'body', 'half' => 'whole', 'off' => true]);
        $suede = $this->must(PieceView::class, 'PUT', "$path/parts", [
            'version' => 1,
            'places' => array_values(
                array_map(
                    static fn ($p) => ['part' => $p->part, 'half' => 'whole'],
                    array_filter(
                        $piece->parts,
                        static fn ($p) => \in_array(
                            $p->part->value,
                            ['body', 'sleeves', 'collar', 'cuffs', 'stretch-panels', 'perforated-panels', 'armour-covers'],
                            true,
                        ),
                    ),
                ),
            ),
            'material' => 'suede',
            'certainty' => 'known',
        ]);
        $problem = $this->refused(422, 'PUT', "$path/agreement", ['version' => $suede->version, 'aim' => 'freshen', 'gloss' => 'mirror']);
        self::assertSame('Suede cannot be brought to a mirror shine. Agree on less shine first.', $problem->detail);
        self::assertSame($suede->gloss, $this->must(PieceView::class, 'GET', $path)->gloss);
        $this->refused(409, 'PUT', "$path/agreement", ['version' => 1, 'aim' => 'keep', 'gloss' => 'matt']);
    }

    public function testAPartGoesItsOwnWayAndComesBack(): void
    {
        $piece = $this->takenIn('low-shoe/derby');
        $places = [['part' => 'toe', 'half' => 'left']];
        $piece = $this->must(PieceView::class, 'PUT', "/api/pieces/$piece->id/part-agreement", [
            'version' => 1,
            'places' => $places,
            'agreed' => ['aim' => 'restore', 'gloss' => 'glow', 'patina' => 'remove'],
        ]);
        self::assertSame(Aim::Restore, $this->part($piece, 'left', 'toe')->agreed?->aim);
        $piece = $this->must(PieceView::class, 'PUT', "/api/pieces/$piece->id/part-agreement", ['version' => $piece->version, 'places' => $places]);
        self::assertNull($this->part($piece, 'left', 'toe')->agreed);
    }

    public function testWhatTheOwnerAsksForOnAPartIsKeptAndPlanned(): void
    {
        $this->signIn();
        $id = $this->plannedPair();
        $piece = $this->must(PieceView::class, 'GET', "/api/pieces/$id");
        $anywhere = [Wish::LocalOnly, Wish::WholePart, Wish::LetDown, Wish::Mottled, Wish::Shaded, Wish::ThreadShows];
        self::assertSame([Wish::DarkerToe, Wish::ToeBurnish, ...$anywhere], $this->part($piece, 'left', 'toe')->mayWish);
        self::assertSame($anywhere, $this->part($piece, 'left', 'vamp')->mayWish);
        $piece = $this->must(PieceView::class, 'PUT', "/api/pieces/$id/parts", [
            'version' => $piece->version,
            'places' => [['part' => 'toe', 'half' => 'left'], ['part' => 'toe', 'half' => 'right']],
            'wishes' => ['darker-toe'],
        ]);
        self::assertSame([Wish::DarkerToe], $this->part($piece, 'right', 'toe')->wishes);
        $titles = static fn (PlanView $plan): string => implode("\n", array_map(static fn (StepView $s): string => $s->title, $plan->steps));
        $plan = $this->must(PlanView::class, 'POST', "/api/pieces/$id/plan", ['version' => $piece->version]);
        self::assertStringContainsString('espresso wax', $titles($plan));
        $problem = $this->refused(422, 'PUT', "/api/pieces/$id/parts", [
            'version' => $plan->version,
            'places' => [['part' => 'toe', 'half' => 'left']],
            'wishes' => ['a pony'],
        ]);
        self::assertNotSame('', $problem->detail);
    }

    public function testTheNewColourOfARecolourIsAgreedOnWithTheAim(): void
    {
        $this->signIn();
        $id = $this->plannedPair();
        $piece = $this->must(PieceView::class, 'GET', "/api/pieces/$id");
        $agreement = ['version' => $piece->version, 'aim' => 'recolour', 'gloss' => 'satin', 'newShade' => 'navy'];
        $piece = $this->must(PieceView::class, 'PUT', "/api/pieces/$id/agreement", $agreement);
        self::assertSame(Shade::Navy, $piece->newShade);
        $plan = $this->must(PlanView::class, 'POST', "/api/pieces/$id/plan", ['version' => $piece->version]);
        self::assertNotSame([], array_filter($plan->steps, static fn (StepView $s): bool => str_contains($s->title, 'navy')), 'cream and paint follow it');
    }

    public function testWhatComesOffIsTickedAndAPastPieceIsCopied(): void
    {
        $past = $this->takenIn('bag/satchel');
        $past = $this->must(PieceView::class, 'PUT', "/api/pieces/$past->id/parts", [
            'version' => 1,
            'places' => [['part' => 'front', 'half' => 'whole']],
            'material' => 'veg-tan',
            'certainty' => 'known',
            'areaDm2' => 9.5,
            'dryness' => 'stiff',
        ]);
        $piece = $this->takenIn('bag/satchel');
        self::assertSame([$past->id], array_map(static fn ($p) => $p->id, $piece->past));
        $piece = $this->must(PieceView::class, 'POST', "/api/pieces/$piece->id/copy", ['version' => $piece->version, 'from' => $past->id]);
        $front = $this->part($piece, 'whole', 'front');
        self::assertSame([Material::VegTan, 9.5, Dryness::Supple], [$front->material, $front->areaDm2, $front->dryness], 'how dry it is is seen anew');
        $piece = $this->must(PieceView::class, 'PUT', "/api/pieces/$piece->id/off", [
            'version' => $piece->version,
            'part' => 'strap',
            'half' => 'whole',
            'off' => true,
        ]);
        self::assertTrue($this->part($piece, 'whole', 'strap')->off);
        $other = $this->takenIn('bag/tote');
        $this->refused(409, 'POST', "/api/pieces/$other->id/copy", ['version' => $other->version, 'from' => $past->id]);
    }

    public function testTheOwnerIsToldAndSignsAndAChangeAfterwardsShows(): void
    {
        $piece = $this->takenIn('low-shoe/derby');
        foreach ([['toe', 'scuff'], ['vamp', 'crack']] as [$part, $kind]) {
            $piece = $this->must(PieceView::class, 'POST', "/api/pieces/$piece->id/findings", self::found($piece->version, [
                'part' => $part,
                'half' => 'left',
                'kind' => $kind,
                'severity' => 3,
            ]));
        }
        $page = $this->must(OwnerPageView::class, 'GET', "/api/pieces/$piece->id/owner-page");
        self::assertSame(['The scuff on the left toe will be coloured in and seen only from near.'], $page->softer);
        self::assertStringContainsString('never closes', $page->stays[0]);
        self::assertStringContainsString('We are not sure yet', implode(' ', $page->risks));
        $questions = $this->must(QuestionsView::class, 'GET', "/api/pieces/$piece->id/questions")->questions;
        self::assertGreaterThan(1, $questions[0]->plans);
        self::assertSame(Trial::Loupe, $questions[0]->trial);
        self::assertNull($page->signed);
        $stroke = array_map(static fn (int $i): array => [40 + 8 * $i, 100 + ($i % 5) * 6], range(0, 30));
        $signature = ['version' => $piece->version, 'signedBy' => 'Mirela Sand', 'strokes' => [$stroke]];
        $page = $this->must(OwnerPageView::class, 'POST', "/api/pieces/$piece->id/signature", $signature);
        $twice = $this->refused(409, 'POST', "/api/pieces/$piece->id/signature", $signature);
        self::assertSame('Mirela Sand has signed this already.', $twice->detail);
        self::assertSame(['Mirela Sand', false], [$page->signed?->by, $page->signed?->outdated]);
        self::assertStringStartsWith('M40 100L48 106', (string) $page->signed?->path);
        $this->must(PieceView::class, 'POST', "/api/pieces/$piece->id/findings", self::found($piece->version, [
            'part' => 'toe',
            'half' => 'right',
            'kind' => 'scuff',
            'severity' => 1,
        ]));
        self::assertTrue($this->must(OwnerPageView::class, 'GET', "/api/pieces/$piece->id/owner-page")->signed?->outdated);
        foreach ([[], [[[10, 10]]], [[[900, 10], [901, 10], [902, 10]]], ['scribble']] as $bad) {
            $this->refused(422, 'POST', "/api/pieces/$piece->id/signature", ['version' => $piece->version + 1, 'signedBy' => 'Mirela Sand', 'strokes' => $bad]);
        }
        self::assertSame(1, $this->rows('agreement'));
        $this->must(OwnerPageView::class, 'POST', "/api/pieces/$piece->id/signature", ['version' => $piece->version + 1] + $signature);
        self::assertSame(2, $this->rows('agreement'), 'what has changed since is signed anew');
    }

    public function testATrialOnAPlaceThatHasBeenCoveredIsRefused(): void
    {
        $this->signIn();
        $id = $this->plannedPair();
        $cream = $this->workUntil('Lay chestnut cream');
        $this->doCall($cream);
        $piece = $this->must(PieceView::class, 'GET', "/api/pieces/$id");
        $body = ['version' => $piece->version, 'half' => 'left', 'trial' => 'T-1', 'outcome' => 'beads'];
        self::assertStringContainsString('covered', $this->refused(422, 'POST', "/api/pieces/$id/trials", ['part' => 'vamp'] + $body)->detail);
        $this->must(PieceView::class, 'POST', "/api/pieces/$id/trials", ['part' => 'lining'] + $body);
    }

    public function testEveryKindIsTakenInLookedOverAndPlannedOrSaidNotToBe(): void
    {
        $this->signIn();
        foreach (Kind::cases() as $kind) {
            $piece = $this->takenIn($kind->value);
            self::assertCount(\count($kind->parts()) * \count($kind->halves()), $piece->parts, $kind->value);
            $plan = $this->must(PlanView::class, 'POST', "/api/pieces/$piece->id/plan", ['version' => $piece->version]);
            self::assertNotSame([], $plan->steps, $kind->value);
            $this->must(OwnerPageView::class, 'GET', "/api/pieces/$piece->id/owner-page");
        }
    }

    public function testAPieceWithFortyFindingsOpensWithFewStatements(): void
    {
        $piece = $this->takenIn('boot/lace');
        for ($i = 0; $i < 40; ++$i) {
            $piece = $this->must(PieceView::class, 'POST', "/api/pieces/$piece->id/findings", self::found($piece->version, [
                'part' => ['toe', 'vamp', 'shaft', 'quarter'][$i % 4],
                'half' => ['left', 'right'][$i % 2],
                'kind' => ['scuff', 'scratch', 'crack', 'faded', 'mud'][$i % 5],
                'severity' => 1 + ($i % 4),
            ]));
        }
        self::assertCount(40, $piece->findings);
        self::assertLessThanOrEqual(10, $this->statements(fn () => $this->ask('GET', "/api/pieces/$piece->id")));
    }

    /** @param array<string, mixed> $body */
    private function tried(PieceView $piece, array $body): PieceView
    {
        return $this->must(
            PieceView::class,
            'POST',
            "/api/pieces/$piece->id/trials",
            $body + ['version' => $piece->version, 'part' => 'shaft', 'half' => 'left'],
        );
    }

    private function takenIn(string $kind): PieceView
    {
        $this->signIn();
        $body = $this->ticketBody($kind);
        $body['pieces'] = [['kind' => $kind, 'name' => 'A '.$kind, 'aim' => 'freshen', 'gloss' => 'satin', 'shade' => 'chestnut']];

        return $this->must(PieceView::class, 'GET', '/api/pieces/'.$this->must(TicketView::class, 'POST', '/api/tickets', $body, 201)->pieces[0]->id);
    }

    private function part(PieceView $piece, string $half, string $part): PartView
    {
        return array_values(array_filter($piece->parts, static fn (PartView $p): bool => $p->half->value === $half && $p->part->value === $part))[0];
    }
}
