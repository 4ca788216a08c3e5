<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

use Doctrine\ORM\Mapping as ORM;

/** Whose pieces come here: a person with a name, ways to reach them, and what they allow. */
#[ORM\Entity]
#[ORM\Table(name: 'owner')]
#[ORM\Index(columns: ['name'])]
class Owner
{
    public const MOST_WAYS = 6;
    public const LONGEST_NOTES = 1000;

    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    #[ORM\Version, ORM\Column(type: 'integer')]
    private int $version = 1;

    /** @var list<array{by: string, at: string}> */
    #[ORM\Column(type: 'json')]
    private array $ways = [];

    /** The way they like. */
    #[ORM\Column(length: 10, nullable: true)]
    private ?ReachedBy $likes = null;

    #[ORM\Column(length: 10)]
    private string $language = '';

    #[ORM\Column(length: self::LONGEST_NOTES)]
    private string $notes = '';

    /** Pictures of their pieces may be kept once these have gone home. */
    #[ORM\Column(options: ['default' => true])]
    private bool $mayKeepPictures = true;

    /** They may be told when care is due. */
    #[ORM\Column(options: ['default' => false])]
    private bool $mayRemind = false;

    /** Name and ways are gone for good. */
    #[ORM\Column(type: 'datetime_immutable', nullable: true)]
    private ?\DateTimeImmutable $erasedAt = null;

    public function __construct(
        #[ORM\Column(length: 120)]
        private string $name,
        string $contact,
        #[ORM\Column(type: 'datetime_immutable')]
        private \DateTimeImmutable $since,
    ) {
        if ('' !== trim($contact)) {
            $this->ways = [['by' => ReachedBy::guess($contact)->value, 'at' => trim($contact)]];
        }
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not stored yet.');
    }

    public function version(): int
    {
        return $this->version;
    }

    public function name(): string
    {
        return $this->name;
    }

    /** @return list<array{by: string, at: string}> */
    public function ways(): array
    {
        return $this->ways;
    }

    public function likes(): ?ReachedBy
    {
        return $this->likes;
    }

    public function language(): string
    {
        return $this->language;
    }

    public function notes(): string
    {
        return $this->notes;
    }

    public function mayKeepPictures(): bool
    {
        return $this->mayKeepPictures;
    }

    public function mayBeReminded(): bool
    {
        return $this->mayRemind && null === $this->erasedAt;
    }

    public function since(): \DateTimeImmutable
    {
        return $this->since;
    }

    public function isErased(): bool
    {
        return null !== $this->erasedAt;
    }

    public function contact(): string
    {
        return self::contactOf($this->ways, $this->likes?->value);
    }

    /** @return array{ReachedBy, string}|null the way they like, or the first there is */
    public function way(): ?array
    {
        $at = $this->contact();
        foreach ($this->ways as $way) {
            if ($way['at'] === $at) {
                return [ReachedBy::from($way['by']), $at];
            }
        }

        return null;
    }

    /**
     * The way they like, or the first there is; empty where nobody wrote one down.
     *
     * @param list<array{by: string, at: string}> $ways
     */
    public static function contactOf(array $ways, ?string $likes): string
    {
        foreach ($ways as $way) {
            if ($way['by'] === $likes) {
                return $way['at'];
            }
        }

        return $ways[0]['at'] ?? '';
    }

    /** @param list<array{by: string, at: string}> $ways */
    public function is(string $name, array $ways, ?ReachedBy $likes, string $language, string $notes, bool $mayKeepPictures, bool $mayRemind): void
    {
        $this->name = $name;
        $this->ways = $ways;
        $this->likes = $likes;
        $this->language = $language;
        $this->notes = $notes;
        $this->mayKeepPictures = $mayKeepPictures;
        $this->mayRemind = $mayRemind;
    }

    /** The other was the same person all along: what they did not say here is taken over. */
    public function takesOver(self $other): void
    {
        $known = array_column($this->ways, 'at');
        foreach ($other->ways as $way) {
            if (!\in_array($way['at'], $known, true) && \count($this->ways) < self::MOST_WAYS) {
                $this->ways[] = $way;
            }
        }
        $this->likes ??= $other->likes;
        $this->language = '' === $this->language ? $other->language : $this->language;
        $this->notes = mb_substr(trim($this->notes."\n".$other->notes), 0, self::LONGEST_NOTES);
        // What either has not allowed is not allowed.
        $this->mayKeepPictures = $this->mayKeepPictures && $other->mayKeepPictures;
        $this->mayRemind = $this->mayRemind && $other->mayRemind;
        $this->since = min($this->since, $other->since);
    }

    public function erase(\DateTimeImmutable $at): void
    {
        $this->name = \sprintf('Owner %d', $this->id());
        $this->ways = [];
        $this->likes = null;
        $this->notes = '';
        $this->language = '';
        $this->mayKeepPictures = false;
        $this->mayRemind = false;
        $this->erasedAt = $at;
    }
}
