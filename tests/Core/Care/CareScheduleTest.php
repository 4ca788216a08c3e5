<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Care;

use KindHeel\Core\Anatomy\PieceFamily;
use KindHeel\Core\Care\CareDue;
use KindHeel\Core\Care\CareKind;
use KindHeel\Core\Care\CareSchedule;
use KindHeel\Core\Care\CareUse;
use KindHeel\Core\Care\WornFor;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Text\FieldError;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What a piece needs next, and when. */
final class CareScheduleTest extends TestCase
{
    private const HOME = '2026-03-03';

    public function testBootsForWorkAreFedEveryFewWeeksAndTheBestOnesTwiceAYear(): void
    {
        $work = $this->due(PieceFamily::Boot, [Material::Waxy], CareUse::of(5.0, WornFor::Work));
        self::assertSame([13, '2026-03-16'], [$work['feed']->everyDays, $work['feed']->at->format('Y-m-d')]);
        self::assertArrayNotHasKey('polish', $work, 'nobody polishes what goes back into the mud');
        $best = $this->due(PieceFamily::LowShoe, [Material::Burnished], CareUse::of(1.0, WornFor::Dress));
        self::assertGreaterThan(300, $best['feed']->everyDays);
        self::assertSame(50, $best['polish']->everyDays);
    }

    public function testRidingBootsAreFedAfterEachSweat(): void
    {
        self::assertSame(1, $this->due(PieceFamily::TallBoot, [Material::Aniline], CareUse::of(7.0, WornFor::Riding))['feed']->everyDays);
        self::assertSame(3, $this->due(PieceFamily::TallBoot, [Material::Aniline], CareUse::of(2.0, WornFor::Riding))['feed']->everyDays);
    }

    public function testWhatHasNapIsBrushedAndProtectedAndNotFed(): void
    {
        $suede = $this->due(PieceFamily::LowShoe, [Material::Suede], CareUse::of(3.0, wet: true));
        self::assertSame(['brush', 'protect', 'sole-check', 'wipe'], self::sorted(array_keys($suede)));
        self::assertStringContainsString('one direction', $suede['brush']->how);
        self::assertStringNotContainsString('waterproof', $suede['protect']->how);
        self::assertStringContainsString('no more', $suede['protect']->how);
    }

    public function testPatentAndCoatedCanvasAreNeitherSprayedNorFed(): void
    {
        self::assertSame(['sole-check'], array_keys($this->due(PieceFamily::LowShoe, [Material::Patent], CareUse::of(1.0))));
        $canvas = $this->due(PieceFamily::Bag, [Material::CoatedCanvas], CareUse::of(5.0));
        self::assertArrayNotHasKey('protect', $canvas);
        self::assertArrayNotHasKey('feed', $canvas);
    }

    public function testItIsMadeReadyBeforeItIsPutAwayEachYear(): void
    {
        $due = fn (int $month, string $last = self::HOME): string => $this->due(
            PieceFamily::Boot,
            [Material::Aniline],
            CareUse::of(3.0, storedFrom: $month),
            ['store' => new \DateTimeImmutable($last)],
        )['store']->at->format('Y-m-d');
        self::assertSame('2026-05-01', $due(5));
        self::assertSame('2027-02-01', $due(2));
        self::assertSame('2027-05-01', $due(5, '2026-05-01'), 'done, it is due next year');
    }

    public function testMoreAndHarderUseNeverMeansLaterCare(): void
    {
        $random = new Randomizer(new Mt19937(20));
        $materials = Material::cases();
        for ($i = 0; $i < 400; ++$i) {
            $family = PieceFamily::cases()[$random->getInt(0, 6)];
            $outside = [$materials[$random->getInt(0, \count($materials) - 1)]];
            $for = WornFor::cases()[$random->getInt(0, 4)];
            $days = $random->getInt(0, 60) / 10.0;
            [$wet, $salt, $sun] = [(bool) $random->getInt(0, 1), (bool) $random->getInt(0, 1), (bool) $random->getInt(0, 1)];
            $less = $this->due($family, $outside, CareUse::of($days, $for, $wet, $salt, $sun));
            foreach ([
                CareUse::of($days + 1.0, $for, $wet, $salt, $sun), CareUse::of($days, $for, true, $salt, $sun),
                CareUse::of($days, $for, $wet, true, $sun), CareUse::of($days, $for, $wet, $salt, true),
            ] as $more) {
                $then = $this->due($family, $outside, $more);
                foreach ($less as $kind => $due) {
                    self::assertArrayHasKey($kind, $then);
                    self::assertLessThanOrEqual($due->at, $then[$kind]->at, $family->value.' '.$outside[0]->value.' '.$kind);
                }
            }
        }
    }

    public function testWhatWasJustDoneIsNeverDueAtOnce(): void
    {
        $today = new \DateTimeImmutable('2026-06-10 14:20');
        foreach (PieceFamily::cases() as $family) {
            foreach (Material::cases() as $material) {
                foreach (WornFor::cases() as $for) {
                    $done = array_fill_keys(array_column(CareKind::cases(), 'value'), $today);
                    foreach ($this->due($family, [$material], CareUse::of(7.0, $for, true, true, true, true, 6), $done) as $due) {
                        self::assertGreaterThan($today, $due->at, $family->value.' '.$material->value.' '.$due->kind->value);
                        self::assertFalse($due->isMissed($today));
                    }
                }
            }
        }
    }

    public function testWhatIsLateIsSaidToBe(): void
    {
        $feed = $this->due(PieceFamily::Boot, [Material::Aniline], CareUse::usual())['feed'];
        self::assertFalse($feed->isMissed($feed->at));
        self::assertTrue($feed->isMissed($feed->at->modify('+1 day')));
        self::assertEqualsWithDelta(365.0 / $feed->everyDays, $feed->timesAYear(), 1e-9);
    }

    public function testTheSoonestComesFirst(): void
    {
        $due = CareSchedule::of(PieceFamily::Boot, [Material::Aniline], CareUse::of(5.0, wet: true, storedFrom: 5), [], new \DateTimeImmutable(self::HOME));
        $dates = array_map(static fn (CareDue $d): string => $d->at->format('Y-m-d'), $due);
        self::assertSame(self::sorted($dates), $dates);
        self::assertCount(7, $due);
    }

    #[TestWith([-1.0, null])]
    #[TestWith([7.5, null])]
    #[TestWith([\NAN, null])]
    #[TestWith([2.0, 13])]
    #[TestWith([2.0, 0])]
    public function testUseThatCannotBeIsRefused(float $days, ?int $month): void
    {
        $this->expectException(FieldError::class);
        CareUse::of($days, storedFrom: $month);
    }

    /**
     * @param list<Material>                    $outside
     * @param array<string, \DateTimeImmutable> $last
     *
     * @return array<string, CareDue>
     */
    private function due(PieceFamily $family, array $outside, CareUse $use, array $last = []): array
    {
        $found = [];
        foreach (CareSchedule::of($family, $outside, $use, $last, new \DateTimeImmutable(self::HOME)) as $due) {
            $found[$due->kind->value] = $due;
        }

        return $found;
    }

    /**
     * @param list<string> $names
     *
     * @return list<string>
     */
    private static function sorted(array $names): array
    {
        sort($names);

        return $names;
    }
}
