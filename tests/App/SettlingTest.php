<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Bench\BellView;
use KindHeel\App\Bench\BenchView;
use KindHeel\App\Bench\RackPieceView;
use KindHeel\App\Colour\DyesView;
use KindHeel\App\Colour\PieceColourView;
use KindHeel\App\Colour\RangeDocument;
use KindHeel\App\Colour\SettlingView;
use KindHeel\App\Database\Row;
use KindHeel\App\Piece\PieceView;
use KindHeel\App\Plan\PlanView;
use KindHeel\App\Plan\StepView;
use KindHeel\Core\Colour\Settling\SettlingAdvice;

/** What darkens comes back, partly: watched over two days, beside the untouched half (T-8, W-10). */
final class SettlingTest extends ApiTestCase
{
    private const BEFORE = [46.0, 15.0, 25.0];

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn('ida');
    }

    public function testAPlaceIsReadWetAfterTwoHoursAndNextDay(): void
    {
        $id = $this->plannedPair();
        $this->read($id, 'left', 'sound', self::BEFORE);
        $this->clock->sleep(60);
        $settling = $this->watch($id, 'left', 'conditioner');
        self::assertSame([SettlingAdvice::Read, []], [$settling->advice, $settling->looks]);
        $this->clock->sleep(300);
        $wet = $this->read($id, 'left', 'settling', [37.0, 16.5, 22.0])->settlings[0];
        self::assertSame(SettlingAdvice::Wait, $wet->advice);
        self::assertCount(1, $wet->looks);
        self::assertGreaterThan(strtotime($wet->looks[0]->at), strtotime((string) $wet->lookAt));
        $this->clock->sleep(2 * 3600);
        $two = $this->read($id, 'left', 'settling', [42.5, 15.6, 24.0])->settlings[0];
        self::assertSame(SettlingAdvice::Wait, $two->advice);
        self::assertLessThan($wet->most - $wet->least, $two->most - $two->least, 'surer now');
        $this->clock->sleep(22 * 3600);
        $next = $this->read($id, 'left', 'settling', [45.6, 15.1, 24.9])->settlings[0];
        self::assertSame([SettlingAdvice::GoOn, null], [$next->advice, $next->lookAt]);
        self::assertStringEndsWith('and stays so.', $next->sentence);
        self::assertSame(3, \count($next->looks));
        self::assertLessThan(1.0, abs($next->way[0]->off - $wet->looks[0]->off), 'the curve goes through what was read');
        // What stayed is what others of this leather are held against.
        $other = $this->plannedPair();
        $this->read($other, 'left', 'sound', self::BEFORE);
        $alike = $this->watch($other, 'left', 'conditioner');
        self::assertSame(1, $alike->alike);
        self::assertSame(0, $this->watch($other, 'right', 'oil')->alike, 'another product');
    }

    public function testTheBenchRingsForItAfterTwoHoursAndNextDay(): void
    {
        $id = $this->plannedPair();
        $this->read($id, 'left', 'sound', self::BEFORE);
        $laid = $this->clock->now()->getTimestamp();
        $this->watch($id, 'left', 'conditioner');
        $bells = fn (): array => array_map(
            static fn (BellView $b): float => (strtotime($b->at) - $laid) / 3600.0,
            self::firstOf($this->must(BenchView::class, 'GET', '/api/bench')->rack, static fn (RackPieceView $p): bool => $p->piece === $id)->bells,
        );
        self::assertSame([2.0, 24.0], $bells());
        $this->clock->sleep(600);
        $this->read($id, 'left', 'settling', [38.0, 15.0, 24.0]);
        self::assertSame([2.0, 24.0], $bells(), 'read wet, it is still to be read');
        $this->clock->sleep(2 * 3600);
        $this->read($id, 'left', 'settling', [42.0, 15.0, 24.0]);
        self::assertSame([24.0], $bells());
        $this->clock->sleep(30 * 3600);
        self::assertSame([], $bells(), 'what nobody has read by now rings no more');
    }

    public function testClampsAreLookedAtWhileTheCementCures(): void
    {
        $id = $this->plannedPair();
        $version = $this->must(PieceView::class, 'GET', "/api/pieces/$id")->version;
        $parting = ['part' => 'outsole', 'half' => 'left', 'kind' => 'sole-parting', 'severity' => 2];
        $piece = $this->must(PieceView::class, 'POST', "/api/pieces/$id/findings", self::found($version, $parting));
        $this->must(PlanView::class, 'POST', "/api/pieces/$id/plan", ['version' => $piece->version]);
        $this->doCall($this->workUntil('Coat both faces with cement'));
        $bells = self::firstOf($this->must(BenchView::class, 'GET', '/api/bench')->rack, static fn (RackPieceView $p): bool => $p->piece === $id)->bells;
        self::assertCount(1, $bells);
        self::assertStringStartsWith('Look at the clamps', $bells[0]->words);
        self::assertSame(3600, strtotime($bells[0]->at) - $this->clock->now()->getTimestamp());
    }

    public function testAReadingOnItsWayIsNoReadingOfTheFinishedColour(): void
    {
        $id = $this->plannedPair(aim: 'recolour');
        $step = $this->workUntil('Read the finished colour')->step->id;
        $status = fn (): string => self::firstOf(
            $this->must(PlanView::class, 'GET', "/api/pieces/$id/plan")->steps,
            static fn (StepView $s): bool => $s->id === $step,
        )->status->value;
        $this->read($id, 'left', 'settling', self::BEFORE);
        self::assertSame('open', $status());
        $this->read($id, 'left', 'sound', self::BEFORE);
        self::assertSame('done', $status());
    }

    public function testWhatTheUntouchedHalfDoesMeanwhileIsTakenOff(): void
    {
        $id = $this->plannedPair();
        $this->read($id, 'left', 'sound', self::BEFORE);
        $this->read($id, 'right', 'sound', self::BEFORE);
        $this->watch($id, 'left', 'oil');
        $this->clock->sleep(26 * 3600);
        // The lamp of the day makes both halves two darker.
        $this->read($id, 'right', 'sound', [44.0, 15.0, 25.0]);
        $beside = $this->read($id, 'left', 'settling', [39.0, 15.0, 25.0])->settlings[0];
        self::assertTrue($beside->beside);
        $id = $this->plannedPair();
        $this->read($id, 'left', 'sound', self::BEFORE);
        $this->watch($id, 'left', 'oil');
        $this->clock->sleep(26 * 3600);
        $alone = $this->read($id, 'left', 'settling', [41.0, 15.0, 25.0])->settlings[0];
        self::assertFalse($alone->beside);
        self::assertEqualsWithDelta($alone->looks[0]->off, $beside->looks[0]->off, 0.05);
    }

    public function testADyeThatWasChosenForThePartIsKnownToLieThere(): void
    {
        self::getContainer()->get(RangeDocument::class)->take((string) file_get_contents(\dirname(__DIR__, 2).'/demo/house-range.json'));
        $id = $this->plannedPair();
        $version = $this->must(PieceView::class, 'GET', "/api/pieces/$id")->version;
        $vamp = [['half' => 'left', 'part' => 'vamp'], ['half' => 'right', 'part' => 'vamp']];
        $known = ['version' => $version, 'places' => $vamp, 'material' => 'veg-tan', 'certainty' => 'known'];
        $this->must(PieceView::class, 'PUT', "/api/pieces/$id/parts", $known);
        $chosen = ['parts' => ['vamp'], 'washes' => [['dye' => 'russet', 'thinner' => 3, 'coats' => 2]], 'applicator' => 'cloth'];
        $this->must(PieceColourView::class, 'POST', "/api/pieces/$id/dye-choices", $chosen, 201);
        $this->read($id, 'left', 'sound', self::BEFORE);
        self::assertSame('russet', $this->watch($id, 'left', 'resin')->dye);
        $read = $this->must(PieceColourView::class, 'GET', "/api/pieces/$id/colour")->readings[0]->id;
        $toe = ['half' => 'left', 'part' => 'toe', 'family' => 'resin', 'before' => $read];
        self::assertNull($this->must(PieceColourView::class, 'POST', "/api/pieces/$id/settlings", $toe, 201)->settlings[0]->dye);
    }

    public function testNothingIsWatchedOfWhichNobodyKnowsWhatItWas(): void
    {
        $id = $this->plannedPair();
        $vamp = ['half' => 'left', 'part' => 'vamp', 'family' => 'oil'];
        self::assertStringContainsString('read the other half', $this->refused(422, 'POST', "/api/pieces/$id/settlings", $vamp)->detail);
        $this->read($id, 'right', 'sound', self::BEFORE);
        self::assertStringContainsString('does not darken', $this->refused(422, 'POST', "/api/pieces/$id/settlings", ['family' => 'paint'] + $vamp)->detail);
        $this->refused(422, 'POST', "/api/pieces/$id/settlings", ['dye' => 'nobody-knows-it'] + $vamp);
        $this->refused(422, 'POST', "/api/pieces/$id/settlings", ['minutesAgo' => -5] + $vamp);
        $this->refused(422, 'POST', "/api/pieces/$id/settlings", ['before' => 999999] + $vamp);
        $settling = $this->watch($id, 'left', 'oil');
        self::assertSame([], $this->must(PieceColourView::class, 'DELETE', "/api/settlings/{$settling->id}")->settlings, 'watched by mistake');
        $this->refused(404, 'DELETE', "/api/settlings/{$settling->id}");
    }

    public function testWhatHasJustBeenLaidMayBeWatched(): void
    {
        $id = $this->plannedPair();
        $this->read($id, 'left', 'sound', self::BEFORE);
        $this->clock->sleep(60);
        self::assertSame([], $this->must(PieceColourView::class, 'GET', "/api/pieces/$id/colour")->mayDarken);
        $wiped = $this->workUntil('Wipe with a barely damp cloth');
        $this->doCall($wiped);
        self::assertSame([], $this->must(PieceColourView::class, 'GET', "/api/pieces/$id/colour")->mayDarken, 'a damp cloth dries, and that is all');
        $call = $this->workUntil('Lay chestnut cream');
        $this->doCall($call);
        $colour = $this->must(PieceColourView::class, 'GET', "/api/pieces/$id/colour");
        self::assertSame([$call->step->id], array_map(static fn ($d): int => $d->step, $colour->mayDarken));
        $places = array_map(static fn ($p): string => $p->half->value.' '.$p->part->value, $colour->mayDarken[0]->places);
        sort($places);
        self::assertSame(['left vamp', 'right vamp'], $places, 'those of which something is known');
        $this->watch($id, 'left', (string) $call->step->family?->value);
        $left = $this->must(PieceColourView::class, 'GET', "/api/pieces/$id/colour")->mayDarken[0];
        self::assertSame(['right'], array_map(static fn ($p): string => $p->half->value, $left->places));
    }

    public function testWhatAFinishDoesToADyeIsUsedInTheNextLadder(): void
    {
        self::getContainer()->get(RangeDocument::class)->take((string) file_get_contents(\dirname(__DIR__, 2).'/demo/house-range.json'));
        $id = $this->plannedPair();
        $ground = $this->read($id, 'left', 'sound', [70.0, 8.0, 25.0])->readings[0]->id;
        $ladder = fn (): DyesView => $this->must(DyesView::class, 'GET', "/api/dyes/$ground?applicator=cloth");
        $before = $ladder();
        $dry = $this->must(DyesView::class, 'GET', "/api/dyes/$ground?applicator=cloth&look=dry");
        self::assertNotSame($dry->ladders[0]->rungs[0]->hex, $before->ladders[0]->rungs[0]->hex, 'shown as it will be under its finish');
        $dye = $before->ladders[0]->code;
        $this->clock->sleep(60);
        $this->must(PieceColourView::class, 'POST', "/api/pieces/$id/settlings", [
            'half' => 'left', 'part' => 'vamp', 'family' => 'resin', 'dye' => $dye, 'before' => $ground,
        ], 201);
        foreach ([600, 2 * 3600, 24 * 3600] as $seconds) {
            $this->clock->sleep($seconds);
            $this->read($id, 'left', 'settling', [52.0, 9.0, 26.0]);
        }
        $row = Row::first($this->connection(), 'SELECT stayed, deepened FROM settling ORDER BY id DESC LIMIT 1');
        self::assertGreaterThan(0.8, $row?->float('stayed'));
        self::assertGreaterThan(1.5, $row?->float('deepened'));
        $after = $ladder();
        $lightness = static fn (string $hex): float => hexdec(substr($hex, 1, 2)) + hexdec(substr($hex, 3, 2)) + hexdec(substr($hex, 5, 2));
        self::assertLessThan($lightness($before->ladders[0]->rungs[0]->hex), $lightness($after->ladders[0]->rungs[0]->hex), 'it is expected deeper now');
        self::assertSame($before->ladders[1]->rungs[0]->hex, $after->ladders[1]->rungs[0]->hex, 'of this dye alone');
    }

    /** @param array{float, float, float} $lab */
    private function read(int $id, string $half, string $spot, array $lab): PieceColourView
    {
        return $this->must(PieceColourView::class, 'POST', "/api/pieces/$id/readings", [
            'half' => $half, 'part' => 'vamp', 'spot' => $spot, 'source' => 'typed', 'labs' => [$lab],
        ], 201);
    }

    private function watch(int $id, string $half, string $family): SettlingView
    {
        $given = ['half' => $half, 'part' => 'vamp', 'family' => $family];

        return $this->must(PieceColourView::class, 'POST', "/api/pieces/$id/settlings", $given, 201)->settlings[0];
    }
}
