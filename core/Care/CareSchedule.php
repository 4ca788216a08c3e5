<?php

declare(strict_types=1);

namespace KindHeel\Core\Care;

use KindHeel\Core\Anatomy\PieceFamily;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Text\Message;

/**
 * What a piece needs next, from what it is made of, how it is used and what was done last (aftercare by use: brushed each time, wiped
 * after wet or salty wear, fed each 6–12 months – work each 1–4 weeks, riding after each sweat –, polished each 2–8 weeks, protected
 * each season, always made ready before storing).
 *
 * More use, and harder use, never means later care; what was just done is never due at once.
 */
final readonly class CareSchedule
{
    private const SEASON = 91;
    private const WEEK = 7;
    private const YEAR = 365;
    private const HALF_YEAR = 182;
    /** Sun, salt and rain each bring the next feeding this much nearer. */
    private const SUN = 0.75;
    private const SALT = 0.75;
    private const RAIN = 0.85;

    /** @param list<Material> $outside what its outside is made of, each once */
    private function __construct(private PieceFamily $family, private array $outside, private CareUse $use)
    {
    }

    /**
     * @param list<Material>                    $outside
     * @param array<string, \DateTimeImmutable> $last    when each kind of care was done last, by {@see CareKind}
     * @param \DateTimeImmutable                $since   from when on, where it never was: the day it went home
     *
     * @return list<CareDue> the soonest first
     */
    public static function of(PieceFamily $family, array $outside, CareUse $use, array $last, \DateTimeImmutable $since): array
    {
        $schedule = new self($family, $outside, $use);
        $due = [];
        foreach (CareKind::cases() as $kind) {
            $every = $schedule->every($kind);
            if (null === $every) {
                continue;
            }
            $from = max($last[$kind->value] ?? $since, $since)->setTime(0, 0);
            $at = CareKind::Store === $kind ? $schedule->storing($from) : $from->modify("+$every days");
            $due[] = new CareDue($kind, $at, $every, $schedule->why($kind, $every), $schedule->how($kind));
        }
        usort($due, static fn (CareDue $a, CareDue $b): int => [$a->at, $a->everyDays] <=> [$b->at, $b->everyDays]);

        return $due;
    }

    /** Days between one and the next; null where it is not called for. */
    private function every(CareKind $kind): ?int
    {
        $share = $this->use->share();

        return match ($kind) {
            CareKind::Brush => $this->isPatent() || 0.0 === $share ? null : max(1, (int) floor(1.0 / $share)),
            CareKind::Wipe => $this->use->wet || $this->use->salt ? max(1, (int) floor(($this->use->salt ? 1.0 : 2.0) / max(0.25, $share))) : null,
            CareKind::Feed => $this->eats() ? $this->feeding() : null,
            CareKind::Polish => $this->shines() ? (int) round(self::WEEK * (8.0 - 6.0 * $share)) : null,
            CareKind::Protect => $this->takesRepellent() ? ($this->use->wet || $this->use->salt ? 61 : self::SEASON) : null,
            CareKind::SoleCheck => $this->family->isFootwear() ? max(91, (int) round(self::YEAR - 243.0 * $share)) : null,
            CareKind::Store => null === $this->use->storedFrom ? null : self::YEAR,
        };
    }

    private function feeding(): int
    {
        $share = $this->use->share();
        $usual = self::YEAR - (self::YEAR - self::HALF_YEAR) * $share;
        $hard = match (true) {
            WornFor::Riding === $this->use->for => self::WEEK / max(0.25, $this->use->daysAWeek),
            WornFor::Work === $this->use->for => 28.0 - 21.0 * $share,
            default => $usual,
        };
        $days = min($usual, $hard) * ($this->use->sun ? self::SUN : 1.0) * ($this->use->salt ? self::SALT : 1.0) * ($this->use->wet ? self::RAIN : 1.0);

        return max(1, (int) floor($days));
    }

    /** The first of the month in which it is put away, next after this day. */
    private function storing(\DateTimeImmutable $from): \DateTimeImmutable
    {
        $year = (int) $from->format('Y');
        $at = $from->setDate($year, $this->use->storedFrom ?? 1, 1);

        return $at > $from ? $at : $from->setDate($year + 1, $this->use->storedFrom ?? 1, 1);
    }

    private function why(CareKind $kind, int $every): string
    {
        $worn = match (true) {
            $this->use->daysAWeek >= 4.0 => Message::of('It is used most days.'),
            $this->use->daysAWeek > 0.0 => Message::of('It is used now and then.'),
            default => Message::of('It is hardly used.'),
        };

        return match ($kind) {
            CareKind::Brush => Message::of('Dust grinds; it comes off dry, before anything else.'),
            CareKind::Wipe => $this->use->salt
                ? Message::of('Salt draws the life out of leather and leaves tide lines.')
                : Message::of('What dried in after rain is hard to get out.'),
            CareKind::Feed => match (true) {
                WornFor::Riding === $this->use->for => Message::of('Sweat takes the fat out of it each time.'),
                WornFor::Work === $this->use->for => Message::of('Work takes the fat out of it: every %d days.', $every),
                default => $worn.' '.($this->use->sun || $this->use->salt || $this->use->wet
                    ? Message::of('Sun, salt or rain bring the next feeding nearer.')
                    : Message::of('Leather that is fed in time does not crack.')),
            },
            CareKind::Polish => $worn.' '.Message::of('Polish keeps its colour and takes the knocks.'),
            CareKind::Protect => Message::of('What keeps water off wears off within a season.'),
            CareKind::SoleCheck => Message::of('A heel that is caught in time costs a fraction of a sole.'),
            CareKind::Store => Message::of('What is put away dirty or dry comes out stained or cracked.'),
        };
    }

    private function how(CareKind $kind): string
    {
        return match ($kind) {
            CareKind::Brush => $this->isNapped()
                ? Message::of('A crepe or soft brush, in one direction, dry.')
                : Message::of('A soft brush, dry, the welt and seams as well.'),
            CareKind::Wipe => Message::of('A barely damp cloth, all of a part and not the spot alone; then let it dry away from heat.'),
            CareKind::Feed => $this->isReptile()
                ? Message::of('A light cream, along the scales, a fingertip at a time.')
                : Message::of('A little conditioner, worked in thin; buffed when it has stopped darkening.'),
            CareKind::Polish => Message::of('Cream in its own colour, thin; brushed to a shine, then a cloth.'),
            CareKind::Protect => Message::of('A repellent spray outdoors, thin and even, dry before it is worn. It keeps light rain off for a while, no more.'),
            CareKind::SoleCheck => Message::of('Bring it by; looking costs nothing.'),
            CareKind::Store => Message::of('Clean, fed and dry; trees or acid-free paper in it; a bag that breathes; not in cellar or attic, never folded.'),
        };
    }

    private function eats(): bool
    {
        return $this->has(static fn (Material $m): bool => $m->isLeather() && !$m->isNapped() && Material::Patent !== $m && Material::RacingHide !== $m);
    }

    private function shines(): bool
    {
        return $this->family->isFootwear() && PieceFamily::Trainer !== $this->family && !$this->use->for->isHard()
            && $this->has(static fn (Material $m): bool => $m->takesCream());
    }

    /** Nap and natural leather, not coated canvas or patent. */
    private function takesRepellent(): bool
    {
        return $this->has(static fn (Material $m): bool => $m->hasNap() || $m->isLeather() && !$m->hasFilm() && Material::RacingHide !== $m);
    }

    private function isNapped(): bool
    {
        return $this->has(static fn (Material $m): bool => $m->isNapped());
    }

    private function isReptile(): bool
    {
        return $this->has(static fn (Material $m): bool => $m->isReptile());
    }

    private function isPatent(): bool
    {
        return [Material::Patent] === $this->outside;
    }

    /** @param \Closure(Material): bool $such */
    private function has(\Closure $such): bool
    {
        return [] !== array_filter($this->outside, $such);
    }
}
