<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Bench\BenchView;
use KindHeel\App\Colour\CoatsView;
use KindHeel\App\Colour\ColoursView;
use KindHeel\App\Colour\CorrectionView;
use KindHeel\App\Colour\EyeScaleView;
use KindHeel\App\Colour\PieceColourView;
use KindHeel\App\Colour\PotLabelView;
use KindHeel\App\Colour\PotState;
use KindHeel\App\Colour\PotView;
use KindHeel\App\Colour\RangeDocument;
use KindHeel\App\Colour\ReadSpot;
use KindHeel\App\Colour\RecipesView;
use KindHeel\App\Colour\StoredPot;
use KindHeel\App\Database\Row;
use KindHeel\App\Piece\PieceView;
use KindHeel\App\Plan\PlanView;
use KindHeel\App\Plan\StepView;
use KindHeel\App\Simulation\SimulatedBench;
use KindHeel\Core\Colour\Difference;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Mixture;
use KindHeel\Core\Colour\Pot\CountBy;
use KindHeel\Core\Colour\Pot\Dab;
use KindHeel\Core\Colour\Pot\EyeDab;
use KindHeel\Core\Colour\Pot\Off;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Tests\Support\HouseRange;

/** Pots of any size: what they are for, what goes in and out, and what an eye makes of them. */
final class PotTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn('ida');
        self::getContainer()->get(RangeDocument::class)->take((string) file_get_contents(\dirname(__DIR__, 2).'/demo/house-range.json'));
    }

    public function testALargePotIsCountedByTheMeasureAndOnTheScales(): void
    {
        $pot = $this->open($this->plannedPair(), ['areaDm2' => 80.0, 'coats' => 3]);
        self::assertGreaterThan(2000, $pot->need->drops);
        $pot = $this->change($pot, 'PUT', 'recipe', ['drops' => ['straw' => 3000, 'brick' => 450]]);
        $due = array_column($pot->due, null, 'code');
        self::assertSame([CountBy::Millilitres, 135.0, 0], [$due['straw']->portion->by, $due['straw']->portion->amount, $due['straw']->portion->drops]);
        self::assertSame('20 ml, then 6 drops', $due['brick']->portion->words);
        $left = $this->left('straw');
        $pot = $this->portion($this->portion($pot, 'straw', 'ml', 30.0), 'brick', 'g', 9.0, 2);
        $held = array_column($pot->drops, 'drops', 'code');
        self::assertSame(667, $held['straw']);
        self::assertEqualsWithDelta(9.0 / $this->density('brick') / 0.045 + 2, $held['brick'], 0.51);
        self::assertEqualsWithDelta($left - 30.0, $this->left('straw'), 0.1, 'it is off the shelf');
        $this->refused(422, 'POST', "/api/pots/{$pot->id}/portions", ['code' => 'straw', 'by' => 'ml', 'amount' => 0.01]);
        $this->refused(422, 'POST', "/api/pots/{$pot->id}/portions", ['code' => 'straw', 'by' => 'spoons', 'amount' => 1]);
    }

    public function testAJarHasASizeAndARecipeAnAmount(): void
    {
        $pot = $this->mixed(['straw' => 30, 'brick' => 6]);
        self::assertSame('A jar of 1.0 ml would run over: 1.6 ml are in it already.', $this->refusedBy($pot, 'PUT', 'jar', ['ml' => 1.0]));
        $pot = $this->change($pot, 'PUT', 'jar', ['ml' => 30.0]);
        self::assertSame(30.0, $pot->capacityMl);
        $pot = $this->change($pot, 'PUT', 'amount', ['ml' => 3.24]);
        self::assertSame(['straw' => 60, 'brick' => 12], array_column($pot->recipe, 'drops', 'code'));
        self::assertSame(['straw' => 30, 'brick' => 6], array_column($pot->due, 'drops', 'code'));
        self::assertStringContainsString('the least it can come to', $this->refusedBy($pot, 'PUT', 'amount', ['ml' => 0.5]));
        $this->refused(409, 'PUT', "/api/pots/{$pot->id}/jar", ['version' => $pot->version - 1, 'ml' => 40.0]);
    }

    public function testItIsMatchedForTheFinishThatIsAgreedOn(): void
    {
        $pot = $this->mixed(['straw' => 30, 'brick' => 6]);
        self::assertSame([Gloss::Satin, Gloss::Satin], [$pot->finish, $pot->agreedFinish]);
        $piece = $this->must(PieceView::class, 'GET', "/api/pieces/{$pot->place->piece}");
        $this->must(PieceView::class, 'PUT', "/api/pieces/{$piece->id}/part-agreement", [
            'version' => $piece->version, 'places' => [['half' => 'left', 'part' => 'vamp']],
            'agreed' => ['aim' => 'recolour', 'gloss' => 'glow', 'patina' => 'keep'],
        ]);
        $now = $this->must(PotView::class, 'GET', "/api/pots/{$pot->id}");
        self::assertSame([Gloss::Satin, Gloss::Glow], [$now->finish, $now->agreedFinish]);
        $matched = $this->change($now, 'PUT', 'finish', ['finish' => 'glow']);
        self::assertSame([Gloss::Glow, $pot->total], [$matched->finish, $matched->total]);
        self::assertGreaterThan($pot->aim->lab->l, $matched->aim->lab->l, 'more shine, less veil: the film itself may be paler');
        $this->refused(422, 'PUT', "/api/pots/{$pot->id}/finish", ['version' => $matched->version, 'finish' => 'blinding']);
    }

    public function testMoreIsNeitherLaidNorKeptThanThereIs(): void
    {
        $pot = $this->mixed(['straw' => 30, 'brick' => 6]);
        self::assertStringContainsString('ml are left in the pot', $this->refusedBy($pot, 'POST', 'coats', ['coats' => 19]));
        $laid = $this->change($pot, 'POST', 'coats', ['coats' => 1]);
        self::assertEqualsWithDelta($pot->leftMl - $pot->need->layMl / $pot->need->coats, $laid->leftMl, 0.02);
        self::assertStringContainsString('cannot be kept', $this->refusedBy($laid, 'PUT', 'kept', ['ml' => 40.0]));
        self::assertSame(PotState::Mixing, $this->must(PotView::class, 'GET', "/api/pots/{$pot->id}")->state, 'nothing is lost by it');
        $kept = $this->change($laid, 'PUT', 'kept', ['ml' => 0.4, 'where' => 'third drawer']);
        self::assertSame([PotState::Kept, 0.4], [$kept->state, $kept->leftMl], 'as hands measured it');
        $more = $this->change($this->change($kept, 'POST', 'opened-again', []), 'PUT', 'kept', ['ml' => 0.5, 'where' => '']);
        self::assertSame(0.5, $more->leftMl, 'and a little more than was thought');
        $again = $this->must(PotView::class, 'POST', "/api/pots/{$more->id}/used-again", ['target' => null, 'ml' => 0.5, 'rest' => true], 201);
        self::assertEqualsWithDelta(0.5, $again->leftMl, 0.05, 'all of it goes in');
    }

    public function testWhatOtherPotsLaidOnThePlaceCountsToItsFilmAndWhatIsOnAnotherPieceDoesNot(): void
    {
        $laid = $this->mixed(['straw' => 48, 'brick' => 10]);
        $laid = $this->change($laid, 'POST', 'coats', ['coats' => 9]);
        $here = $this->open($laid->place->piece, ['areaDm2' => 0.3]);
        self::assertStringStartsWith('With 135 µm there already and ', (string) $here->need->caution);
        self::assertNull($laid->need->caution, 'what is in this pot is to come, not there');
        self::assertNull($this->open($this->plannedPair(), ['areaDm2' => 0.3])->need->caution);
    }

    public function testAKeptColourIsOpenedAgainUsedAgainPouredAndThrownAway(): void
    {
        $pot = $this->mixed(['straw' => 60, 'brick' => 20]);
        self::assertNull($pot->goodUntil);
        $kept = $this->change($pot, 'PUT', 'kept', ['ml' => 1.8, 'where' => 'third drawer']);
        $months = Family::of(FamilyId::Paint)->openedMonths;
        self::assertSame($this->clock->now()->modify("+$months months")->format('Y-m-d'), substr((string) $kept->goodUntil, 0, 10));
        $again = $this->must(PotView::class, 'POST', "/api/pots/{$kept->id}/used-again", ['target' => null, 'ml' => 3.6, 'rest' => true], 201);
        self::assertSame(['straw' => 60, 'brick' => 20], array_column($again->recipe, 'drops', 'code'));
        self::assertEqualsWithDelta(1.8, $again->leftMl, 0.05, 'what was kept went in; the other half is mixed');
        self::assertSame(PotState::Empty, $this->must(PotView::class, 'GET', "/api/pots/{$kept->id}")->state, 'its jar is empty');

        $other = $this->change($this->mixed(['straw' => 40]), 'PUT', 'kept', ['ml' => 1.5]);
        $open = $this->change($other, 'POST', 'opened-again', []);
        self::assertSame([PotState::Mixing, 1.5], [$open->state, $open->leftMl]);
        self::assertSame('Only what is kept can be opened again.', $this->refusedBy($open, 'POST', 'opened-again', []));
        $named = $this->change($open, 'PUT', 'name', ['name' => 'Toe of the crew']);
        self::assertSame('Toe of the crew', $named->name);
        $into = $this->must(PotView::class, 'POST', "/api/pots/{$again->id}/pour", ['version' => $again->version, 'from' => $named->id, 'share' => 0.5]);
        self::assertEqualsWithDelta($again->leftMl + 0.75, $into->leftMl, 0.05);
        $this->refused(422, 'POST', "/api/pots/{$into->id}/pour", ['version' => $into->version, 'from' => $into->id]);
        $rest = $this->must(PotView::class, 'GET', "/api/pots/{$named->id}");
        self::assertEqualsWithDelta(0.75, $rest->leftMl, 0.05);
        self::assertSame(422, $this->ask('POST', "/api/pots/{$rest->id}/thrown-away", ['version' => $rest->version, 'why' => '']));
        self::assertSame(PotState::Empty, $this->change($rest, 'POST', 'thrown-away', ['why' => 'It smells.'])->state);
    }

    public function testAPotIsForTheCoatsOfThePlanAndLaidByItsSteps(): void
    {
        $id = $this->recoloured();
        $colour = $this->must(PieceColourView::class, 'GET', "/api/pieces/$id/colour");
        self::assertNotSame([], $colour->planned);
        $group = $colour->planned[0];
        $places = array_map(static fn ($p): array => ['half' => $p->half->value, 'part' => $p->part->value], $group->places);
        $pot = $this->open($id, ['places' => $places, 'planned' => true]);
        self::assertTrue($pot->planned);
        self::assertSame($group->coats, $pot->need->coats);
        self::assertCount(2 * $group->coats, $pot->coats, 'on either half, from one pot (O-19)');
        self::assertEqualsWithDelta($group->ml, array_sum(array_map(static fn ($c): float => $c->ml, $pot->coats)), 0.2);
        self::assertGreaterThanOrEqual($group->ml, $pot->need->layMl, 'with what stays in the tool');
        $short = $this->change($pot, 'PUT', 'recipe', ['drops' => ['straw' => 30]]);
        self::assertNotNull($short->shortMl, 'said before it is mixed');
        $pot = $this->change($short, 'PUT', 'amount', ['ml' => $short->need->layMl + $short->need->keepMl]);
        self::assertNull($pot->shortMl);
        $pot = $this->portion($pot, 'straw', 'ml', round($pot->due[0]->ml, 1));

        $call = $this->workUntil($pot->coats[0]->title);
        $before = $this->must(PotView::class, 'GET', "/api/pots/{$pot->id}");
        self::assertSame([$pot->id, true], [$call->pot?->pot, $call->pot?->enough], 'the bench says which pot');
        self::assertEqualsWithDelta($before->coats[0]->ml, $call->pot?->takesMl, 0.06);
        $this->doCall($call);
        $after = $this->must(PotView::class, 'GET', "/api/pots/{$pot->id}");
        self::assertEqualsWithDelta($before->leftMl - $before->coats[0]->ml, $after->leftMl, 0.02, 'the step laid it');
        self::assertTrue($after->coats[0]->done);
        $bench = $this->must(BenchView::class, 'GET', '/api/bench');
        $last = $bench->lastAct;
        self::assertNotNull($last);
        $this->must(BenchView::class, 'POST', "/api/steps/{$last->step}/take-back", ['version' => $last->version]);
        $again = $this->must(PotView::class, 'GET', "/api/pots/{$pot->id}");
        self::assertEqualsWithDelta($before->leftMl, $again->leftMl, 0.02, 'taken back, it is in the pot again');

        // Done once more, what the earlier go laid stays laid when the later one is taken back.
        $step = "/api/steps/{$last->step}";
        $first = $this->now($id, $last->step);
        $this->must(BenchView::class, 'POST', "$step/done", ['version' => $first->version]);
        $this->clock->sleep(60);
        $this->must(BenchView::class, 'POST', "$step/again", ['version' => $this->now($id, $last->step)->version]);
        $this->must(BenchView::class, 'POST', "$step/start", ['version' => $this->now($id, $last->step)->version]);
        $this->clock->sleep(120);
        $this->must(BenchView::class, 'POST', "$step/done", ['version' => $this->now($id, $last->step)->version]);
        $twice = $this->must(PotView::class, 'GET', "/api/pots/{$pot->id}");
        $this->must(BenchView::class, 'POST', "$step/take-back", ['version' => $this->now($id, $last->step)->version]);
        $once = $this->must(PotView::class, 'GET', "/api/pots/{$pot->id}");
        self::assertEqualsWithDelta([$after->leftMl - $before->coats[0]->ml, $after->leftMl], [$twice->leftMl, $once->leftMl], 0.03);
    }

    /** The plan's step as it stands. */
    private function now(int $piece, int $step): StepView
    {
        return self::firstOf($this->must(PlanView::class, 'GET', "/api/pieces/$piece/plan")->steps, static fn (StepView $s): bool => $s->id === $step);
    }

    public function testCoatsAreCountedOverThePartAsItWillBeAndAsItIsReadAnewThen(): void
    {
        $id = $this->recoloured();
        $read = $this->must(PieceColourView::class, 'POST', "/api/pieces/$id/readings", [
            'half' => 'left', 'part' => 'vamp', 'spot' => 'sound', 'source' => 'typed', 'labs' => [[28.0, 9.0, 11.0]],
        ], 201)->readings[0];
        $pot = $this->open($id, ['ground' => $read->id, 'planned' => true, 'coats' => 2]);
        $pot = $this->change($pot, 'PUT', 'recipe', ['drops' => ['plum' => 20, 'beetroot' => 8]]);
        $coats = fn (): CoatsView => $this->must(CoatsView::class, 'GET', "/api/pots/{$pot->id}/coats");
        $ahead = $coats();
        self::assertSame(['its finish taken down', 'where the remover takes colour along'], [$ahead->changes, $ahead->over]);
        $this->workUntil('Take the finish down');
        self::assertSame($ahead->changes, $coats()->changes, 'not yet');
        $this->doCall($this->workUntil('Take the finish down'));
        self::assertSame($ahead->changes, $coats()->changes, 'it was read before that');
        $this->clock->sleep(60);
        $anew = ['half' => 'left', 'part' => 'vamp', 'spot' => 'sound', 'source' => 'typed', 'labs' => [[52.0, 8.0, 15.0]]];
        $this->must(PieceColourView::class, 'POST', "/api/pieces/$id/readings", $anew, 201);
        $now = $coats();
        self::assertSame([null, null], [$now->changes, $now->over], 'read anew, it is as it was read');
        self::assertNotSame($ahead->groundHex, $now->groundHex);
    }

    public function testAPotForOnePlaceGivesACoatThatPlacesShareItsShare(): void
    {
        $id = $this->recoloured();
        $group = $this->must(PieceColourView::class, 'GET', "/api/pieces/$id/colour")->planned[0];
        self::assertGreaterThan(1, \count($group->places));
        $place = $group->places[0];
        $pot = $this->open($id, ['places' => [['half' => $place->half->value, 'part' => $place->part->value]], 'planned' => true]);
        self::assertLessThan(0.95 * $group->ml, array_sum(array_map(static fn ($c): float => $c->ml, $pot->coats)));
        $pot = $this->portion($pot, 'straw', 'ml', round($pot->need->layMl + 1.0, 1));
        $from = $this->workUntil($pot->coats[0]->title)->pot;
        self::assertSame([$pot->id, true], [$from?->pot, $from?->enough]);
        self::assertEqualsWithDelta($pot->coats[0]->ml, $from?->takesMl, 0.06);
    }

    public function testSeveralPartsAreToHaveAColourAndAreRecolouredThatWay(): void
    {
        $id = $this->plannedPair();
        $both = [['half' => 'left', 'part' => 'toe'], ['half' => 'right', 'part' => 'toe']];
        $colour = $this->must(PieceColourView::class, 'POST', "/api/pieces/$id/wanted-colours", ['places' => $both, 'shade' => 'navy', 'gloss' => 'glow'], 201);
        $wanted = array_values(array_filter($colour->readings, static fn ($r): bool => ReadSpot::Wanted === $r->spot));
        self::assertSame(['navy', 'navy'], array_map(static fn ($r): string => $r->whereabouts, $wanted));
        $parts = array_filter($this->must(PieceView::class, 'GET', "/api/pieces/$id")->parts, static fn ($p): bool => 'toe' === $p->part->value);
        self::assertCount(2, $parts);
        foreach ($parts as $part) {
            self::assertSame(['recolour', 'navy', 'glow'], [$part->agreed?->aim->value, $part->agreed?->newShade?->value, $part->agreed?->gloss->value]);
        }
        // As the vamp was read; then as a pot that was mixed.
        $pot = $this->mixed(['straw' => 30, 'brick' => 10]);
        $read = $this->must(PieceColourView::class, 'POST', "/api/pieces/$id/readings", [
            'half' => 'left', 'part' => 'vamp', 'spot' => 'sound', 'source' => 'typed', 'labs' => [[38.0, 12.0, 17.0]],
        ], 201)->readings[0];
        $toe = ['places' => [$both[0]]];
        $like = $this->must(PieceColourView::class, 'POST', "/api/pieces/$id/wanted-colours", $toe + ['reading' => $read->id], 201)->readings[0];
        self::assertEquals($read->seen->lab, $like->seen->lab);
        $as = $this->must(PieceColourView::class, 'POST', "/api/pieces/$id/wanted-colours", $toe + ['pot' => $pot->id], 201)->readings[0];
        self::assertStringContainsString('Vamp', $as->whereabouts);
        self::assertNotNull($pot->now);
        self::assertGreaterThan($pot->now->seen->lab->l, $as->seen->lab->l, 'a satin finish shows it paler than the wet-looking film');
        // A pot matches it, over what is there.
        $mixed = $this->must(PotView::class, 'POST', '/api/pots', ['name' => 'Toes', 'target' => $like->id, 'ground' => $read->id, 'places' => $both], 201);
        self::assertSame(['left toe', 'right toe'], $mixed->places);
        // Read since, it is held against it.
        $now = $this->must(PieceColourView::class, 'POST', "/api/pieces/$id/readings", [
            'half' => 'left', 'part' => 'toe', 'spot' => 'sound', 'source' => 'typed', 'labs' => [[38.5, 12.0, 17.0]],
        ], 201);
        self::assertNotSame([], array_filter($now->pairs, static fn ($p): bool => str_contains($p->what, 'against the wanted colour')));
        foreach ([['places' => []], [], ['pot' => 99999], ['reading' => 99999], ['labs' => [[1.0]]]] as $wrong) {
            self::assertContains($this->ask('POST', "/api/pieces/$id/wanted-colours", $wrong + ['places' => $both]), [404, 422]);
        }
        $wrong = ['half' => 'left', 'part' => 'toe', 'spot' => 'wanted', 'source' => 'typed', 'labs' => [[38.5, 12.0, 17.0]]];
        $this->refused(422, 'POST', "/api/pieces/$id/readings", $wrong);
    }

    public function testWhatADabShowedIsPromisedOfTheNextPotAndTheLabelSaysWhatItIsMixedFrom(): void
    {
        $first = $this->mixed(['straw' => 60, 'brick' => 20]);
        self::assertNotNull($first->now);
        $dabbed = $this->change($first, 'POST', 'dabs', ['measured' => [$this->film(['straw' => 60, 'brick' => 26])]]);
        self::assertNotNull($dabbed->now);
        $second = $this->mixed(['straw' => 60, 'brick' => 20]);
        self::assertNotNull($second->now);
        $really = Lab::of($dabbed->dabs[0]->seen->lab->l, $dabbed->dabs[0]->seen->lab->a, $dabbed->dabs[0]->seen->lab->b);
        $of = static fn (PotView $pot): Lab => Lab::of($pot->now->seen->lab->l ?? 0.0, $pot->now->seen->lab->a ?? 0.0, $pot->now->seen->lab->b ?? 0.0);
        $off = Difference::ciede2000($really, $of($second));
        self::assertLessThan(0.9 * Difference::ciede2000($really, $of($first)), $off, 'nearer to what the first one showed');
        $label = $this->must(PotLabelView::class, 'GET', "/api/pots/{$second->id}/label");
        self::assertSame(['The Lantern Players', 'left vamp', 'satin'], [$label->customer, $label->places, $label->finish]);
        self::assertCount(2, $label->lots);
    }

    /**
     * As a reader sees a dab of it.
     *
     * @param array<string, int> $drops
     *
     * @return list<float>
     */
    private function film(array $drops): array
    {
        return Dab::onPaper(Mixture::of(HouseRange::paints(), $drops)->look())->values;
    }

    public function testARecipeDoesWithoutPaintsThatAreLeftStanding(): void
    {
        $pot = $this->open($this->plannedPair());
        $best = $this->must(RecipesView::class, 'GET', "/api/pots/{$pot->id}/recipes")->recipes[0];
        $strongest = $best->drops[0]->code;
        $others = $this->must(RecipesView::class, 'GET', "/api/pots/{$pot->id}/recipes?without=$strongest,of-yesterday")->recipes;
        foreach ($others as $recipe) {
            self::assertNotContains($strongest, array_map(static fn ($d): string => $d->code, $recipe->drops));
        }
        $all = implode(',', array_map(static fn ($p): string => $p->code, $pot->paints));
        self::assertStringContainsString('no paint on the shelf', $this->refused(409, 'GET', "/api/pots/{$pot->id}/recipes?without=$all")->detail);
    }

    public function testARungOfTheLadderGoesIntoThePlan(): void
    {
        $id = $this->plannedPair(aim: 'recolour');
        $chosen = ['parts' => ['vamp'], 'washes' => [['dye' => 'walnut-dye', 'thinner' => 3, 'coats' => 2]], 'applicator' => 'cloth'];
        $dye = self::firstOf($this->must(ColoursView::class, 'GET', '/api/colours')->products, static fn ($p): bool => 'dye' === $p->kind->value)->code;
        $chosen['washes'][0]['dye'] = $dye;
        $said = $this->refused(422, 'POST', "/api/pieces/$id/dye-choices", $chosen)->detail;
        self::assertStringContainsString('Dye does not hold on the vamp, which is pigmented', $said);
        $piece = $this->must(PieceView::class, 'GET', "/api/pieces/$id");
        $vamp = array_map(static fn (string $half): array => ['part' => 'vamp', 'half' => $half], ['left', 'right']);
        $given = ['version' => $piece->version, 'places' => $vamp, 'material' => 'veg-tan', 'certainty' => 'known'];
        $piece = $this->must(PieceView::class, 'PUT', "/api/pieces/$id/parts", $given);
        $wrong = ['washes' => [['dye' => 'of-yesterday', 'thinner' => 3, 'coats' => 2]]] + $chosen;
        $this->refused(422, 'POST', "/api/pieces/$id/dye-choices", $wrong);
        $this->refused(422, 'POST', "/api/pieces/$id/dye-choices", ['washes' => [['dye' => $dye, 'thinner' => 2, 'coats' => 2]]] + $chosen);
        $this->refused(422, 'POST', "/api/pieces/$id/dye-choices", ['washes' => [['dye' => $dye, 'thinner' => 3, 'coats' => 9]]] + $chosen);
        $this->must(PieceColourView::class, 'POST', "/api/pieces/$id/dye-choices", $chosen, 201);
        $version = $this->must(PieceView::class, 'GET', "/api/pieces/$id")->version;
        $plan = $this->must(PlanView::class, 'POST', "/api/pieces/$id/plan", ['version' => $version]);
        $chosenOf = static fn (PlanView $plan): array => array_filter(
            $plan->steps,
            static fn ($s): bool => str_contains($s->why, 'as it was chosen from the ladder'),
        );
        $washes = $chosenOf($plan);
        self::assertCount(4, $washes, 'two on either half');
        self::assertStringContainsString('let down', implode(' ', array_merge(...array_map(static fn ($s): array => $s->supplies, array_values($washes)))));
        $this->must(PieceColourView::class, 'POST', "/api/pieces/$id/dye-choices", ['washes' => []] + $chosen, 201);
        $version = $this->must(PieceView::class, 'GET', "/api/pieces/$id")->version;
        $plan = $this->must(PlanView::class, 'POST', "/api/pieces/$id/plan", ['version' => $version]);
        self::assertSame([], $chosenOf($plan), 'left to the plan again');
    }

    public function testEyesAloneBringAPotToItsTarget(): void
    {
        $pot = $this->open($this->plannedPair(), ['areaDm2' => 2.0]);
        $scale = $this->must(EyeScaleView::class, 'GET', "/api/pots/{$pot->id}/eye");
        self::assertCount(4, $scale->axes);
        self::assertCount(5, $scale->axes[0][0]->hexes);
        $this->refused(422, 'POST', "/api/pots/{$pot->id}/dabs", ['version' => $pot->version, 'eye' => ['lighter' => 1, 'deeper' => 1]]);
        $recipe = $this->must(RecipesView::class, 'GET', "/api/pots/{$pot->id}/recipes")->recipes[0];
        $pot = $this->change($pot, 'PUT', 'recipe', ['drops' => array_column($recipe->drops, 'drops', 'code')]);
        foreach ($pot->due as $due) {
            $pot = $this->portion($pot, $due->code, 'drops', 0.0, $due->drops);
        }
        for ($dab = 1; $dab <= 4; ++$dab) {
            $off = $this->really($pot);
            if ($off < 0.7) {
                break;
            }
            $pot = $this->change($pot, 'POST', 'dabs', ['eye' => $this->seen($pot)]);
            self::assertStringStartsWith('By eye', $pot->dabs[0]->verdict);
            $found = $this->must(CorrectionView::class, 'GET', "/api/pots/{$pot->id}/correction");
            foreach ($found->additions as $add) {
                $pot = $this->portion($pot, $add->code, 'drops', 0.0, $add->drops);
            }
        }
        self::assertLessThan(1.5, $this->really($pot));
        $pot = $this->change($pot, 'POST', 'dabs', ['eye' => []]);
        self::assertTrue($pot->dabs[0]->near, 'no difference to be seen: lay it');
    }

    /** ΔE00 of what is really in the made-up pot from its aim. */
    private function really(PotView $pot): float
    {
        [$aim, $is] = $this->labs($pot);

        return Difference::ciede2000($aim, $is);
    }

    /** @return array{Lab, Lab} */
    private function labs(PotView $pot): array
    {
        $entities = self::getContainer()->get('doctrine')->getManager();
        $stored = $entities->find(StoredPot::class, $pot->id) ?? self::fail('No pot.');
        $entities->refresh($stored);
        $read = self::getContainer()->get(SimulatedBench::class)->spectrum(['is' => 'dab', 'pot' => $pot->id]) ?? self::fail('Nothing to read.');

        return [$stored->aim()->lab(), (new Dab(['x' => 1], $read))->lab()];
    }

    /** @return array<string, int> what an eye says that sees well, one word for the largest part */
    private function seen(PotView $pot): array
    {
        [$aim, $is] = $this->labs($pot);
        $best = [];
        $least = \INF;
        foreach (Off::cases() as $off) {
            foreach (array_keys(EyeDab::STEPS) as $step) {
                $at = EyeDab::of($aim, [$off->value => $step])->lab($aim);
                if (Difference::ciede2000($at, $is) < $least) {
                    $least = Difference::ciede2000($at, $is);
                    $best = [$off->value => $step];
                }
            }
        }

        return $best;
    }

    /** @param array<string, int> $drops */
    private function mixed(array $drops): PotView
    {
        $pot = $this->open($this->plannedPair(), ['areaDm2' => 0.3]);
        $pot = $this->change($pot, 'PUT', 'recipe', ['drops' => $drops]);
        foreach ($drops as $code => $count) {
            $pot = $this->must(PotView::class, 'POST', "/api/pots/{$pot->id}/drops", ['code' => $code, 'drops' => $count]);
        }

        return $pot;
    }

    private function portion(PotView $pot, string $code, string $by, float $amount, int $drops = 0): PotView
    {
        return $this->must(PotView::class, 'POST', "/api/pots/{$pot->id}/portions", ['code' => $code, 'by' => $by, 'amount' => $amount, 'drops' => $drops]);
    }

    /** @param array<string, mixed> $more */
    private function open(int $piece, array $more = []): PotView
    {
        $colour = $this->must(PieceColourView::class, 'POST', "/api/pieces/$piece/readings", [
            'half' => 'left', 'part' => 'vamp', 'spot' => 'sound', 'source' => 'typed', 'labs' => [[45.0, 18.0, 30.0]],
        ], 201);

        return $this->must(PotView::class, 'POST', '/api/pots', ['name' => 'Vamp', 'target' => $colour->readings[0]->id] + $more, 201);
    }

    /** @param array<string, mixed> $body */
    private function change(PotView $pot, string $method, string $what, array $body): PotView
    {
        return $this->must(PotView::class, $method, "/api/pots/{$pot->id}/$what", ['version' => $pot->version] + $body);
    }

    /** @param array<string, mixed> $body */
    private function refusedBy(PotView $pot, string $method, string $what, array $body): string
    {
        return $this->refused(409, $method, "/api/pots/{$pot->id}/$what", ['version' => $pot->version] + $body)->detail;
    }

    /** A pair that is painted anew, planned. */
    private function recoloured(): int
    {
        $id = $this->plannedPair(aim: 'recolour');
        $piece = $this->must(PieceView::class, 'GET', "/api/pieces/$id");
        $this->must(PieceView::class, 'PUT', "/api/pieces/$id/agreement", [
            'version' => $piece->version, 'aim' => 'recolour', 'gloss' => 'satin', 'patina' => 'keep', 'newShade' => 'navy',
        ]);
        $piece = $this->must(PieceView::class, 'GET', "/api/pieces/$id");
        $this->must(PlanView::class, 'POST', "/api/pieces/$id/plan", ['version' => $piece->version]);

        return $id;
    }

    private function left(string $code): float
    {
        $pot = $this->must(ColoursView::class, 'GET', '/api/colours');

        return self::firstOf($pot->products, static fn ($p): bool => $p->code === $code)->leftMl;
    }

    private function density(string $code): float
    {
        $row = Row::first($this->connection(), 'SELECT density_g_per_ml FROM product WHERE code = ?', [$code]);

        return $row?->float('density_g_per_ml') ?? 1.0;
    }
}
