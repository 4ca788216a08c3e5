<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Database\Row;
use KindHeel\App\Measure\MeasuredMarkView;
use KindHeel\App\Measure\MeasuredView;
use KindHeel\App\Measure\MeasureView;
use KindHeel\App\Measure\PartAreaView;
use KindHeel\App\Piece\PieceView;
use KindHeel\App\Plan\PlanView;
use KindHeel\App\Plan\StepView;
use KindHeel\App\Workshop\WorkshopView;

/** Parts and marks measured on a picture in which a card lies beside them. */
final class MeasureTest extends ApiTestCase
{
    /** A card of 85 × 55 mm, seen from straight above at ten pixels a millimetre. */
    private const CARD = [[100, 100], [950, 100], [950, 650], [100, 650]];

    public function testAPartIsMeasuredKeptAndPlannedWith(): void
    {
        $this->signIn();
        [$id, $picture] = $this->photographedPair();
        $before = $this->must(MeasureView::class, 'GET', "/api/pieces/$id/measures");
        self::assertSame([85.0, 55.0], $before->cardMm);
        $planned = $this->part($before, 'vamp');
        self::assertFalse($planned->measured);
        // 200 × 150 mm are three square decimetres.
        $outline = [[1000, 1000], [3000, 1000], [3000, 2500], [1000, 2500]];
        $looked = $this->must(MeasuredView::class, 'POST', "/api/pieces/$id/measures/look", $this->tapped($before->version, $picture, $outline));
        self::assertSame([3.0, 700.0, 250.0, 0.0, null], [$looked->areaDm2, $looked->lengthMm, $looked->longMm, $looked->tiltDeg, $looked->caution]);
        self::assertEquals($before, $this->must(MeasureView::class, 'GET', "/api/pieces/$id/measures"), 'looked at, nothing is kept');
        $kept = $this->must(MeasureView::class, 'POST', "/api/pieces/$id/measures", $this->tapped($before->version, $picture, $outline) + [
            'part' => 'vamp', 'half' => 'left',
        ]);
        $vamp = $this->part($kept, 'vamp');
        self::assertSame([3.0, true, $picture, 4], [$vamp->dm2, $vamp->measured, $vamp->picture, \count($vamp->outline)]);
        self::assertSame($planned->dm2, $this->part($kept, 'vamp', 'right')->dm2, 'the other half is its own');
        $amount = fn (): float => array_sum(array_map(
            static fn (StepView $s): float => str_contains($s->title, 'cream') ? (float) $s->amount : 0.0,
            $this->must(PlanView::class, 'GET', "/api/pieces/$id/plan")->steps,
        ));
        $was = $amount();
        $this->must(PlanView::class, 'POST', "/api/pieces/$id/plan", ['version' => $kept->version]);
        self::assertNotEquals($was, $amount(), 'the amounts go by what was measured');
        $version = $this->must(MeasureView::class, 'GET', "/api/pieces/$id/measures")->version;
        $forgot = $this->must(MeasureView::class, 'DELETE', "/api/pieces/$id/measures", ['version' => $version, 'part' => 'vamp', 'half' => 'left']);
        self::assertSame([$planned->dm2, false], [$this->part($forgot, 'vamp')->dm2, $this->part($forgot, 'vamp')->measured]);
    }

    public function testAMarkAndALengthAreMeasuredTheSameWay(): void
    {
        $this->signIn();
        [$id, $picture] = $this->photographedPair();
        $view = $this->must(MeasureView::class, 'GET', "/api/pieces/$id/measures");
        $length = $this->must(MeasuredView::class, 'POST', "/api/pieces/$id/measures/look", $this->tapped($view->version, $picture, [[0, 0], [300, 400]]));
        self::assertSame([null, 50.0, '50 mm'], [$length->areaDm2, $length->lengthMm, $length->says]);
        $mark = $view->findings[0];
        self::assertSame([12.0, 4.0], [$mark->lengthMm, $mark->widthMm]);
        $scuff = [[0, 0], [240, 0], [240, 70], [0, 70]];
        $kept = $this->must(MeasureView::class, 'POST', "/api/pieces/$id/measures", $this->tapped($view->version, $picture, $scuff) + ['finding' => $mark->id]);
        $measured = self::firstOf($kept->findings, static fn (MeasuredMarkView $m): bool => $m->id === $mark->id);
        // From corner to corner, and across that: what a ruler laid along it says.
        self::assertSame([25.0, 13.4], [$measured->lengthMm, $measured->widthMm]);
        self::assertSame(25.0, $this->must(PieceView::class, 'GET', "/api/pieces/$id")->findings[0]->lengthMm);
    }

    public function testWhatMakesNoSenseIsSaidAndNothingIsStored(): void
    {
        $this->signIn();
        [$id, $picture] = $this->photographedPair();
        $version = $this->must(MeasureView::class, 'GET', "/api/pieces/$id/measures")->version;
        $square = [[1000, 1000], [3000, 1000], [3000, 2500]];
        $crossed = $this->tapped($version, $picture, [[0, 0], [100, 100], [100, 0], [0, 100]]);
        self::assertStringContainsString('crosses itself', $this->refusedAs($id, $crossed));
        $noCard = ['card' => [[0, 0], [10, 0], [5, 2], [0, 10]]];
        self::assertStringContainsString('make no card', $this->refusedAs($id, $noCard + $this->tapped($version, $picture, $square)));
        $half = ['card' => [[0, 0], [10, 0]]];
        self::assertStringContainsString('four corners', $this->refusedAs($id, $half + $this->tapped($version, $picture, $square)));
        self::assertStringContainsString('go round it', $this->refusedAs($id, $this->tapped($version, $picture, [[0, 0], [100, 0]])));
        self::assertSame(404, $this->ask('POST', "/api/pieces/$id/measures", $this->tapped($version, 9999, $square)));
        self::assertSame(0, $this->rows('measured_outline'));
        // Seen too steeply it is measured, and said.
        $steep = $this->must(MeasuredView::class, 'POST', "/api/pieces/$id/measures/look", [
            'card' => [[1500, 1500], [2350, 1500], [2120, 1700], [1730, 1700]],
        ] + $this->tapped($version, $picture, [[1500, 1500], [2300, 1500], [2100, 1690]]));
        self::assertStringContainsString('hold the camera flatter', (string) $steep->caution);
    }

    public function testTheCardOfTheWorkshopMayBeAnother(): void
    {
        $this->signIn();
        [$id, $picture] = $this->photographedPair();
        $card = ['longMm' => 170.0, 'shortMm' => 110.0, 'wasLongMm' => 85.0, 'wasShortMm' => 55.0];
        $view = $this->must(MeasureView::class, 'PUT', "/api/pieces/$id/measures/card", $card);
        self::assertSame([170.0, 110.0], $view->cardMm);
        $outline = [[1000, 1000], [3000, 1000], [3000, 2500], [1000, 2500]];
        $looked = $this->must(MeasuredView::class, 'POST', "/api/pieces/$id/measures/look", $this->tapped($view->version, $picture, $outline));
        self::assertSame(12.0, $looked->areaDm2, 'twice as large, four times the area');
        $this->refused(409, 'PUT', "/api/pieces/$id/measures/card", $card);
        $this->refused(422, 'PUT', "/api/pieces/$id/measures/card", ['longMm' => 5.0, 'wasLongMm' => 170.0, 'wasShortMm' => 110.0] + $card);
        self::assertSame(200, $this->ask('GET', '/api/workshop'));
        self::assertNotSame('', $this->answered(WorkshopView::class)->version);
    }

    /** @param array<string, mixed> $what */
    private function refusedAs(int $id, array $what): string
    {
        return $this->refused(422, 'POST', "/api/pieces/$id/measures", $what + ['part' => 'vamp', 'half' => 'left'])->detail;
    }

    /** @return array{int, int} a planned pair, and a picture of it of 4000 × 3000 pixels */
    private function photographedPair(): array
    {
        $id = $this->plannedPair();
        $this->connection()->executeStatement('UPDATE picture SET width = 4000, height = 3000');

        return [$id, Row::first($this->connection(), 'SELECT MIN(id) AS id FROM picture WHERE piece_id = ?', [$id])?->int('id') ?? 0];
    }

    /**
     * @param list<list<int>> $outline
     *
     * @return array<string, mixed>
     */
    private function tapped(int $version, int $picture, array $outline): array
    {
        return ['version' => $version, 'picture' => $picture, 'card' => self::CARD, 'outline' => $outline];
    }

    private function part(MeasureView $view, string $part, string $half = 'left'): PartAreaView
    {
        return self::firstOf($view->parts, static fn (PartAreaView $p): bool => $p->part->value === $part && $p->half->value === $half);
    }
}
