<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Colour\PotReader;
use KindHeel\App\Colour\ReadSpot;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\Passport;
use KindHeel\App\Job\PieceColours;
use KindHeel\App\Job\Tag;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\PlaceWords;
use KindHeel\Core\Care\Cause;
use KindHeel\Core\Care\Fault;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Material\Trial;
use KindHeel\Core\Product\Family;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Text\Phrase;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** A piece over all its visits; as many statements for thirty as for one. */
final readonly class PassportReader
{
    private const READ = 12;

    public function __construct(
        private EntityManagerInterface $entities,
        private Connection $connection,
        private CareFacts $care,
        private CareCost $cost,
        private CareAddress $address,
        private PotReader $pots,
    ) {
    }

    public function one(int $id): PassportView
    {
        return $this->of($this->stored($id));
    }

    public function stored(int $id): Passport
    {
        return $this->find('id', $id);
    }

    public function withCode(string $code): PassportView
    {
        return $this->of($this->find('code', $code));
    }

    /** With its owner, in one statement. */
    private function find(string $by, int|string $what): Passport
    {
        $found = $this->entities
            ->createQuery('SELECT s, o FROM '.Passport::class." s JOIN s.owner o WHERE s.$by = :what")
            ->setParameter('what', $what)
            ->getOneOrNullResult();

        return $found instanceof Passport ? $found : throw new NotFoundHttpException();
    }

    /** The passport of a piece that is or was here. */
    public function withPiece(int $piece): int
    {
        return Row::first($this->connection, 'SELECT passport_id FROM piece WHERE id = ?', [$piece])?->int('passport_id') ?? throw new NotFoundHttpException();
    }

    private function of(Passport $passport): PassportView
    {
        $rows = Row::all(
            $this->connection,
            'SELECT p.id, p.aim, p.collected_at, p.called_off, p.fault, p.cause, t.id AS ticket, t.opened_at, t.wish, t.elsewhere, m.opened_at AS mended,
                    '.Tag::PLACE.' AS place,
                    '.self::picture('before', 'after', 'ASC').' AS came,
                    '.self::picture('after', 'before', 'DESC').' AS went,
                    '.self::picture('owners', 'owners', 'DESC').' AS owners,
                    (SELECT GROUP_CONCAT(DISTINCT f.kind) FROM finding f WHERE f.piece_id = p.id) AS found,
                    (SELECT GROUP_CONCAT(DISTINCT x.trial) FROM trial x WHERE x.piece_id = p.id) AS trials
             FROM piece p JOIN ticket t ON t.id = p.ticket_id LEFT JOIN piece b ON b.id = p.mends_id LEFT JOIN ticket m ON m.id = b.ticket_id
             WHERE p.passport_id = ? ORDER BY p.id DESC',
            [$passport->id()],
        );
        $pieces = array_map(static fn (Row $r): int => $r->int('id'), $rows);
        $use = $passport->use();
        $due = $this->care->of([$passport])[$passport->id()];
        $parts = Row::all(
            $this->connection,
            'SELECT half, part, material, certainty, shade, area_dm2 FROM piece_part WHERE piece_id = ? ORDER BY id',
            [$pieces[0] ?? 0],
        );

        return new PassportView(
            $passport->id(),
            $passport->version(),
            $passport->name(),
            $passport->kind(),
            $passport->owner()->id(),
            $passport->owner()->name(),
            $passport->code(),
            (string) Iso::of($passport->since()),
            PieceColours::among($parts),
            self::made($parts, self::listed(($rows[0] ?? null)?->textOrNull('trials'))),
            $this->visits($rows, $pieces),
            null === $use ? null : new CareUseView($use->daysAWeek, $use->for, $use->wet, $use->salt, $use->sun, $use->darkCloth, $use->storedFrom),
            $this->care->views($due),
            $this->cost->of($passport->kind(), $due),
            $this->read($passport),
            $this->pots->all($pieces)->pots,
            $this->address->of($passport),
            $passport->storedAt(),
            $passport->storedUntil()?->format('Y-m-d'),
        );
    }

    /**
     * @param list<Row> $rows
     * @param list<int> $pieces
     *
     * @return list<VisitView>
     */
    private function visits(array $rows, array $pieces): array
    {
        if ([] === $pieces) {
            return [];
        }
        $done = $this->done($pieces);

        return array_map(static fn (Row $row): VisitView => new VisitView(
            $row->int('id'),
            Tag::of($row->int('ticket'), $row->int('place')),
            Iso::always($row->text('opened_at')),
            Iso::of($row->timeOrNull('collected_at')),
            $row->enum('aim', Aim::class),
            $row->text('wish'),
            $done[$row->int('id')] ?? [],
            array_map(static fn (string $f): string => FindingKind::from($f)->label(), self::listed($row->textOrNull('found'))),
            $row->textOrNull('came'),
            $row->textOrNull('went'),
            $row->textOrNull('owners'),
            null === $row->textOrNull('fault') ? null : $row->enum('fault', Fault::class)->label(),
            null === $row->textOrNull('cause') ? null : $row->enum('cause', Cause::class)->label(),
            Iso::of($row->timeOrNull('mended')),
            null !== $row->textOrNull('called_off'),
            $row->text('elsewhere'),
        ), $rows);
    }

    /**
     * What was laid, by kind of product, each once, in its order.
     *
     * @param list<int> $pieces
     *
     * @return array<int, list<string>> by piece
     */
    public function done(array $pieces): array
    {
        $done = [];
        foreach ([] === $pieces ? [] : Row::all(
            $this->connection,
            "SELECT s.piece_id, s.family, MIN(s.position) AS place FROM plan_step s WHERE s.piece_id IN (?) AND s.status = 'done' AND s.family IS NOT NULL
             GROUP BY s.piece_id, s.family ORDER BY place",
            [$pieces],
            [ArrayParameterType::INTEGER],
        ) as $row) {
            $done[$row->int('piece_id')][] = Family::of($row->enum('family', FamilyId::class))->label;
        }

        return $done;
    }

    /**
     * @param list<Row>    $parts
     * @param list<string> $trials
     *
     * @return list<MadeOfView>
     */
    private static function made(array $parts, array $trials): array
    {
        $places = $areas = [];
        foreach ($parts as $row) {
            $part = $row->enum('part', PartName::class);
            if ($part->isOuter()) {
                $of = $row->text('material').'/'.$row->text('certainty');
                $places[$of][] = new Place($part, $row->enum('half', Half::class));
                $area = $row->floatOrNull('area_dm2');
                $areas[$of] = null === $area ? $areas[$of] ?? null : ($areas[$of] ?? 0.0) + $area;
            }
        }
        $shown = array_map(static fn (string $t): string => Trial::from($t)->label(), $trials);

        return array_map(static function (string $key, array $on) use ($shown, $areas): MadeOfView {
            [$material, $certainty] = explode('/', $key);

            return new MadeOfView(
                PlaceWords::parts($on),
                Material::from($material)->label(),
                Certainty::from($certainty)->value,
                [] === $shown ? null : Phrase::list($shown),
                $areas[$key],
            );
        }, array_keys($places), array_values($places));
    }

    /** @return list<ColourReadView> the last first */
    private function read(Passport $passport): array
    {
        return array_map(static fn (Row $r): ColourReadView => new ColourReadView(
            Phrase::sentence(
                '%s: %s',
                (new Place($r->enum('part', PartName::class), $r->enum('half', Half::class)))->label(),
                $r->enum('spot', ReadSpot::class)->label(),
            ),
            Lab::of($r->float('l'), $r->float('a'), $r->float('b'))->toSrgbHex(),
            round($r->float('l'), 1),
            round($r->float('a'), 1),
            round($r->float('b'), 1),
            Iso::always($r->text('at')),
        ), Row::all(
            $this->connection,
            "SELECT r.half, r.part, r.spot, r.l, r.a, r.b, r.at FROM reading r JOIN piece p ON p.id = r.piece_id
             WHERE p.passport_id = ? AND r.spot <> 'settling' ORDER BY r.id DESC LIMIT ".self::READ,
            [$passport->id()],
        ));
    }

    /** SQL for the address of a picture of a moment, where the piece is `p`: of a place that was pictured at the other moment too, if there is one. */
    private static function picture(string $moment, string $other, string $order): string
    {
        return "(SELECT CONCAT('/api/pictures/', i.id, '/', LEFT(i.digest, 12), '/thumb.jpg') FROM picture i WHERE i.piece_id = p.id AND i.moment = '$moment'
            ORDER BY EXISTS (SELECT 1 FROM picture o WHERE o.piece_id = p.id AND o.moment = '$other' AND o.half <=> i.half AND o.side <=> i.side
                AND o.part <=> i.part) DESC, i.half, i.side, i.part, i.id $order LIMIT 1)";
    }

    /** @return list<string> */
    private static function listed(?string $joined): array
    {
        return null === $joined ? [] : explode(',', $joined);
    }
}
