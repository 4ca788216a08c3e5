<?php

declare(strict_types=1);

namespace KindHeel\App\Workshop;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Database\Row;
use KindHeel\App\Http\Refused;
use KindHeel\App\Offer\PriceTerms;
use KindHeel\App\Offer\StoredPriceTerms;
use KindHeel\App\People\Passwords;
use KindHeel\App\People\Person;
use KindHeel\App\People\Role;
use KindHeel\App\Settings\IdentityView;
use KindHeel\App\Settings\SettingsVersion;
use KindHeel\App\Settings\WorkshopSettings;
use KindHeel\Core\Text\FieldError;
use Psr\Clock\ClockInterface;

/** An empty workshop becomes somebody’s: its name, place, hours and money, and its first owner. Once. */
final readonly class BeginWorkshop
{
    public function __construct(
        private Connection $connection,
        private EntityManagerInterface $entities,
        private WorkshopSettings $settings,
        private AtHome $home,
        private SettingsVersion $version,
        private Passwords $passwords,
        private ClockInterface $clock,
        /** where it was started; without one it is begun in a terminal only */
        private string $beginWord,
    ) {
    }

    /** @throws Refused|FieldError */
    public function begin(BeginInput $input): void
    {
        if ('' === $this->beginWord || !hash_equals($this->beginWord, trim($input->word))) {
            throw new FieldError('word', 'This is not the word that stood where the workshop was started. Open the address that was shown there.');
        }
        if (!$input->home && '' === trim($input->workshop)) {
            throw new FieldError('workshop', Person::NAME_SAID);
        }
        // Two at once wait for each other, and the second comes too late.
        $this->version->mustBe($this->version->current());
        if (null !== Row::first($this->connection, 'SELECT id FROM person LIMIT 1')) {
            throw Refused::now('Somebody works here already. Sign in.');
        }
        $owner = new Person(mb_strtolower(trim($input->login)), trim($input->name), Role::Owner);
        $this->passwords->set($owner, $input->password);
        $owner->works(array_fill_keys($input->days, ShiftInput::stored($input->shifts)), []);
        $this->entities->persist($owner);
        $this->settings->takeIdentity(new IdentityView(
            trim($input->workshop),
            trim($input->address),
            trim($input->reach),
            home: $input->home,
        ));
        if ($input->home) {
            $this->home->isOf($owner->name());
        }
        $this->entities->persist(new StoredPriceTerms(new PriceTerms($input->currency), $this->clock->now(), $owner));
    }
}
