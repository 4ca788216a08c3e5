<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use KindHeel\Core\Care\Cause;
use KindHeel\Core\Care\Fault;
use KindHeel\Core\Care\LikelyCauses;
use KindHeel\Core\Product\Effect;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Text\FieldError;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** A visit that puts an earlier one right: what failed, why, and which coats, hands and air were concerned. */
final readonly class ComesBack
{
    private const DAMP = 0.70;
    private const COLD = 12.0;
    private const HOUR_S = 3600;

    public function __construct(private EntityManagerInterface $entities, private Connection $connection, private Ledger $ledger)
    {
    }

    /** @throws FieldError */
    public function tie(int $id, CameBackInput $input, Person $by): void
    {
        $piece = $this->entities->find(StoredPiece::class, $id) ?? throw new NotFoundHttpException();
        $visit = $this->entities->find(StoredPiece::class, $input->visit);
        if (null === $visit || $visit === $piece || $visit->passport() !== $piece->passport() || $visit->id() > $piece->id()) {
            throw new FieldError('visit', 'That was no earlier visit of this piece.');
        }
        if (null !== $input->cause && !\in_array($input->cause, $input->fault->causes(), true)) {
            throw new FieldError('cause', \sprintf('“%s” does not come of that.', ucfirst($input->fault->label())));
        }
        $piece->cameBackFrom($visit, $input->fault, $input->cause);
        $this->ledger->piece(Event::Noted, $piece, $by, \sprintf(
            'It came back: %s%s.',
            $input->fault->label(),
            null === $input->cause ? '' : ', by '.$input->cause->label(),
        ));
    }

    public function untie(int $id, Person $by): void
    {
        $piece = $this->entities->find(StoredPiece::class, $id) ?? throw new NotFoundHttpException();
        $piece->cameBackFrom(null, null, null);
        $this->ledger->piece(Event::Noted, $piece, $by, 'It did not come back for what was done before.');
    }

    /** Of the visit that failed: the likely causes, with what its record shows of each, and its coats. */
    public function causes(int $visit, Fault $fault): CausesView
    {
        $coats = Row::all(
            $this->connection,
            "SELECT s.title, s.family, s.started_at, s.ended_at, e.temp_c, e.rh, w.name AS person FROM plan_step s
             LEFT JOIN ledger_entry e ON e.piece_id = s.piece_id AND e.step_key = s.step_key AND e.event = 'done'
             LEFT JOIN person w ON w.id = e.person_id
             WHERE s.piece_id = ? AND s.status = 'done' AND s.family IS NOT NULL ORDER BY s.ended_at, s.position",
            [$visit],
        );
        $signs = $this->signs($visit, $coats);

        return new CausesView(
            array_map(
                static fn (array $l): CauseView => new CauseView($l[0], $l[0]->label(), round($l[1], 3), $signs[$l[0]->value] ?? null),
                LikelyCauses::of($fault, array_map(Cause::from(...), array_keys($signs))),
            ),
            array_map(self::coat(...), array_values(array_filter(
                $coats,
                static fn (Row $r): bool => Family::of($r->enum('family', FamilyId::class))->dries(),
            ))),
        );
    }

    /**
     * What the record of a visit shows, in a sentence for each cause.
     *
     * @param list<Row> $coats
     *
     * @return array<string, string> by {@see Cause}
     */
    private function signs(int $visit, array $coats): array
    {
        $signs = [];
        $degreased = null;
        $pots = [];
        foreach ($coats as $row) {
            $family = Family::of($row->enum('family', FamilyId::class));
            $ended = $row->timeOrNull('ended_at');
            $began = $row->timeOrNull('started_at') ?? $ended;
            if ($family->does(Effect::Degreases)) {
                $degreased = $ended;
            } elseif (
                $family->does(Effect::Paints) && null !== $began
                && (null === $degreased || $began->getTimestamp() - $degreased->getTimestamp() > self::HOUR_S)
            ) {
                $signs[Cause::NotDegreased->value] ??= null === $degreased
                    ? 'Nothing was degreased before the first film.'
                    : \sprintf('“%s” began more than an hour after it was degreased.', $row->text('title'));
            }
            $degreased = $family->does(Effect::Paints) ? $ended : $degreased;
            $rh = $row->floatOrNull('rh');
            $temp = $row->floatOrNull('temp_c');
            if ($family->does(Effect::BuildsFilm) && null !== $rh && ($rh > 1.0 ? $rh / 100.0 : $rh) > self::DAMP) {
                $signs[Cause::DampAir->value] ??= \sprintf('“%s” was laid in damp air.', $row->text('title'));
            }
            if (null !== $temp && $temp < self::COLD && $family->dries()) {
                $cause = $family->does(Effect::LaysFat) ? Cause::WaxInCold : Cause::Cold;
                $signs[$cause->value] ??= \sprintf('“%s” was laid at %.0f °C.', $row->text('title'), $temp);
            }
        }
        foreach (Row::all(
            $this->connection,
            "SELECT e.text FROM ledger_entry e WHERE e.piece_id = ? AND e.event = 'overridden' ORDER BY e.id LIMIT 20",
            [$visit],
        ) as $row) {
            if (str_contains($row->text('text'), 'O-27')) {
                $signs[Cause::TapeLate->value] = $row->text('text');
            }
            if (str_contains($row->text('text'), 'O-29')) {
                $signs[Cause::FlexedEarly->value] = $row->text('text');
            }
        }
        foreach (Row::all(
            $this->connection,
            "SELECT DISTINCT e.pot_id FROM pot_event e JOIN plan_step s ON s.id = e.step_id WHERE s.piece_id = ? AND e.kind = 'laid'",
            [$visit],
        ) as $row) {
            $pots[] = $row->int('pot_id');
        }
        if (\count($pots) > 1) {
            $signs[Cause::OtherPot->value] = \sprintf('Its coats came from %d pots.', \count($pots));
        }

        return $signs;
    }

    private static function coat(Row $row): string
    {
        $temp = $row->floatOrNull('temp_c');
        $rh = $row->floatOrNull('rh');

        return implode(', ', array_filter([
            $row->text('title'),
            null === $row->textOrNull('person') ? null : 'by '.$row->text('person'),
            Iso::of($row->timeOrNull('ended_at')),
            null === $temp || null === $rh ? null : \sprintf('%.0f °C and %.0f %%', $temp, $rh > 1.0 ? $rh : 100.0 * $rh),
        ], static fn (?string $said): bool => null !== $said));
    }
}
