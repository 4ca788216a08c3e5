<?php

declare(strict_types=1);

namespace KindHeel\App\Staff;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\App\Http\Refused;
use KindHeel\App\Job\BenchChanged;
use KindHeel\App\Job\StepStatus;
use KindHeel\App\People\AccountChange;
use KindHeel\App\People\AccountNotes;
use KindHeel\App\People\Members;
use KindHeel\App\People\Passwords;
use KindHeel\App\People\Person;
use KindHeel\App\People\Role;
use KindHeel\App\People\SignIns;
use KindHeel\Core\Text\FieldError;
use Psr\Clock\ClockInterface;
use Psr\EventDispatcher\EventDispatcherInterface;
use Psr\Log\LoggerInterface;

/** Who works here: they come, are called otherwise, may do more or less, forget their password, leave and come back. */
final readonly class Staff
{
    public function __construct(
        private Connection $connection,
        private EntityManagerInterface $entities,
        private Members $members,
        private Passwords $passwords,
        private SignIns $signIns,
        private AccountNotes $notes,
        private ClockInterface $clock,
        private EventDispatcherInterface $events,
        private LoggerInterface $logger,
        private string $workshopTimezone,
    ) {
    }

    public function add(PersonInput $input): GivenWord
    {
        $login = $this->free($input->login, 0);
        $person = new Person($login, trim($input->name), $input->role);
        $word = $this->passwords->giveOneTimeWord($person);
        $this->entities->persist($person);
        $this->entities->flush();
        $this->changed('was added', $person->id());

        return new GivenWord($person->id(), $word);
    }

    public function change(int $id, PersonInput $input): void
    {
        $this->holdOwners();
        $person = $this->seen($id, $input->version);
        if (Role::Owner === $person->role() && Role::Owner !== $input->role) {
            $this->anotherOwner($person);
        }
        if ($person->role()->works() && !$input->role->works()) {
            $this->nothingInHand($person);
        }
        $person->change($this->free($input->login, $id), trim($input->name), $input->role);
        $this->changed('was changed', $id);
    }

    /** Their own password opens no more, and wherever they are signed in it ends. */
    public function giveWord(int $id, int $version): GivenWord
    {
        $person = $this->seen($id, $version);
        if ($person->hasLeft()) {
            throw Refused::now('They have left. Take them back first.');
        }
        $word = $this->passwords->giveOneTimeWord($person);
        $this->signIns->endAll($id);
        $this->notes->say($id, AccountChange::WordGiven);
        $this->logger->notice('Person {person} was given a word for one sign-in.', ['person' => $id]);

        return new GivenWord($id, $word);
    }

    /** What they did stays theirs. */
    public function leave(int $id, int $version): void
    {
        $this->holdOwners();
        $person = $this->seen($id, $version);
        if (Role::Owner === $person->role()) {
            $this->anotherOwner($person);
        }
        $this->nothingInHand($person);
        $today = $this->clock->now()->setTimezone(new \DateTimeZone($this->workshopTimezone));
        $person->leave($today);
        $this->signIns->endAll($id);
        $this->connection->executeStatement('DELETE FROM other_day WHERE person_id = ? AND day >= ?', [$id, $today->format('Y-m-d')]);
        $this->connection->executeStatement(
            'UPDATE calendar_feed SET revoked_at = ? WHERE person_id = ? AND revoked_at IS NULL',
            [Iso::toRow($this->clock->now()), $id],
        );
        $this->changed('left', $id);
    }

    public function comeBack(int $id, int $version): GivenWord
    {
        $person = $this->seen($id, $version);
        if (!$person->hasLeft()) {
            throw Refused::now('They are here.');
        }
        $person->comeBack();
        $this->changed('came back', $id);

        return new GivenWord($id, $this->passwords->giveOneTimeWord($person));
    }

    public function signOut(int $id): void
    {
        $this->members->known($id);
        $this->signIns->endAll($id);
    }

    private function seen(int $id, int $version): Person
    {
        $person = $this->members->known($id);

        return $version === $person->version()
            ? $person
            : throw Refused::stale('Somebody else has changed this person meanwhile. Here is how it stands now.');
    }

    private function free(string $login, int $id): string
    {
        $login = mb_strtolower(trim($login));
        if (null !== Row::first($this->connection, 'SELECT id FROM person WHERE login = ? AND id <> ?', [$login, $id])) {
            throw new FieldError('login', 'Somebody signs in by that name already, now or in former days. Take another.');
        }

        return $login;
    }

    /** Two who take the last two owners away at once wait for each other. */
    private function holdOwners(): void
    {
        $this->connection->executeQuery('SELECT id FROM person WHERE role = ? FOR UPDATE', [Role::Owner->value]);
        $this->entities->clear();
    }

    private function anotherOwner(Person $person): void
    {
        $others = 'SELECT id FROM person WHERE role = ? AND left_on IS NULL AND one_time_until IS NULL AND id <> ? LIMIT 1';
        if (null === Row::first($this->connection, $others, [Role::Owner->value, $person->id()])) {
            throw Refused::now('A workshop has an owner who can sign in. Make somebody else owner first.');
        }
    }

    private function nothingInHand(Person $person): void
    {
        $row = Row::first(
            $this->connection,
            'SELECT s.title, p.name FROM plan_step s JOIN piece p ON p.id = s.piece_id WHERE s.started_by_id = ? AND s.status = ? LIMIT 1',
            [$person->id(), StepStatus::Running->value],
        );
        if (null !== $row) {
            throw Refused::now(\sprintf(
                '%s has “%s” on %s in hand. It is put down or handed on first.',
                $person->name(),
                $row->text('title'),
                $row->text('name'),
            ));
        }
    }

    private function changed(string $how, int $id): void
    {
        $this->logger->notice('Person {person} '.$how.'.', ['person' => $id]);
        $this->events->dispatch(BenchChanged::inTime());
    }
}
