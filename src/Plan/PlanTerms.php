<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use Doctrine\DBAL\Connection;
use KindHeel\App\Colour\DyeChoices;
use KindHeel\App\Colour\PotCover;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\StoredPiece;
use KindHeel\Core\Treatment\Wish\School;
use KindHeel\Core\Treatment\Wish\Schools;
use KindHeel\Core\Treatment\Wish\Wishes;
use Psr\Clock\ClockInterface;

/** What a plan is asked for: the workshop's schools, those of the piece over them, what is not wanted, the hour. */
final readonly class PlanTerms
{
    public function __construct(private Connection $connection, private ClockInterface $clock, private PotCover $cover, private DyeChoices $dyes)
    {
    }

    /** @return array<string, string> side by school */
    public function workshop(): array
    {
        $sides = [];
        foreach (Row::all($this->connection, 'SELECT school, side FROM workshop_school ORDER BY school') as $row) {
            $sides[$row->text('school')] = $row->text('side');
        }

        return $sides;
    }

    public function of(StoredPiece $piece): Wishes
    {
        $terms = $piece->terms();
        $by = $piece->isReadyFast() ? $terms->readyBy() ?? $piece->ticket()->promisedAt() : $piece->ticket()->promisedAt();

        return new Wishes(
            Schools::of([...$this->workshop(), ...$terms->schools()]),
            $terms->exclude(),
            max(1.0, ($by->getTimestamp() - $this->clock->now()->getTimestamp()) / 60.0),
            cover: $this->cover->of($piece),
            climbed: $terms->climbed(),
            firmOnly: true,
            oneHalfOnly: $terms->isOneHalfOnly(),
            washes: $this->dyes->of($piece),
        );
    }

    /** The same, were another side taken. */
    public function otherwise(StoredPiece $piece, School $school, string $side): Wishes
    {
        $wishes = $this->of($piece);

        return new Wishes(
            $wishes->schools->with($school, $side),
            $wishes->exclude,
            $wishes->readyInMinutes,
            cover: $wishes->cover,
            climbed: $wishes->climbed,
            firmOnly: true,
            oneHalfOnly: $wishes->oneHalfOnly,
            washes: $wishes->washes,
        );
    }
}
