<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Colour\DyeChoices;
use KindHeel\App\Colour\PotCover;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\Settings\WorkshopSchool;
use KindHeel\Core\Treatment\Wish\School;
use KindHeel\Core\Treatment\Wish\Schools;
use KindHeel\Core\Treatment\Wish\Wishes;
use Psr\Clock\ClockInterface;

/** What a plan is asked for: the workshop's schools, those of the piece over them, what is not wanted, the hour. */
final readonly class PlanTerms
{
    public function __construct(private EntityManagerInterface $entities, private ClockInterface $clock, private PotCover $cover, private DyeChoices $dyes)
    {
    }

    /** @return array<string, string> side by school */
    public function workshop(): array
    {
        $sides = [];
        foreach ($this->entities->getRepository(WorkshopSchool::class)->findAll() as $school) {
            $sides[$school->school()->value] = $school->side();
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
