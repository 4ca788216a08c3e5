<?php

declare(strict_types=1);

namespace KindHeel\App\Archive;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Logged;
use KindHeel\App\Database\Row;
use KindHeel\App\Http\Refused;
use KindHeel\App\People\Person;
use KindHeel\App\Running\Chore;
use KindHeel\App\Running\ConsoleProcess;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Archives of everything that are asked for on a page: one at a time, in a process of its own, there for two days. */
final readonly class ArchivesMade implements Chore
{
    private const KEPT_HOURS = 48;
    private const TOLD_EVERY_S = 1.0;
    private const LONGEST_FAILURE = 500;

    public function __construct(
        private Connection $connection,
        private EntityManagerInterface $entities,
        private WriteWorkshop $write,
        private ConsoleProcess $console,
        #[Autowire('%env(default:archives:ARCHIVES_DIR)%')]
        private string $archivesDir,
    ) {
    }

    /** @throws Refused when one is on its way */
    public function ask(Person $by): void
    {
        if (null !== Row::first($this->connection, 'SELECT id FROM archive_made WHERE ended_at IS NULL LIMIT 1')) {
            throw Refused::now('One is being made already.');
        }
        $this->entities->persist(new ArchiveMade(new \DateTimeImmutable('now', new \DateTimeZone('UTC')), $by));
    }

    /** The one that was asked for last. */
    public function view(): ArchiveView
    {
        $row = Row::first(
            $this->connection,
            'SELECT a.id, a.asked_at, p.name, a.what, a.done, a.total, a.ended_at, a.failure, a.bytes FROM archive_made a JOIN person p ON p.id = a.by_id
             ORDER BY a.id DESC LIMIT 1',
        );
        if (null === $row) {
            return new ArchiveView();
        }
        $isThere = is_file($this->path($row->int('id')));

        return new ArchiveView(
            $row->int('id'),
            Iso::always($row->text('asked_at')),
            $row->text('name'),
            null === $row->textOrNull('ended_at'),
            $row->text('what'),
            $row->int('done'),
            $row->int('total'),
            $row->textOrNull('failure'),
            $isThere ? $row->int('bytes') : null,
        );
    }

    /** Where it lies. */
    public function path(int $id): string
    {
        return $this->archivesDir.\sprintf('/%d.tar', $id);
    }

    public function there(int $id): string
    {
        return is_file($this->path($id)) ? $this->path($id) : throw new NotFoundHttpException();
    }

    public function round(): void
    {
        if (null !== Row::first($this->connection, 'SELECT id FROM archive_made WHERE ended_at IS NULL LIMIT 1')) {
            // What was cut off goes on.
            $this->console->run(['archive:make', '--asked']);
        }
        foreach (glob($this->archivesDir.'/*') ?: [] as $old) {
            if (filemtime($old) < time() - 3600 * self::KEPT_HOURS) {
                (new Filesystem())->remove($old);
            }
        }
    }

    /** Makes the one that is waited for, if there is one. */
    public function make(): void
    {
        $id = Row::first($this->connection, 'SELECT id FROM archive_made WHERE ended_at IS NULL ORDER BY id LIMIT 1')?->int('id');
        if (null === $id) {
            return;
        }
        (new Filesystem())->mkdir($this->archivesDir, 0o700);
        $told = 0.0;
        $failure = null;
        try {
            ($this->write)($this->path($id), tell: function (string $what, int $done, int $of) use ($id, &$told): void {
                // While lines are read, the connection is theirs.
                if ('lines' !== $what && microtime(true) - $told > self::TOLD_EVERY_S) {
                    $told = microtime(true);
                    $this->connection->executeStatement('UPDATE archive_made SET what = ?, done = ?, total = ? WHERE id = ?', [$what, $done, $of, $id]);
                }
            });
        } catch (\RuntimeException $error) {
            $failure = mb_substr(Logged::why($error), 0, self::LONGEST_FAILURE);
        }
        $this->connection->executeStatement(
            'UPDATE archive_made SET ended_at = UTC_TIMESTAMP(), failure = ?, bytes = ? WHERE id = ?',
            [$failure, (int) @filesize($this->path($id)), $id],
        );
    }
}
