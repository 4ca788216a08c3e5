<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

use KindHeel\App\Database\Row;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Colour\ColourFamily;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Hazard;
use KindHeel\Core\Product\Phase;
use KindHeel\Core\Product\Station;
use KindHeel\Core\Treatment\Action;
use KindHeel\Core\Treatment\Planning\Supply;

/** Rows of {@see Steps} as values. */
final class StepRows
{
    public static function record(Row $row): StepRecord
    {
        $status = $row->enum('status', StepStatus::class);
        $drying = $row->enumOrNull('drying_family', FamilyId::class);
        $moments = [];
        foreach (StepStatus::Done === $status && null !== $drying ? Stage::cases() : [] as $stage) {
            $moments[$stage->value] = $row->intOrNull($stage->value);
        }

        return new StepRecord(
            id: $row->int('id'),
            version: $row->int('version'),
            piece: $row->int('piece_id'),
            key: $row->text('step_key'),
            position: $row->int('position'),
            title: $row->text('title'),
            phase: $row->enum('phase', Phase::class),
            action: $row->enum('action', Action::class),
            family: $row->enumOrNull('family', FamilyId::class),
            dryingFamily: $drying,
            applicator: $row->enum('applicator', Applicator::class),
            station: $row->enum('station', Station::class),
            brush: $row->enum('brush', ColourFamily::class),
            minutes: $row->float('minutes'),
            waits: StoredWait::of($row),
            work: new WorkRecord(
                $status,
                $row->timeOrNull('started_at'),
                $row->intOrNull('started_by_id'),
                $row->textOrNull('person'),
                $row->timeOrNull('ended_at'),
                $row->int('worked_seconds') / 60.0,
                1 === $row->int('spoiled'),
            ),
            coat: new CoatRecord(
                $moments,
                $row->textOrNull('gate'),
                $row->enumOrNull('gate_from', Stage::class),
                null !== $row->textOrNull('gate_passed_at'),
                $row->int('added_minutes'),
                $row->words('air_warnings'),
            ),
            on: self::places($row),
        );
    }

    public static function glance(Row $row): StepGlance
    {
        return new StepGlance(
            $row->int('id'),
            $row->text('step_key'),
            $row->text('title'),
            $row->enum('status', StepStatus::class),
            $row->flag('arranges'),
            $row->intOrNull('ended') ?? 0,
            $row->int('dries_until'),
            $row->text('waits'),
        );
    }

    public static function detail(Row $row): StepDetail
    {
        /** @var list<array{name: string, amount: float|int|null, unit: string, detail: string}> $supplies */
        $supplies = $row->json('supplies');
        /** @var list<array{rule: string, reason: string, by: string}> $overrides */
        $overrides = $row->json('overrides');

        return new StepDetail(
            step: self::record($row),
            where: $row->text('place_words'),
            why: $row->text('why'),
            how: $row->text('how'),
            coat: $row->int('coat'),
            coats: $row->int('coats'),
            amount: $row->floatOrNull('amount'),
            unit: $row->textOrNull('unit'),
            supplies: array_map(
                static fn (array $s): Supply => new Supply($s['name'], null === $s['amount'] ? null : (float) $s['amount'], $s['unit'], $s['detail']),
                $supplies,
            ),
            shade: $row->enumOrNull('shade', Shade::class),
            tries: array_map(FamilyId::from(...), $row->words('tries')),
            rules: $row->words('rules'),
            hazards: array_map(Hazard::from(...), $row->words('hazards')),
            cautions: $row->words('cautions'),
            overrides: $overrides,
            notes: null === $row->textOrNull('notes') ? [] : $row->words('notes'),
        );
    }

    /** @return list<Place> */
    private static function places(Row $row): array
    {
        /** @var list<array{part: string, half: string}> $places */
        $places = $row->json('places');

        return array_map(static fn (array $p): Place => new Place(PartName::from($p['part']), Half::from($p['half'])), $places);
    }
}
