<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\PieceFamily;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Assessment\Patina;
use KindHeel\Core\Colour\ColorimetryTable;
use KindHeel\Core\Colour\ColourFamily;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Illuminant;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Observer;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Material\Outcome;
use KindHeel\Core\Material\Trial;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Hazard;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Wish\School;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the core knows by heart, figure by figure and word by word against the tables that it was taken from. */
final class ReferenceDataTest extends TestCase
{
    /** @return iterable<string, array{FamilyId}> */
    public static function families(): iterable
    {
        foreach (FamilyId::cases() as $id) {
            yield $id->value => [$id];
        }
    }

    #[DataProvider('families')]
    public function testAFamilyOfProductIsAsItsTableHasIt(FamilyId $id): void
    {
        $row = array_column(self::rows('families', 'families'), null, 'id')[$id->value] ?? self::fail('It is in no table.');
        $family = Family::of($id);
        $drying = $family->drying;
        self::assertEquals($row, [
            'id' => $id->value,
            'dries_by' => $drying->driesBy?->value,
            'full_by' => $drying->fullBy?->value,
            'touch_minutes' => $drying->touchMinutes,
            'recoat_from_minutes' => $drying->recoatFromMinutes,
            'recoat_until_minutes' => $drying->recoatUntilMinutes,
            'next_minutes' => $drying->nextMinutes,
            'full_minutes' => $drying->fullMinutes,
            'use_per_m2' => $family->usePerM2,
            'unit' => $family->unit->value,
            'thickness_exponent' => $drying->thicknessExponent,
            'film' => $drying->film,
            'carries_colour' => $family->does(Effect::Colours),
            'warm_air_allowed' => $family->does(Effect::TakesWarmAir),
            'lays_fat' => $family->does(Effect::LaysFat),
            'min_temp_c' => $drying->minTempC,
            'max_rh' => $drying->maxRh,
            'hazards' => array_map(static fn (Hazard $h): string => $h->value, $family->hazards),
        ]);
    }

    public function testObserversAndLightsAreThoseOfTheirTables(): void
    {
        $data = self::file('colorimetry');
        self::assertSame([$data['start'], $data['step'], $data['count']], [ColorimetryTable::START_NM, ColorimetryTable::STEP_NM, ColorimetryTable::COUNT]);
        foreach (self::rows('colorimetry', 'observers') as $observer => $bars) {
            self::assertIsArray($bars);
            self::assertEquals([$bars['x'], $bars['y'], $bars['z']], ColorimetryTable::MATCHING[$observer] ?? null, (string) $observer);
        }
        foreach (self::rows('colorimetry', 'illuminants') as $light => $power) {
            self::assertIsArray($power);
            self::assertEquals($power['values'], ColorimetryTable::POWER[$light] ?? null, (string) $light);
        }
        foreach (self::rows('colorimetry', 'white') as $light => $whites) {
            self::assertIsArray($whites);
            foreach ($whites as $observer => $white) {
                $here = Light::of(Illuminant::from((string) $light), Observer::from((string) $observer))->white;
                self::assertIsArray($white);
                self::assertEqualsWithDelta(array_values($white), [$here->x, $here->y, $here->z], 5e-4, "$light $observer");
            }
        }
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function words(): iterable
    {
        yield 'halves' => ['halves', self::values(Half::cases())];
        yield 'materials' => ['materials', self::values(Material::cases())];
        yield 'flags' => ['flags', self::values(Flag::cases())];
        yield 'certainty' => ['certainty', self::values(Certainty::cases())];
        yield 'dryness' => ['dryness', self::values(Dryness::cases())];
        yield 'findings' => ['findings', self::values(FindingKind::cases())];
        yield 'aims' => ['aims', self::values(Aim::cases())];
        yield 'gloss' => ['gloss', self::values(Gloss::cases())];
        yield 'patina' => ['patina', self::values(Patina::cases())];
        yield 'phases' => ['phases', self::values(Phase::cases())];
        yield 'trials' => ['trials', self::values(Trial::cases())];
        yield 'applicators' => ['applicators', self::values(Applicator::cases())];
        yield 'families of colour' => ['colour_families', self::values(ColourFamily::cases())];
        yield 'schools' => ['schools', self::values(School::cases())];
        yield 'families of pieces' => ['families', self::values(PieceFamily::cases())];
    }

    /** @param list<string> $ours */
    #[DataProvider('words')]
    public function testWordsAreThoseOfTheTrade(string $list, array $ours): void
    {
        $theirs = self::rows('vocabulary', $list);
        self::assertEqualsCanonicalizing(array_is_list($theirs) ? $theirs : array_keys($theirs), $ours);
    }

    public function testEveryKindHasThePartsOfItsFamilyAndEverySchoolItsSides(): void
    {
        foreach (self::rows('vocabulary', 'families') as $family => $kinds) {
            $ours = array_filter(Kind::cases(), static fn (Kind $k): bool => $k->family()->value === $family);
            $names = array_map(static fn (Kind $k): string => substr(strstr($k->value, '/') ?: '', 1), $ours);
            self::assertEqualsCanonicalizing($kinds, $names, (string) $family);
            $parts = array_merge(...array_map(static fn (Kind $k): array => self::values($k->parts()), array_values($ours)));
            self::assertEqualsCanonicalizing(self::rows('vocabulary', 'parts')[$family], array_values(array_unique($parts)), (string) $family);
        }
        foreach (School::cases() as $school) {
            self::assertEqualsCanonicalizing(self::rows('vocabulary', 'schools')[$school->value], array_keys($school->sides()), $school->value);
        }
        self::assertContains('vamp', self::values(PartName::cases()));
    }

    public function testWhatIsDoneAndWhatCameOfATrialGoByNamesOfTheTrade(): void
    {
        foreach (Action::cases() as $action) {
            self::assertContains($action->value, ['lay', ...self::rows('vocabulary', 'actions')]);
        }
        foreach (self::rows('vocabulary', 'trial_outcomes') as $outcome) {
            self::assertContains($outcome, self::values(Outcome::cases()));
        }
    }

    /**
     * @param array<\BackedEnum> $cases
     *
     * @return list<string>
     */
    private static function values(array $cases): array
    {
        return array_map(static fn (\BackedEnum $c): string => (string) $c->value, array_values($cases));
    }

    /** @return array<mixed> */
    private static function file(string $name): array
    {
        $data = json_decode((string) file_get_contents(\dirname(__DIR__)."/data/$name.json"), true, flags: \JSON_THROW_ON_ERROR);
        self::assertIsArray($data);

        return $data;
    }

    /** @return array<mixed> */
    private static function rows(string $file, string $list): array
    {
        $rows = self::file($file)[$list] ?? null;
        self::assertIsArray($rows, $list);

        return $rows;
    }
}
