<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use Doctrine\DBAL\Connection;
use KindHeel\App\Clock\Iso;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\Passport;
use KindHeel\App\Job\PieceColours;
use KindHeel\App\Job\PlanRemarks;
use KindHeel\App\Settings\WorkshopSettings;
use KindHeel\Core\Anatomy\PieceFamily;
use KindHeel\Core\Material\Material;
use Psr\Clock\ClockInterface;
use Sabre\VObject\Component\VCalendar;

/** The care card of a piece: on paper, as a page for its owner, and as dates in their calendar. */
final readonly class CarePages
{
    public function __construct(
        private Connection $connection,
        private CareFacts $care,
        private Outside $outside,
        private PassportReader $passports,
        private WorkshopSettings $settings,
        private ClockInterface $clock,
    ) {
    }

    public function of(Passport $passport): CarePageView
    {
        $last = Row::first(
            $this->connection,
            'SELECT p.id, p.remarks, p.collected_at, '.PieceColours::COLUMN.'
             FROM piece p WHERE p.passport_id = ? AND p.called_off IS NULL ORDER BY p.id DESC LIMIT 1',
            [$passport->id()],
        );
        $piece = $last?->int('id') ?? 0;

        return new CarePageView(
            $this->settings->identity()->name,
            $passport->name(),
            $passport->kind(),
            null === $last ? [] : PieceColours::of($last),
            Iso::of($last?->timeOrNull('collected_at')),
            $this->passports->done([$piece])[$piece] ?? [],
            PlanRemarks::told($last),
            $this->care->due([$passport])[$passport->id()],
            $this->leftAlone($passport),
            PieceFamily::Garment === $passport->kind()->family()
                ? 'Shake the water off and hang it on a wide hanger, away from heat, until it is dry through. Then brush it.'
                : 'Blot it, stuff it with plain paper and change that, and let it dry away from heat: never by a radiator or in the sun. '
                    .'Then brush, then feed.',
            'Clean, fed and dry; trees or acid-free paper in it; upright or flat, never folded; in a bag that breathes; not in a cellar or an attic.',
        );
    }

    public function calendar(Passport $passport): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Kind Heel//Care//EN', 'NAME' => $passport->name(), 'X-WR-CALNAME' => $passport->name()]);
        $stamp = $this->clock->now()->setTimezone(new \DateTimeZone('UTC'));
        foreach ($this->care->due([$passport])[$passport->id()] as $due) {
            $day = new \DateTimeImmutable($due->at);
            $event = $calendar->createComponent('VEVENT', [
                'UID' => \sprintf('care-%s-%s@kind-heel', $passport->code(), $due->kind->value),
                'DTSTAMP' => $stamp,
                'SUMMARY' => \sprintf('%s: %s', $passport->name(), $due->label),
                'DESCRIPTION' => $due->why.' '.$due->how,
                'TRANSP' => 'TRANSPARENT',
            ]);
            $event->add('DTSTART', $day->format('Ymd'), ['VALUE' => 'DATE']);
            $event->add('RRULE', \sprintf('FREQ=DAILY;INTERVAL=%d', $due->everyDays));
            $calendar->add($event);
        }

        return $calendar->serialize();
    }

    /** @return list<string> */
    private function leftAlone(Passport $passport): array
    {
        $outside = $this->outside->ofPassports([$passport->id()])[$passport->id()] ?? [];
        $has = static fn (\Closure $such): bool => [] !== array_filter($outside, $such);
        $not = ['No heat: no radiator, no hair dryer, no sun on the sill.'];
        if ($has(static fn (Material $m): bool => $m->hasNap())) {
            $not[] = 'No cream, wax or oil on suede and nubuck: it mats the nap and darkens it for good.';
        }
        if ($has(static fn (Material $m): bool => $m->hasFilm())) {
            $not[] = 'No alcohol, solvent or household cleaner: it lifts the colour.';
        }
        if ($has(static fn (Material $m): bool => Material::Patent === $m || Material::CoatedCanvas === $m)) {
            $not[] = 'No repellent spray and no wax on patent or coated canvas.';
        }
        if (true === $passport->use()?->darkCloth || PieceFamily::Bag === $passport->kind()->family()) {
            $not[] = 'Keep it off dark denim, newsprint and tanning lotion: their colour goes into pale leather and stays.';
        }
        if ($has(static fn (Material $m): bool => $m->isLeather() && !$m->hasFilm())) {
            $not[] = 'Never wet one spot alone: wipe the whole part, or it leaves a ring.';
        }
        $not[] = 'Nothing makes leather keep all water out; do not rely on it.';

        return $not;
    }
}
