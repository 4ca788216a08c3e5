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

    /**
     * @param PotNeed            $need   what the job takes
     * @param array<string, int> $drops  in it, by paint
     * @param array<string, int> $recipe drops it is to hold, by paint
     * @param array<string, int> $loose  drops that went in since the last dab or coat: a tap can still be taken back
     * @param Dab|null           $dab    the last one
     * @param bool               $closed kept or empty: nothing goes in any more
     */
    public function __construct(
        public PotNeed $need,
        public array $drops = [],
        public array $recipe = [],
        public array $loose = [],
        public ?Dab $dab = null,
        public bool $closed = false,
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
        if ($this->held() + $count > $this->capacity()) {
            throw new NotNow(Message::of('The pot has room for %d drops. Start a larger one.', $this->capacity()));
        }

        return $this->with(drops: self::added($this->drops, $paint, $count), loose: self::added($this->loose, $paint, $count));
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
    public function dabbed(Spectrum $read): self
    {
        if (0 === $this->held()) {
            throw new NotNow(Message::of('There is nothing in the pot to dab yet.'));
        }

        return $this->with(loose: [], dab: new Dab($this->drops, $read));
    }

    /** @throws NotNow when there is nothing to lay */
    public function laid(): self
    {
        if (0 === $this->held()) {
            throw new NotNow(Message::of('There is nothing in the pot to lay yet.'));
        }

        return $this->with(loose: []);
    }

    /** Drops in it. */
    public function held(): int
    {
        return array_sum($this->drops);
    }

    /** Drops it has room for. */
    public function capacity(): int
    {
        return (int) max(self::LEAST_ROOM, ceil(self::ROOM * $this->need->drops), $this->held());
    }

    /** How many drops a recipe for it may hold. */
    public function size(): PotSize
    {
        $least = max(self::LEAST_DROPS, $this->need->drops);

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
    private function with(?array $drops = null, ?array $recipe = null, ?array $loose = null, ?Dab $dab = null): self
    {
        return new self($this->need, $drops ?? $this->drops, $recipe ?? $this->recipe, $loose ?? $this->loose, $dab ?? $this->dab, $this->closed);
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
}
