<?php

declare(strict_types=1);

namespace KindHeel\App\Timetable;

use Doctrine\ORM\Mapping as ORM;

/** Who does what when, as it was last reckoned: there is one of it. */
#[ORM\Entity]
#[ORM\Table(name: 'timetable')]
class StoredTimetable
{
    public const ID = 1;

    #[ORM\Id, ORM\Column]
    private int $id = self::ID;

    /** Counts up whenever the bench has changed. */
    #[ORM\Column]
    private int $asked = 1;

    /** The count for which the search has looked. */
    #[ORM\Column]
    private int $solved = 0;

    #[ORM\Column(type: 'datetime_immutable')]
    private \DateTimeImmutable $at;

    /**
     * @var list<array{int, int, int, int, int, ?string, ?string}> step, person (0 for nobody), start and end in seconds since 1970, piece, station that takes
     *     one at a time or several, colour family of the brush
     */
    #[ORM\Column(type: 'json')]
    private array $blocks = [];

    /** @var list<array{int, int}> piece and the end of its last step in seconds since 1970 */
    #[ORM\Column(type: 'json')]
    private array $ends = [];

    /** @var list<array{int, float}> person and the minutes they take against what is usual here */
    #[ORM\Column(type: 'json')]
    private array $paces = [];

    /** @var list<array{int, string}> piece and the mark of its steps as they were reckoned with */
    #[ORM\Column(type: 'json', options: ['default' => '[]'])]
    private array $marks = [];

    /** The mark of the hours that were reckoned with. */
    #[ORM\Column(length: 64, options: ['default' => ''])]
    private string $hours = '';

    /** How often somebody takes up a brush of another colour family. */
    #[ORM\Column]
    private int $changes = 0;
}
