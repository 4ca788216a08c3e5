<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\Owner;
use KindHeel\App\Job\Passport;
use KindHeel\App\Job\Ticket;
use KindHeel\App\Ledger\Event;
use KindHeel\App\Ledger\Ledger;
use KindHeel\App\People\Person;
use KindHeel\App\Picture\PictureStore;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** All that is known of an owner, for themselves: one archive with a JSON document and the pictures. */
final readonly class ExportOwner
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Connection $connection,
        private PassportReader $passports,
        private PictureStore $pictures,
        private Ledger $ledger,
    ) {
    }

    /** @return string path of a file that the caller takes away */
    public function __invoke(int $id, Person $by): string
    {
        $owner = $this->entities->find(Owner::class, $id) ?? throw new NotFoundHttpException();
        foreach ($this->entities->getRepository(Ticket::class)->findBy(['owner' => $owner], ['id' => 'DESC'], 1) as $last) {
            $this->ledger->piece(Event::Noted, $last->pieces()[0], $by, 'All that is known of the owner was given out to them.');
        }
        $this->entities->flush();
        $beside = [];
        $path = (string) tempnam(sys_get_temp_dir(), 'kindheel-owner-');
        $zip = new \ZipArchive();
        if (true !== $zip->open($path, \ZipArchive::OVERWRITE)) {
            throw new \RuntimeException('The archive could not be written.');
        }
        $passports = $this->entities->getRepository(Passport::class)->findBy(['owner' => $owner], ['id' => 'ASC']);
        $zip->addFromString('owner.json', json_encode([
            'name' => $owner->name(),
            'ways' => $owner->ways(),
            'likes' => $owner->likes()?->value,
            'language' => $owner->language(),
            'notes' => $owner->notes(),
            'mayKeepPictures' => $owner->mayKeepPictures(),
            'mayRemind' => $owner->mayBeReminded(),
            'since' => $owner->since()->format(\DATE_ATOM),
            'pieces' => array_map(fn (Passport $p): PassportView => $this->passports->one($p->id()), $passports),
            'ledger' => $this->ledger($id),
            'invoices' => $this->invoices($id),
            'messages' => $this->messages($id),
        ], \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR));
        foreach (Row::all(
            $this->connection,
            'SELECT i.id, i.piece_id, i.moment, i.digest FROM picture i JOIN piece p ON p.id = i.piece_id JOIN ticket t ON t.id = p.ticket_id
             WHERE t.owner_id = ? ORDER BY i.id',
            [$id],
        ) as $row) {
            $picture = $this->pictures->read($row->text('digest'), 'full');
            if (null !== $picture) {
                // Read from a file when it is closed: all of them at once need not fit into the memory.
                file_put_contents($beside[] = $path.'.'.$row->int('id'), $picture);
                $zip->addFile($path.'.'.$row->int('id'), \sprintf('pictures/%d-%s-%d.jpg', $row->int('piece_id'), $row->text('moment'), $row->int('id')));
            }
        }
        $zip->close();
        array_map(unlink(...), $beside);

        return $path;
    }

    /** @return list<array{at: string, piece: int, event: string, text: string}> */
    private function ledger(int $owner): array
    {
        return array_map(
            static fn (Row $r): array => ['at' => $r->text('at'), 'piece' => $r->int('piece_id'), 'event' => $r->text('event'), 'text' => $r->text('text')],
            Row::all(
                $this->connection,
                'SELECT e.at, e.piece_id, e.event, e.text FROM ledger_entry e JOIN piece p ON p.id = e.piece_id JOIN ticket t ON t.id = p.ticket_id
                 WHERE t.owner_id = ? ORDER BY e.id',
                [$owner],
            ),
        );
    }

    /** @return list<array{at: string, by: string, to: string, subject: string, text: string, state: string}> */
    private function messages(int $owner): array
    {
        return array_map(
            static fn (Row $r): array => [
                'at' => $r->text('written_at'), 'by' => $r->text('by_way'), 'to' => $r->text('goes_to'), 'subject' => $r->text('subject'),
                'text' => $r->text('body'), 'state' => $r->text('state'),
            ],
            Row::all($this->connection, 'SELECT written_at, by_way, goes_to, subject, body, state FROM message WHERE owner_id = ? ORDER BY id', [$owner]),
        );
    }

    /** @return list<array{number: int, grossCents: int}> */
    private function invoices(int $owner): array
    {
        return array_map(
            static fn (Row $r): array => ['number' => $r->int('number'), 'grossCents' => $r->int('gross_cents')],
            Row::all(
                $this->connection,
                'SELECT i.number, i.gross_cents FROM invoice i JOIN ticket t ON t.id = i.ticket_id WHERE t.owner_id = ? ORDER BY i.number',
                [$owner],
            ),
        );
    }
}
