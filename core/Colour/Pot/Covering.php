<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Pot;

use KindHeel\Core\Colour\CoatLadder;
use KindHeel\Core\Colour\Coats;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Mixture;
use KindHeel\Core\Colour\Paint;
use KindHeel\Core\Product\Applicator;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Text\NotNow;

/** Coats of a pot over its ground: how many cover alone, and over a white or a tone-near base. */
final readonly class Covering
{
    /** It covers when one more coat would change it by less, in ΔE00. */
    private const UNCHANGED = 1.0;
    private const MOST_COATS = 20;
    /** A base of which less is left is none. */
    private const BASE_ML = 1.0;

    /**
     * @param CoatLadder       $bare  without a base
     * @param list<BasedCoats> $based over a base, the fewest coats in all first
     * @param Ground           $over  the ground that decides: the one that asks for most coats
     */
    private function __construct(public CoatLadder $bare, public array $based, public Ground $over)
    {
    }

    /**
     * Of what is in the pot, or of its recipe while it is empty; over the ground that asks for most.
     *
     * @param list<Ground> $grounds what it may lie on; none where nothing was read
     * @param Gloss        $finish  under which it will be seen
     *
     * @throws NotNow when nothing is known of what would cover
     */
    public static function of(Pot $pot, array $grounds, Applicator $applicator, Palette $palette, Gloss $finish = Gloss::Mirror): self
    {
        $drops = $pot->held() > 0 ? $pot->drops : $pot->recipe;
        if ([] === $drops || [] === $grounds) {
            throw new NotNow([] === $drops ? Message::of('Choose a recipe first.') : Message::of('Read the ground it will lie on first.'));
        }
        $mixture = $pot->mixture($drops, $palette);
        if ($mixture->isClear()) {
            throw new NotNow(Message::of('Binder alone never covers.'));
        }
        $over = array_map(static fn (Ground $g): self => self::over($mixture, $g, $applicator, $palette, $finish), $grounds);
        usort($over, static fn (self $a, self $b): int => $b->asked() <=> $a->asked());

        return $over[0];
    }

    /** Coats in all, the shorter way; more than can be counted where nothing covers. */
    private function asked(): int
    {
        return $this->base()?->coats->all() ?? $this->bare->coats ?? \PHP_INT_MAX;
    }

    private static function over(Mixture $mixture, Ground $ground, Applicator $applicator, Palette $palette, Gloss $finish): self
    {
        $perCoat = $applicator->dryMicrons() / Paint::COAT_UM;
        $light = Light::daylight();
        $coats = new Coats($perCoat, self::UNCHANGED, self::MOST_COATS, $light, $finish);
        $white = $palette->white();
        $near = $palette->nearest($light->lab($mixture->look()), self::BASE_ML);
        $based = [];
        foreach (array_filter([$white, $near?->id === $white?->id ? null : $near]) as $base) {
            $ladder = $coats->overBase($mixture, $ground->film, $base, $perCoat);
            if (null !== $ladder) {
                $based[] = new BasedCoats($base->id, $palette->name($base->id), $base->id === $white?->id, $ladder);
            }
        }
        usort($based, static fn (BasedCoats $a, BasedCoats $b): int => $a->coats->all() <=> $b->coats->all());

        return new self($coats->over($mixture, $ground->film), $based, $ground);
    }

    /** The base that saves coats; null where none does. */
    public function base(): ?BasedCoats
    {
        $best = $this->based[0] ?? null;

        return null === $best || null !== $this->bare->coats && $best->coats->all() >= $this->bare->coats ? null : $best;
    }

    public function sentence(): string
    {
        $plain = match ($this->bare->coats) {
            null => Message::of('More than %d coats: it hides too weakly by itself.', \count($this->bare->steps)),
            1 => Message::of('One coat covers.'),
            default => Message::of('%d coats cover.', $this->bare->coats),
        };
        $base = $this->base();
        if (null === $base) {
            return $plain.([] === $this->based ? '' : Message::of(' A base would save none.'));
        }

        return Message::of('%s Over %d of %s, %d will do.', $plain, $base->coats->baseCoats, $base->name, (int) $base->coats->coats);
    }
}
