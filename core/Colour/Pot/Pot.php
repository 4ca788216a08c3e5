<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Pot;

use KindHeel\Core\Colour\Calibration;
use KindHeel\Core\Colour\Mixture;
use KindHeel\Core\Colour\Recipe\PotSize;
use KindHeel\Core\Colour\Spectrum;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Text\NotNow;

/** A pot that is being mixed, as a value: what is in it, the recipe that is followed, its last dab, and what all of that lets hands do. */
final readonly class Pot
{
    private const LEAST_DROPS = 10;
    /** It may be filled so much over the job, or to at least so many drops, so that it can be corrected. */
    private const ROOM = 1.6;
    private const LEAST_ROOM = 80;
    /** A recipe may come out so much fuller than it must. */
    private const FULLER = 1.15;
    /** A small pot may hold so many, so that shares come out finely; the rest of its room is for corrections. */
    private const FINE = 45;
    /** A large pot is found as so many equal ones of about this size: its numbers are the same, and fewer to count. */
    private const LARGE = 300;
    private const PART = 150;
    private const MOST_DROPS = 1_000_000;
    /** What is used of a coat is a figure, not a measure: only what is clearly more than there is cannot have been. */
    private const SLACK = 1.25;
    private const SLACK_ML = 0.5;

    /**
     * @param PotNeed            $need   what the job takes
     * @param array<string, int> $drops  in it, by paint
     * @param array<string, int> $recipe drops it is to hold, by paint
     * @param array<string, int> $loose  drops that went in since the last dab or coat: a tap can still be taken back
     * @param Dab|null           $dab    the last one
     * @param bool               $closed kept or empty: nothing goes in any more
     * @param int|null           $room   drops that its jar has room for; null where it is as large as the job asks
     * @param float              $laidMl of what went in, laid or gone since
     */
    public function __construct(
        public PotNeed $need,
        public array $drops = [],
        public array $recipe = [],
        public array $loose = [],
        public ?Dab $dab = null,
        public bool $closed = false,
        public ?int $room = null,
        public float $laidMl = 0.0,
    ) {
    }

    /**
     * Drops that went in; fewer than none takes back taps that no drop followed.
     *
     * @throws NotNow
     */
    public function drop(string $paint, int $count): self
    {
        if ($this->closed) {
            throw new NotNow(Message::of('This pot is closed. Open a new one.'));
        }
        if (($this->loose[$paint] ?? 0) + min(0, $count) < 0) {
            throw new NotNow(Message::of('What has been dabbed is mixed in: it cannot be taken out again.'));
        }
        if ($count > 0 && $this->laidMl > 0.0) {
            return $this->rest()->drop($paint, $count);
        }
        if ($count > 0 && $this->held() + $count > $this->capacity()) {
            throw new NotNow(Message::of('The pot has room for %d drops. Start a larger one.', $this->capacity()));
        }

        return $this->with(drops: self::added($this->drops, $paint, $count), loose: self::added($this->loose, $paint, $count));
    }

    /** What is left of it once some was laid, counted anew: the same colour in fewer drops. */
    public function rest(): self
    {
        $share = $this->leftMl() / ($this->held() * $this->need->dropMl);

        return $this->with(drops: self::scaled($this->drops, $share), recipe: self::scaled($this->recipe, $share), laidMl: 0.0, loose: []);
    }

    /**
     * All of another pot, or a share of it, goes into this one.
     *
     * @throws NotNow when there is nothing in it, or no room
     */
    public function pouredIn(self $other, float $share = 1.0): self
    {
        $into = $this->laidMl > 0.0 ? $this->rest() : $this;
        $from = $other->laidMl > 0.0 ? $other->rest() : $other;
        // Drops of another pot may be of another size.
        $poured = self::scaled($from->drops, $share * $from->need->dropMl / $this->need->dropMl);
        if ([] === $poured) {
            throw new NotNow(Message::of('There is nothing in that pot to pour.'));
        }
        if ($into->closed) {
            throw new NotNow(Message::of('This pot is closed. Open a new one.'));
        }
        if ($into->held() + array_sum($poured) > $into->capacity()) {
            throw new NotNow(Message::of('The pot has room for %d drops. Start a larger one.', $into->capacity()));
        }
        $drops = $into->drops;
        foreach ($poured as $paint => $count) {
            $drops = self::added($drops, $paint, $count);
        }

        return $into->with(drops: $drops, loose: []);
    }

    /** What stays when a share of it has been poured away. */
    public function pouredOut(float $share): self
    {
        return $this->with(laidMl: $this->laidMl + $share * $this->leftMl(), loose: []);
    }

    /**
     * A jar of another size.
     *
     * @throws NotNow where it would run over
     */
    public function inJarOf(float $ml): self
    {
        $room = (int) floor($ml / $this->need->dropMl + 1e-9);
        if ($room < $this->held() || $room < 1) {
            throw new NotNow(Message::of('A jar of %.1f ml would run over: %.1f ml are in it already.', $ml, $this->held() * $this->need->dropMl));
        }
        if ($room > self::MOST_DROPS) {
            throw new NotNow(Message::of('That is more than anybody mixes at once.'));
        }

        return $this->with(room: $room);
    }

    /**
     * Its recipe in another amount: larger, or halved before it is mixed. What is in it already stays in it.
     *
     * @throws NotNow where there is no recipe, or more in it already than that
     */
    public function forAmount(float $ml): self
    {
        $recipe = [] !== $this->recipe ? $this->recipe : $this->drops;
        if ([] === $recipe) {
            throw new NotNow(Message::of('There is no recipe yet that could be made larger or smaller.'));
        }
        $scaled = self::scaled($recipe, $ml / (array_sum($recipe) * $this->need->dropMl));
        foreach ($this->drops as $paint => $count) {
            if ($count > ($scaled[$paint] ?? 0)) {
                throw new NotNow(Message::of('More is in the pot already: %.1f ml is the least it can come to.', $this->leastMl($recipe)));
            }
        }

        return $this->with(recipe: $scaled, room: max($this->capacity(), (int) ceil(self::ROOM * array_sum($scaled))));
    }

    /** @param array<string, int> $recipe */
    private function leastMl(array $recipe): float
    {
        $most = 0.0;
        foreach ($this->drops as $paint => $count) {
            $most = max($most, $count / ($recipe[$paint] ?? 1));
        }

        return ceil(10.0 * $most * array_sum($recipe) * $this->need->dropMl) / 10.0;
    }

    /** @param array<string, int> $recipe by paint */
    public function follow(array $recipe): self
    {
        return $this->with(recipe: array_filter($recipe));
    }

    /**
     * @param Spectrum $read the dry dab, as the reader saw it
     *
     * @throws NotNow when there is nothing to dab
     */
    public function dabbed(Spectrum $read, ?EyeDab $eye = null): self
    {
        if (0 === $this->held()) {
            throw new NotNow(Message::of('There is nothing in the pot to dab yet.'));
        }

        return $this->with(loose: [], dab: new Dab($this->drops, $read, $eye));
    }

    /**
     * @param float $ml that was laid
     *
     * @throws NotNow when there is nothing to lay, or not so much
     */
    public function laid(float $ml): self
    {
        if (0 === $this->held()) {
            throw new NotNow(Message::of('There is nothing in the pot to lay yet.'));
        }
        if ($ml > self::SLACK * $this->leftMl() + self::SLACK_ML) {
            throw new NotNow(Message::of('That would take %.1f ml, and %.1f ml are left in the pot. Fewer coats, or mix more first.', $ml, $this->leftMl()));
        }

        return $this->with(loose: [], laidMl: min($this->held() * $this->need->dropMl, $this->laidMl + $ml));
    }

    /**
     * What is kept of it; hands measured it, so that the rest is gone however much the coats were thought to take.
     *
     * @throws NotNow where there is not so much
     */
    public function kept(float $ml): self
    {
        if ($ml > self::SLACK * $this->leftMl() + self::SLACK_ML) {
            throw new NotNow(Message::of('So much cannot be kept: %.1f ml are left in the pot.', $this->leftMl()));
        }

        return $this->with(laidMl: max(0.0, $this->held() * $this->need->dropMl - $ml), closed: true);
    }

    /** ml in it that have not been laid. */
    public function leftMl(): float
    {
        return max(0.0, $this->held() * $this->need->dropMl - $this->laidMl);
    }

    /**
     * What its coats want is more than it holds or will hold; null where it is enough.
     *
     * @param float|null $stillMl that coats which are still to be laid take; null for all that it is for but what has been laid
     */
    public function shortMl(?float $stillMl = null): ?float
    {
        $drops = max(array_sum($this->recipe), $this->held());
        $short = ($stillMl ?? $this->need->layMl - $this->laidMl) - ($drops * $this->need->dropMl - $this->laidMl);

        return 0 === $drops || $short < 0.05 * $this->need->layMl ? null : $short;
    }

    /** Drops in it. */
    public function held(): int
    {
        return array_sum($this->drops);
    }

    /** Drops it has room for. */
    public function capacity(): int
    {
        return max($this->room ?? (int) max(self::LEAST_ROOM, ceil(self::ROOM * $this->need->drops)), $this->held());
    }

    /** Equal pots that it is found as. */
    public function parts(): int
    {
        return $this->need->drops <= self::LARGE ? 1 : max(1, intdiv($this->need->drops, self::PART));
    }

    /** How many drops a recipe for one of its parts may hold. */
    public function size(): PotSize
    {
        $least = max(self::LEAST_DROPS, (int) ceil($this->need->drops / $this->parts()));

        return PotSize::of($least, (int) max(self::FINE, ceil(self::FULLER * $least)));
    }

    /**
     * Drops that its recipe still wants, by paint, the most first: the base goes in before the strong colours.
     *
     * @return array<string, int>
     */
    public function due(): array
    {
        $recipe = $this->recipe;
        arsort($recipe);
        $due = [];
        foreach ($recipe as $paint => $count) {
            $due[$paint] = $count - ($this->drops[$paint] ?? 0);
        }

        return array_filter($due, static fn (int $n): bool => $n > 0);
    }

    /** Nothing has gone in since the last dab. */
    public function isDabbed(): bool
    {
        return null !== $this->dab && $this->dab->drops == $this->drops;
    }

    public function phase(PotAim $aim): PotPhase
    {
        return match (true) {
            $this->closed => PotPhase::Closed,
            [] !== $this->due() => PotPhase::Drops,
            0 === $this->held() => PotPhase::Recipe,
            !$this->isDabbed() => PotPhase::Dab,
            true === $this->dab?->isNear($aim) => PotPhase::Lay,
            default => PotPhase::Correct,
        };
    }

    /** What its last dab taught. */
    public function learned(Palette $palette): ?Calibration
    {
        return $this->dab?->teaches($palette->paints);
    }

    /**
     * What drops of this pot give, after what its last dab taught.
     *
     * @param array<string, int> $drops
     */
    public function mixture(array $drops, Palette $palette): Mixture
    {
        $mixture = Mixture::of($palette->paints, $drops);

        return $this->learned($palette)?->applied($mixture) ?? $mixture;
    }

    /** How what is in it looks, thick; nothing while there is only binder in it. */
    public function look(Palette $palette): ?Spectrum
    {
        $mixture = 0 === $this->held() ? null : $this->mixture($this->drops, $palette);

        return null === $mixture || $mixture->isClear() ? null : $mixture->look();
    }

    /**
     * @param array<string, int>|null $drops
     * @param array<string, int>|null $recipe
     * @param array<string, int>|null $loose
     */
    private function with(
        ?array $drops = null,
        ?array $recipe = null,
        ?array $loose = null,
        ?Dab $dab = null,
        ?bool $closed = null,
        ?int $room = null,
        ?float $laidMl = null,
    ): self {
        return new self(
            $this->need,
            $drops ?? $this->drops,
            $recipe ?? $this->recipe,
            $loose ?? $this->loose,
            $dab ?? $this->dab,
            $closed ?? $this->closed,
            $room ?? $this->room,
            $laidMl ?? $this->laidMl,
        );
    }

    /**
     * @param array<string, int> $drops
     *
     * @return array<string, int> none of 0
     */
    private static function added(array $drops, string $paint, int $count): array
    {
        $drops[$paint] = ($drops[$paint] ?? 0) + $count;

        return array_filter($drops);
    }

    /**
     * @param array<string, int> $drops
     *
     * @return array<string, int> none of 0
     */
    private static function scaled(array $drops, float $by): array
    {
        return array_filter(array_map(static fn (int $n): int => (int) round($n * $by), $drops));
    }
}
