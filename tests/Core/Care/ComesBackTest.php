<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Care;

use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Care\Cause;
use KindHeel\Core\Care\Fault;
use KindHeel\Core\Care\JobProfile;
use KindHeel\Core\Care\LikelyCauses;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Material;
use PHPUnit\Framework\TestCase;

/** Why something came back, and which jobs were like it. */
final class ComesBackTest extends TestCase
{
    public function testTheUsualCauseComesFirstUnlessTheRecordShowsAnother(): void
    {
        self::assertSame(Cause::FatBelow, LikelyCauses::of(Fault::Peels, [])[0][0]);
        [$first, $second] = LikelyCauses::of(Fault::Peels, [Cause::NotKeyed]);
        self::assertSame([Cause::NotKeyed, true], [$first[0], $first[2]]);
        self::assertSame([Cause::FatBelow, false], [$second[0], $second[2]]);
        self::assertSame(Cause::FatBelow, LikelyCauses::of(Fault::Peels, [Cause::DampAir])[0][0], 'what has nothing to do with it changes nothing');
    }

    public function testTogetherTheyAreAll(): void
    {
        foreach (Fault::cases() as $fault) {
            foreach ([[], [$fault->causes()[0]], $fault->causes()] as $shown) {
                $likely = LikelyCauses::of($fault, $shown);
                self::assertEqualsWithDelta(1.0, array_sum(array_column($likely, 1)), 1e-9);
                self::assertSame(array_column($likely, 1), (static function (array $shares): array {
                    rsort($shares);

                    return $shares;
                })(array_column($likely, 1)));
            }
        }
    }

    public function testTheLikestJobIsTheOneThatSharesMost(): void
    {
        $asked = new JobProfile(1, Kind::Derby, [Material::Aniline], [FindingKind::Scuff, FindingKind::WaterRing]);
        $same = new JobProfile(2, Kind::Derby, [Material::Aniline], [FindingKind::Scuff, FindingKind::WaterRing]);
        $kin = new JobProfile(3, Kind::Oxford, [Material::Aniline], [FindingKind::Scuff]);
        $other = new JobProfile(4, Kind::Satchel, [Material::VegTan], [FindingKind::Ink]);
        $found = $asked->nearest([$other, $kin, $same, $asked], 2);
        self::assertSame([2, 3], array_map(static fn (array $f): int => $f[0]->id, $found));
        self::assertSame(1.0, $found[0][1]);
        self::assertSame(0.0, $asked->likeness($other));
        self::assertSame($asked->likeness($kin), $kin->likeness($asked));
    }
}
