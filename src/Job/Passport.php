<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Care\CareKind;
use KindHeel\Core\Care\CareUse;
use KindHeel\Core\Care\WornFor;

/** A piece for life, over all its visits: whose it is, how it is used, what was done to it at home, and the addresses under which it is found. */
#[ORM\Entity]
#[ORM\Table(name: 'passport')]
class Passport
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    #[ORM\Version, ORM\Column(type: 'integer')]
    private int $version = 1;

    /** Which of its care pages is shown to who has the address: each is made once, and none is shown where this is below one. */
    #[ORM\Column]
    private int $carePage = 0;

    /**
     * How it is used; null until somebody has asked.
     *
     * @var array{days: float, for: string, wet: bool, salt: bool, sun: bool, dark: bool, stored: int|null}|null
     */
    #[ORM\Column(type: 'json', nullable: true)]
    private ?array $carried = null;

    /** @var array<string, string> the day of the last care of each kind that was done at home */
    #[ORM\Column(type: 'json')]
    private array $cares = [];

    /** Where it is kept for its owner, and until when. */
    #[ORM\Column(length: 80)]
    private string $storedAt = '';

    #[ORM\Column(type: 'date_immutable', nullable: true)]
    private ?\DateTimeImmutable $storedUntil = null;

    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)]
        private Owner $owner,
        #[ORM\Column(length: 120)]
        private string $name,
        #[ORM\Column(length: 40)]
        private Kind $kind,
        /** on its tag or in its lining; whoever scans it is asked to sign in */
        #[ORM\Column(length: 10, unique: true)]
        private string $code,
        #[ORM\Column(type: 'datetime_immutable')]
        private \DateTimeImmutable $since,
    ) {
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    public function version(): int
    {
        return $this->version;
    }

    public function owner(): Owner
    {
        return $this->owner;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function kind(): Kind
    {
        return $this->kind;
    }

    public function code(): string
    {
        return $this->code;
    }

    public function since(): \DateTimeImmutable
    {
        return $this->since;
    }

    public function carePage(): ?int
    {
        return $this->carePage > 0 ? $this->carePage : null;
    }

    public function use(): ?CareUse
    {
        return null === $this->carried ? null : CareUse::of(
            $this->carried['days'],
            WornFor::from($this->carried['for']),
            $this->carried['wet'],
            $this->carried['salt'],
            $this->carried['sun'],
            $this->carried['dark'],
            $this->carried['stored'],
        );
    }

    /** @return array<string, \DateTimeImmutable> by {@see CareKind} */
    public function cares(): array
    {
        return array_map(static fn (string $day): \DateTimeImmutable => new \DateTimeImmutable($day), $this->cares);
    }

    public function storedAt(): string
    {
        return $this->storedAt;
    }

    public function storedUntil(): ?\DateTimeImmutable
    {
        return $this->storedUntil;
    }

    /** As the counter has put it right. */
    public function called(string $name, Kind $kind): void
    {
        [$this->name, $this->kind] = [$name, $kind];
    }

    public function isUsed(CareUse $use): void
    {
        $this->carried = [
            'days' => $use->daysAWeek, 'for' => $use->for->value, 'wet' => $use->wet, 'salt' => $use->salt, 'sun' => $use->sun, 'dark' => $use->darkCloth,
            'stored' => $use->storedFrom,
        ];
    }

    /** Care that was done at home; never back before one that is known. */
    public function caredFor(CareKind $kind, \DateTimeImmutable $on): void
    {
        $this->cares[$kind->value] = max($this->cares[$kind->value] ?? '', $on->format('Y-m-d'));
    }

    /** Under a new address, each time. */
    public function showCare(): void
    {
        $this->carePage = abs($this->carePage) + 1;
    }

    /** Whoever had the address sees nothing more. */
    public function hideCare(): void
    {
        $this->carePage = -abs($this->carePage);
    }

    public function store(string $at, ?\DateTimeImmutable $until): void
    {
        [$this->storedAt, $this->storedUntil] = [$at, '' === $at ? null : $until];
    }

    /** To another owner: whoever had the old address sees nothing more. */
    public function handOver(Owner $to): void
    {
        $this->owner = $to;
        $this->hideCare();
    }
}
