<?php

declare(strict_types=1);

namespace KindHeel\App\Archive;

use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Row;
use KindHeel\App\Files\FileStore;
use KindHeel\App\Http\Refused;
use KindHeel\App\Settings\WorkshopSettings;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/**
 * One piece over all its visits as an archive, for another workshop: what it is, what was found, planned and done, its colours and pictures. What was agreed on
 * and paid stays with whom it was agreed with, the shelf stays here. Its numbers are of the archive alone, each in the order in which it is first spoken of.
 */
final readonly class WritePiece
{
    private const FORMER = 'a former owner';

    public function __construct(
        private Connection $connection,
        private Kinds $kinds,
        private WorkshopSettings $settings,
        private ArchiveFile $file,
        private FileStore $store,
    ) {
    }

    /**
     * @param int  $passport the piece
     * @param bool $reach    with how its owner can be reached
     *
     * @return string the code of the piece, by which its file may be named
     *
     * @throws Refused               when somebody has it in hand
     * @throws NotFoundHttpException
     */
    public function __invoke(int $passport, string $path, bool $reach): string
    {
        $piece = Row::first($this->connection, 'SELECT code, owner_id FROM passport WHERE id = ?', [$passport]) ?? throw new NotFoundHttpException();
        $visits = $this->connection->fetchFirstColumn('SELECT id FROM piece WHERE passport_id = ? ORDER BY id', [$passport]);
        $in = implode(', ', array_map(static fn (mixed $id): int => is_numeric($id) ? (int) $id : 0, $visits)) ?: '0';
        if (null !== Row::first($this->connection, "SELECT id FROM plan_step WHERE status = 'running' AND piece_id IN ($in) LIMIT 1")) {
            throw Refused::now('Somebody has a step of it in hand. End it or put it down first.');
        }
        $folder = ArchiveFile::folder($path);
        (new Filesystem())->remove($folder);
        (new Filesystem())->mkdir($folder.'/lines', 0o700);
        $from = $this->settings->identity()->name;
        $now = $piece->int('owner_id');
        $lines = new PieceLines($this->connection, $this->kinds, $folder);
        $lines->put('passport', "id = $passport", static fn (array $r): array => [
            'care_page' => 0, 'stored_at' => '', 'stored_until' => null,
        ] + $r);
        $lines->put('ticket', "id IN (SELECT ticket_id FROM piece WHERE id IN ($in))", static fn (array $r): array => [
            'elsewhere' => '' === $r['elsewhere'] ? $from : $r['elsewhere'],
            'contact' => $reach && $r['owner_id'] === $now ? $r['contact'] : '',
            'customer' => $r['owner_id'] === $now ? $r['customer'] : self::FORMER,
        ] + $r);
        $lines->put('piece', "id IN ($in)", static fn (array $r): array => [
            'shelf' => '', 'usual_job_id' => null,
            'mends_id' => \in_array($r['mends_id'], $visits, false) ? $r['mends_id'] : null,
        ] + $r);
        foreach (array_keys(Format::OF_A_PIECE, 'piece_id', true) as $kind) {
            $lines->put($kind, "piece_id IN ($in)", static fn (array $r): array => $r);
        }
        $pots = "target_id IN (SELECT id FROM reading WHERE piece_id IN ($in))";
        // What is in a jar stays here; how it was mixed goes along.
        $lines->put('pot', $pots, static fn (array $r): array => [
            'state' => 'empty', 'kept_ml' => null, 'kept_where' => '', 'ground_id' => $lines->has('reading', $r['ground_id']) ? $r['ground_id'] : null,
        ] + $r);
        $lines->put('pot-event', "pot_id IN (SELECT id FROM pot WHERE $pots)", $lines->laidHere(...));
        $lines->put('owner', 'id IN ('.implode(', ', $lines->spokenOf('owner')).')', static fn (array $r): array => ($r['id'] === $now ? [] : [
            'name' => self::FORMER, 'ways' => '[]', 'likes' => null,
        ]) + ($reach ? [] : ['ways' => '[]', 'likes' => null, 'may_remind' => 0]) + ['notes' => '', 'erased_at' => null] + $r);
        $people = $lines->spokenOf('person');
        if ([] !== $people) {
            $lines->put('person', 'id IN ('.implode(', ', $people).')', static fn (array $r): array => [
                'login' => '', 'week' => '[]', 'skills' => '[]', 'left_on' => null,
            ] + $r);
        }
        $codes = $lines->codes();
        if ([] !== $codes) {
            $lines->put('product', 'code IN ('.implode(', ', array_map($this->connection->quote(...), $codes)).')', static fn (array $r): array => [
                'pack_cents' => null, 'supplier' => '', 'sheet' => null, 'retired' => 1,
            ] + $r);
        }
        $this->filesBeside($lines, $in);
        $at = new \DateTimeImmutable('now', new \DateTimeZone('UTC'));
        (new Filesystem())->dumpFile(
            $folder.'/'.Format::MANIFEST,
            (new ArchiveManifest(Format::VERSION, 'piece', $from, $at->format('Y-m-d\TH:i:s\Z'), $lines->end()))->json(),
        );
        $this->file->pack($path);

        return $piece->text('code');
    }

    /** As they were handed in: whoever takes them draws anew what is shown. */
    private function filesBeside(PieceLines $lines, string $in): void
    {
        foreach ($this->connection->fetchFirstColumn("SELECT DISTINCT digest FROM picture WHERE piece_id IN ($in) ORDER BY digest") as $digest) {
            $name = \is_string($digest) ? substr($digest, 0, 2).'/'.$digest.'/original' : '';
            $path = $this->store->at($name);
            if (null !== $path) {
                $lines->file(WriteWorkshop::fileLine('pictures/'.$name, $path));
            }
        }
        $lines->file(null);
    }
}
