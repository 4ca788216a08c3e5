<?php

declare(strict_types=1);

namespace KindHeel\Core\Colour\Pot;

use KindHeel\Core\Colour\CoatLadder;
use KindHeel\Core\Colour\Coats;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Paint;
use KindHeel\Core\Colour\Spectrum;
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
     */
    private function __construct(public CoatLadder $bare, public array $based)
    {
    }

    /**
     * Of what is in the pot, or of its recipe while it is empty.
     *
     * @param Spectrum $ground as the film sees it, without its sheen
     *
     * @throws NotNow when nothing is known of what would cover
     */
    public static function of(Pot $pot, ?Spectrum $ground, Applicator $applicator, Palette $palette): self
    {
        $drops = $pot->held() > 0 ? $pot->drops : $pot->recipe;
        if ([] === $drops || null === $ground) {
            throw new NotNow([] === $drops ? Message::of('Choose a recipe first.') : Message::of('Read the ground it will lie on first.'));
        }
        $mixture = $pot->mixture($drops, $palette);
        if ($mixture->isClear()) {
            throw new NotNow(Message::of('Binder alone never covers.'));
        }
        $perCoat = $applicator->dryMicrons() / Paint::COAT_UM;
        $light = Light::daylight();
        $coats = new Coats($perCoat, self::UNCHANGED, self::MOST_COATS, $light);
        $white = $palette->white();
        $near = $palette->nearest($light->lab($mixture->look()), self::BASE_ML);
        $based = [];
        foreach (array_filter([$white, $near?->id === $white?->id ? null : $near]) as $base) {
            $ladder = $coats->overBase($mixture, $ground, $base, $perCoat);
            if (null !== $ladder) {
                $based[] = new BasedCoats($base->id, $palette->name($base->id), $base->id === $white?->id, $ladder);
            }
        }
        usort($based, static fn (BasedCoats $a, BasedCoats $b): int => $a->coats->all() <=> $b->coats->all());

        return new self($coats->over($mixture, $ground), $based);
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
