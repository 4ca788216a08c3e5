<?php

declare(strict_types=1);

namespace KindHeel\App\Archive;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception\ConstraintViolationException;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Colour\PotReader;
use KindHeel\App\Http\Refused;
use KindHeel\App\Job\BenchChanged;
use KindHeel\App\Job\PlanMarks;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\Ledger\LedgerReader;
use KindHeel\App\Owner\PassportReader;
use KindHeel\App\People\Person;
use KindHeel\App\Picture\BadPicture;
use KindHeel\App\Picture\PictureStore;
use KindHeel\App\Piece\PieceReader;
use KindHeel\App\Plan\PlanReader;
use Psr\EventDispatcher\EventDispatcherInterface;
use Symfony\Component\Filesystem\Filesystem;

/**
 * Takes in a piece with its history from another workshop. Who worked on it there is known by name and never signs in here; its visits say where they were.
 * One that has been here before takes in only the visits that are not known yet.
 */
final readonly class TakePiece
{
    private const MOST_LINES = 200_000;

    public function __construct(
        private Connection $connection,
        private EntityManagerInterface $entities,
        private Kinds $kinds,
        private ArchiveFile $file,
        private PictureStore $pictures,
        private Ledger $ledger,
        private EventDispatcherInterface $events,
        private PassportReader $passports,
        private PieceReader $pieces,
        private PlanReader $plans,
        private LedgerReader $ledgers,
        private PotReader $pots,
        private PlanMarks $marks,
    ) {
    }

    /**
     * @return array{passport: int, visits: int} of which piece, and how many of its visits were not known yet
     *
     * @throws BadArchive|Refused then nothing was taken in
     */
    public function __invoke(string $path, Person $by): array
    {
        $folder = $this->file->room('take-'.bin2hex(random_bytes(4)));
        try {
            $manifest = $this->file->open($path, $folder);
            if ('piece' !== $manifest->of) {
                throw new BadArchive('This is the archive of a whole workshop. It is brought back on the machine itself, with archive:take.');
            }
            if ($manifest->count() > self::MOST_LINES) {
                throw new BadArchive('This archive has more lines than one piece can have.');
            }
            $this->keepPictures($path, $folder);

            return $this->connection->transactional(fn (): array => $this->take($manifest, $folder, $by));
        } catch (ConstraintViolationException $error) {
            throw new BadArchive('It speaks of something that is not in it, or says something twice.', previous: $error);
        } finally {
            (new Filesystem())->remove($folder);
        }
    }

    private function keepPictures(string $path, string $folder): void
    {
        $original = static fn (string $name): bool => str_ends_with($name, '/original');
        $this->file->files($path, $folder, $original, function (string $name, string $at): void {
            try {
                $digest = $this->pictures->keep($at)['digest'];
            } catch (BadPicture $error) {
                throw new BadArchive($error->getMessage(), previous: $error);
            }
            if (!str_contains($name, '/'.$digest.'/')) {
                throw new BadArchive(\sprintf('%s is another picture than its name says.', $name));
            }
        });
    }

    /** @return array{passport: int, visits: int} */
    private function take(ArchiveManifest $manifest, string $folder, Person $by): array
    {
        $rows = [];
        foreach (array_keys($manifest->lines) as $name) {
            if (Format::FILES !== $name) {
                $rows[$name] = $this->read($manifest, $this->kinds->of($name), $folder);
            }
        }
        $come = new PieceComes($this->connection, $this->kinds, $rows, $manifest->workshop);
        $visits = $come->write();
        $this->marks->changed($visits);
        if ([] !== $visits) {
            $newest = $this->entities->find(StoredPiece::class, max($visits)) ?? throw new \LogicException('It was written this moment.');
            $from = '' === $manifest->workshop ? 'another workshop' : $manifest->workshop;
            $this->ledger->piece(Event::Noted, $newest, $by, \sprintf('Came with its history from %s.', $from));
            $this->entities->flush();
        }
        // Read before the bench is planned with it: what is wrong with it is found here, and said.
        $this->mustRead($come->passport(), $visits);
        if ([] !== $visits) {
            $this->events->dispatch(BenchChanged::inTime());
        }

        return ['passport' => $come->passport(), 'visits' => \count($visits)];
    }

    /**
     * @return array<int, non-empty-array<string, string|int|float|null>> rows by their number in the archive
     *
     * @throws BadArchive
     */
    private function read(ArchiveManifest $manifest, Kind $kind, string $folder): array
    {
        $rows = [];
        foreach (LinesFile::read($folder.'/'.\sprintf(Format::LINES, $kind->name)) as $at => $line) {
            // As many as it says, and no more are held in the memory.
            $at <= $manifest->lines[$kind->name]['lines'] || throw new BadArchive(\sprintf('There are more lines of %s than it says.', $kind->name));
            try {
                $row = $kind->row(Older::line($manifest->version, $kind->name, $line));
            } catch (BadArchive $error) {
                throw new BadArchive(\sprintf('Line %d of %s: %s.', $at, $kind->name, $error->getMessage()), previous: $error);
            }
            $rows[(int) $row[$kind->key()->column]] = $row;
        }
        ksort($rows);

        return $rows;
    }

    /**
     * What every screen shows of it is read once before it is kept: a list or a number inside that is not what it should be is found now.
     *
     * @param list<int> $visits
     *
     * @throws BadArchive
     */
    private function mustRead(int $passport, array $visits): void
    {
        try {
            $this->passports->one($passport);
            foreach ($visits as $piece) {
                $this->pieces->one($piece);
                $this->plans->of($piece);
                $this->ledgers->of($piece);
                foreach ($this->pots->all([$piece])->pots as $pot) {
                    $this->pots->one($pot->id);
                }
            }
        } catch (\Throwable $error) {
            throw new BadArchive('What it says of the piece cannot be read to its end, so nothing was taken in.', previous: $error);
        }
    }
}
