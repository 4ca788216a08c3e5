<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\Core\Drying\Forecast;
use KindHeel\Core\Drying\Stage;
use KindHeel\Core\Drying\Warning;

/** When the coat of a step comes to which stage, what failed tests have added, and whether it has passed. */
#[ORM\Embeddable]
class Moments
{
    #[ORM\Column(type: 'datetime_immutable', nullable: true)]
    private ?\DateTimeImmutable $touchAt = null;

    #[ORM\Column(type: 'datetime_immutable', nullable: true)]
    private ?\DateTimeImmutable $recoatFromAt = null;

    #[ORM\Column(type: 'datetime_immutable', nullable: true)]
    private ?\DateTimeImmutable $recoatUntilAt = null;

    #[ORM\Column(type: 'datetime_immutable', nullable: true)]
    private ?\DateTimeImmutable $nextAt = null;

    #[ORM\Column(type: 'datetime_immutable', nullable: true)]
    private ?\DateTimeImmutable $fullAt = null;

    /** @var list<string> what the air does to this coat */
    #[ORM\Column(type: 'json')]
    private array $airWarnings = [];

    /** What failed gate tests have added to the wait. */
    #[ORM\Column]
    private int $addedMinutes = 0;

    #[ORM\Column(type: 'datetime_immutable', nullable: true)]
    private ?\DateTimeImmutable $notYetAt = null;

    #[ORM\Column(type: 'datetime_immutable', nullable: true)]
    private ?\DateTimeImmutable $gatePassedAt = null;

    #[ORM\Column(nullable: true)]
    private ?float $gateRh = null;

    /** @return array{stages: array<string, string|null>, warnings: list<string>, added: int, notYetAt: string|null, passedAt: string|null} */
    public function toColumn(): array
    {
        $stages = [];
        foreach (Stage::cases() as $stage) {
            $stages[$stage->value] = $this->forecast($stage)?->format(\DATE_RFC3339);
        }

        return [
            'stages' => $stages,
            'warnings' => $this->airWarnings,
            'added' => $this->addedMinutes,
            'notYetAt' => $this->notYetAt?->format(\DATE_RFC3339),
            'passedAt' => $this->gatePassedAt?->format(\DATE_RFC3339),
        ];
    }

    /** @param array<array-key, mixed> $kept */
    public static function fromColumn(array $kept): self
    {
        $moments = new self();
        $stages = \is_array($kept['stages'] ?? null) ? $kept['stages'] : [];
        $moments->touchAt = self::at($stages[Stage::Touch->value] ?? null);
        $moments->recoatFromAt = self::at($stages[Stage::RecoatFrom->value] ?? null);
        $moments->recoatUntilAt = self::at($stages[Stage::RecoatUntil->value] ?? null);
        $moments->nextAt = self::at($stages[Stage::Next->value] ?? null);
        $moments->fullAt = self::at($stages[Stage::Full->value] ?? null);
        $moments->airWarnings = array_values(array_filter(\is_array($kept['warnings'] ?? null) ? $kept['warnings'] : [], \is_string(...)));
        $moments->addedMinutes = \is_int($kept['added'] ?? null) ? $kept['added'] : 0;
        $moments->notYetAt = self::at($kept['notYetAt'] ?? null);
        $moments->gatePassedAt = self::at($kept['passedAt'] ?? null);

        return $moments;
    }

    public static function at(mixed $kept): ?\DateTimeImmutable
    {
        return \is_string($kept) ? (new \DateTimeImmutable($kept))->setTimezone(new \DateTimeZone('UTC')) : null;
    }

    public function dries(Forecast $forecast): void
    {
        $this->touchAt = $forecast->at(Stage::Touch);
        $this->recoatFromAt = $forecast->at(Stage::RecoatFrom);
        $this->recoatUntilAt = $forecast->at(Stage::RecoatUntil);
        $this->nextAt = $forecast->at(Stage::Next);
        $this->fullAt = $forecast->at(Stage::Full);
        $this->airWarnings = self::warnings($forecast);
    }

    /** @return list<string> what the air does to the coat, each once */
    public static function warnings(Forecast $forecast): array
    {
        return array_values(array_unique(array_map(static fn (Warning $w): string => $w->message, $forecast->warnings)));
    }

    /** When a stage is forecast, with what failed gate tests added. */
    public function reaches(Stage $stage): ?\DateTimeImmutable
    {
        return $this->forecast($stage)?->modify(\sprintf('+%d minutes', $this->addedMinutes)) ?: null;
    }

    public function forecast(Stage $stage): ?\DateTimeImmutable
    {
        return match ($stage) {
            Stage::Touch => $this->touchAt,
            Stage::RecoatFrom => $this->recoatFromAt,
            Stage::RecoatUntil => $this->recoatUntilAt,
            Stage::Next => $this->nextAt,
            Stage::Full => $this->fullAt,
        };
    }

    public function notYetAt(): ?\DateTimeImmutable
    {
        return $this->notYetAt;
    }

    public function passedAt(): ?\DateTimeImmutable
    {
        return $this->gatePassedAt;
    }

    /** @param float|null $rh of the air in which it was waited, 0–1, where somebody has read it */
    public function pass(\DateTimeImmutable $at, ?float $rh): void
    {
        $this->gatePassedAt = $at;
        $this->gateRh = $rh;
    }

    public function waitLonger(int $minutes, \DateTimeImmutable $at): void
    {
        $this->notYetAt = $at;
        $this->addedMinutes += $minutes;
    }
}
