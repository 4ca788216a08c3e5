<?php

declare(strict_types=1);

namespace KindHeel\App\Piece;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\PieceProgress;
use KindHeel\App\Job\Steps;
use KindHeel\App\Job\StoredFinding;
use KindHeel\App\Job\StoredPart;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Job\Tag;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Differences;
use KindHeel\Core\Assessment\Patina;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Assessment\Wish;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Contradiction;
use KindHeel\Core\Material\Finder;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Material\Outcome;
use KindHeel\Core\Material\Trial;
use KindHeel\Core\Product\FamilyId;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

final readonly class PieceReader
{
    private const ODDS_SHOWN = 4;

    public function __construct(private Connection $connection, private EntityManagerInterface $entities)
    {
    }

    /** @throws NotFoundHttpException */
    public function one(int $id): PieceView
    {
        $row = Row::first(
            $this->connection,
            'SELECT p.*, t.customer, t.wish, t.promised_at, t.promised, '.Tag::PLACE.' AS place,
 '.Steps::COUNTED.'
             FROM piece p JOIN ticket t ON t.id = p.ticket_id WHERE p.id = ?',
            [$id],
        );
        $stored = $this->entities->find(StoredPiece::class, $id);
        if (null === $row || null === $stored) {
            throw new NotFoundHttpException();
        }
        $piece = $stored->toCore();

        return new PieceView(
            id: $id,
            version: $row->int('version'),
            name: $row->text('name'),
            kind: $row->enum('kind', Kind::class),
            sizeEu: $row->floatOrNull('size_eu'),
            lengthMm: $row->floatOrNull('length_mm'),
            aim: $row->enum('aim', Aim::class),
            gloss: $row->enum('gloss', Gloss::class),
            patina: $row->enum('patina', Patina::class),
            newShade: $piece->agreed->newShade,
            unwanted: $row->text('unwanted'),
            valueCents: $row->intOrNull('value_cents'),
            replaceCents: $row->intOrNull('replace_cents'),
            state: $progress = PieceProgress::of($row),
            hasPlan: $progress->hasPlan(),
            ticket: $row->int('ticket_id'),
            tag: Tag::of($row->int('ticket_id'), $row->int('place')),
            customer: $row->text('customer'),
            wish: $row->text('wish'),
            promisedAt: Iso::always($row->text('promised_at')),
            promised: $row->flag('promised'),
            parts: self::parts($stored, $piece),
            findings: array_map(self::finding(...), $stored->findings()),
            trials: [] === $piece->trials ? [] : $this->trials($id),
            differences: Differences::of($piece),
            past: $this->past($id, $row),
        );
    }

    /** @return list<PartView> */
    private static function parts(StoredPiece $stored, Piece $piece): array
    {
        $judged = [];

        return array_map(static function (StoredPart $one) use ($piece, &$judged): PartView {
            $part = $one->toCore();
            $at = $part->at;
            $results = $piece->resultsAt($at);
            $asked = Certainty::Known !== $part->certainty || [] !== $results;
            // Parts of the same stuff with the same trials are judged once.
            $key = $asked ? serialize([$piece->kind->materialsFor($at->part), $results, PartName::HeelStack === $at->part]) : '';
            $judged[''] = [[], null, []];
            $judged[$key] ??= self::judge($piece, $at);
            [$odds, $next, $contradictions] = $judged[$key];

            return new PartView(
                half: $at->half,
                part: $at->part,
                material: $part->material,
                certainty: $part->certainty,
                dryness: $part->dryness,
                shade: $part->shade,
                hex: $part->shade->hex(),
                flags: $part->flags,
                wishes: $part->wishes,
                mayWish: array_values(array_filter(Wish::cases(), static fn (Wish $w): bool => $w->suits($part))),
                areaDm2: $part->areaDm2,
                agreed: null === $part->agreed ? null : new AgreedView(
                    $part->agreed->aim,
                    $part->agreed->gloss,
                    $part->agreed->patina,
                    $part->agreed->newShade
                ),
                off: $one->isOff(),
                overruled: $one->isOverruled(),
                odds: $odds,
                nextTrial: $next,
                contradictions: $contradictions,
            );
        }, $stored->parts());
    }

    /** @return array{list<OddsView>, ?Trial, list<string>} the likeliest materials, the trial to do next, what does not go together */
    private static function judge(Piece $piece, Place $at): array
    {
        $belief = $piece->beliefAt($at);

        return [
            array_map(
                static fn (Material $m): OddsView => new OddsView($m, round($belief->of($m), 3)),
                \array_slice($belief->atLeast(0.01), 0, self::ODDS_SHOWN),
            ),
            $piece->nextTrialAt($at)?->trial,
            array_map(
                static fn (Contradiction $c): string => $c->sentence(),
                Finder::contradictions($piece->kind->materialsFor($at->part), $piece->resultsAt($at)),
            ),
        ];
    }

    private static function finding(StoredFinding $stored): FindingView
    {
        $finding = $stored->toCore();

        return new FindingView(
            id: $stored->id() ?? 0,
            half: $finding->at->half,
            part: $finding->at->part,
            kind: $finding->kind,
            label: $finding->kind->label(),
            group: $finding->kind->group(),
            severity: $finding->severity->value,
            lengthMm: $finding->lengthMm,
            widthMm: $finding->widthMm,
            depthMm: $finding->depthMm,
            share: $finding->share,
        );
    }

    /** @return list<TrialView> */
    private function trials(int $id): array
    {
        return array_map(static fn (Row $t): TrialView => new TrialView(
            id: $t->int('id'),
            half: $t->enum('half', Half::class),
            part: $t->enum('part', PartName::class),
            speaksFor: $t->words('speaks_for'),
            trial: $t->enum('trial', Trial::class),
            outcome: $t->enum('outcome', Outcome::class),
            product: $t->enumOrNull('product', FamilyId::class),
            before: self::hex($t->textOrNull('lab_before')),
            after: self::hex($t->textOrNull('lab_after')),
            at: Iso::always($t->text('at')),
            by: $t->text('person'),
        ), Row::all($this->connection, 'SELECT t.*, w.name AS person FROM trial t JOIN person w ON w.id = t.by_id WHERE t.piece_id = ? ORDER BY t.id', [$id]));
    }

    private static function hex(?string $lab): ?string
    {
        $values = null === $lab ? null : json_decode($lab);

        return \is_array($values) && 3 === \count($values) && is_numeric($values[0]) && is_numeric($values[1]) && is_numeric($values[2])
            ? Lab::of((float) $values[0], (float) $values[1], (float) $values[2])->toSrgbHex() : null;
    }

    /** @return list<PastPieceView> */
    private function past(int $id, Row $row): array
    {
        return array_map(
            static fn (Row $p): PastPieceView => new PastPieceView($p->int('id'), $p->text('name'), Tag::of($p->int('ticket_id'), $p->int('place'))),
            Row::all(
                $this->connection,
                'SELECT p.id, p.name, p.ticket_id, '.Tag::PLACE
                    .' AS place FROM piece p JOIN ticket t ON t.id = p.ticket_id WHERE t.customer = ? AND p.kind = ? AND p.id <> ? AND p.assessed > '
                        .'0 ORDER BY p.id DESC LIMIT 8',
                [$row->text('customer'), $row->text('kind'), $id],
            ),
        );
    }
}
