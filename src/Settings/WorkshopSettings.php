<?php

declare(strict_types=1);

namespace KindHeel\App\Settings;

use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Row;
use KindHeel\Core\Product\Station;
use KindHeel\Core\Schedule\SetUpMinutes;
use Symfony\Contracts\Service\ResetInterface;

/** What this workshop has set for itself, or what is usual. */
final class WorkshopSettings implements ResetInterface
{
    /** How many pieces a station takes at once. */
    private const PLACES = ['bench' => 3, 'booth' => 1, 'sink' => 1, 'lamp' => 2];

    /** A usual small card, in mm. */
    private const CARD = [85.0, 55.0];

    /** @var array<string, Row>|null all that is set, by name: there is little of it, and who asks for one thing asks for more */
    private ?array $set = null;

    public function __construct(private readonly Connection $connection)
    {
    }

    /** Between requests. */
    public function reset(): void
    {
        $this->set = null;
    }

    /** @return array<string, int> by station */
    public function places(): array
    {
        $places = self::PLACES;
        foreach ($this->value('places') as $station => $count) {
            if (null !== Station::tryFrom((string) $station) && \is_int($count)) {
                $places[(string) $station] = $count;
            }
        }

        return $places;
    }

    /** @param array<string, int> $places */
    public function takePlaces(array $places): void
    {
        $this->take('places', $places);
    }

    /** @return array<string, int> how many there are of each gear */
    public function gear(): array
    {
        $known = $this->value('gear');
        $gear = [];
        foreach (Gear::cases() as $case) {
            $count = $known[$case->value] ?? null;
            $gear[$case->value] = \is_int($count) ? $count : $case->usual();
        }

        return $gear;
    }

    /** @param array<string, int> $gear */
    public function takeGear(array $gear): void
    {
        $this->take('gear', $gear);
    }

    public function setUp(): SetUpMinutes
    {
        $known = $this->value('set-up');
        $minutes = static fn (string $which, int $usual): int => \is_int($known[$which] ?? null) ? $known[$which] : $usual;

        return new SetUpMinutes($minutes('switch', SetUpMinutes::USUAL_SWITCH), $minutes('handover', SetUpMinutes::USUAL_HANDOVER));
    }

    public function takeSetUp(SetUpMinutes $minutes): void
    {
        $this->take('set-up', ['switch' => $minutes->switch, 'handover' => $minutes->handover]);
    }

    /** @return array{float, float} sides of the card that is laid beside what is measured on a picture, in mm */
    public function cardMm(): array
    {
        $known = $this->value('card');
        $side = static fn (string $which, float $usual): float => \is_int($known[$which] ?? null) || \is_float($known[$which] ?? null)
            ? (float) $known[$which]
            : $usual;

        return [$side('long', self::CARD[0]), $side('short', self::CARD[1])];
    }

    public function takeCard(float $longMm, float $shortMm): void
    {
        $this->take('card', ['long' => $longMm, 'short' => $shortMm]);
    }

    public function alarm(): Alarm
    {
        $sound = $this->value('alarm')['sound'] ?? null;

        return \is_string($sound) ? Alarm::tryFrom($sound) ?? Alarm::Bell : Alarm::Bell;
    }

    public function takeAlarm(Alarm $alarm): void
    {
        $this->take('alarm', ['sound' => $alarm->value]);
    }

    public function identity(): IdentityView
    {
        $known = $this->value('identity');
        $word = static fn (string $which): string => \is_string($known[$which] ?? null) ? $known[$which] : '';

        return new IdentityView(
            $word('name'),
            $word('address'),
            $word('reach'),
            HourClock::tryFrom($word('clock')) ?? HourClock::TwentyFour,
            \is_int($known['uncollected-days'] ?? null) ? $known['uncollected-days'] : IdentityView::USUAL_UNCOLLECTED,
            true === ($known['home'] ?? false),
        );
    }

    public function takeIdentity(IdentityView $identity): void
    {
        $this->take('identity', [
            'name' => $identity->name, 'address' => $identity->address, 'reach' => $identity->reach, 'clock' => $identity->clock->value,
            'uncollected-days' => $identity->uncollectedDays, 'home' => $identity->home,
        ]);
    }

    /** Whose own things are looked after here; null where nobody has ever said so. */
    public function homeOwner(): ?int
    {
        $id = $this->value('home-owner')['id'] ?? null;

        return \is_int($id) ? $id : null;
    }

    public function takeHomeOwner(int $id): void
    {
        $this->take('home-owner', ['id' => $id]);
    }

    /** @return array{subject: string, text: string}|array{} words of one's own for an occasion */
    public function letter(string $occasion): array
    {
        $own = $this->value('letters')[$occasion] ?? null;

        return \is_array($own) && \is_string($own['subject'] ?? null) && \is_string($own['text'] ?? null)
            ? ['subject' => $own['subject'], 'text' => $own['text']]
            : [];
    }

    /** @param array{subject: string, text: string} $words */
    public function takeLetter(string $occasion, array $words): void
    {
        $this->take('letters', [$occasion => $words] + $this->value('letters'));
    }

    /** @return array<array-key, mixed> */
    private function value(string $name): array
    {
        if (null === $this->set) {
            $this->set = [];
            foreach (Row::all($this->connection, 'SELECT name, value FROM workshop_setting') as $row) {
                $this->set[$row->text('name')] = $row;
            }
        }

        return ($this->set[$name] ?? null)?->json('value') ?? [];
    }

    /** @param array<array-key, mixed> $value */
    private function take(string $name, array $value): void
    {
        $this->reset();
        $this->connection->executeStatement(
            'INSERT INTO workshop_setting (name, value) VALUES (?, ?) ON DUPLICATE KEY UPDATE value = VALUES(value)',
            [$name, json_encode($value, \JSON_THROW_ON_ERROR)],
        );
    }
}
