<?php

declare(strict_types=1);

namespace KindHeel\Core\Drying;

use KindHeel\Core\Text\Message;

/** Air over time, constant between its readings; the last one holds for ever. */
final readonly class AirRecord
{
    /** @param non-empty-list<AirSpan> $spans in order of time */
    private function __construct(public array $spans)
    {
    }

    /**
     * @param list<AirSpan> $spans
     *
     * @throws \DomainException when there is none, or the times do not rise
     */
    public static function of(array $spans): self
    {
        if ([] === $spans) {
            throw new \DomainException(Message::of('at least one reading of the air is needed'));
        }
        foreach ($spans as $i => $span) {
            if ($i > 0 && $span->from <= $spans[$i - 1]->from) {
                throw new \DomainException(Message::of('readings of the air must follow each other in time'));
            }
        }

        return new self($spans);
    }

    public static function steady(Air $air, \DateTimeImmutable $from): self
    {
        return new self([new AirSpan($from, $air)]);
    }

    public function begins(): \DateTimeImmutable
    {
        return $this->spans[0]->from;
    }

    /**
     * The spans from a moment on, the first one starting there.
     *
     * @return non-empty-list<AirSpan>
     *
     * @throws \DomainException when the record begins later
     */
    public function since(\DateTimeImmutable $moment): array
    {
        if ($this->begins() > $moment) {
            throw new \DomainException(Message::of('the air is not known at that moment'));
        }
        $index = 0;
        foreach ($this->spans as $i => $span) {
            if ($span->from <= $moment) {
                $index = $i;
            }
        }
        $current = $this->spans[$index];

        return [new AirSpan($moment, $current->air, $current->surfaceTempC), ...\array_slice($this->spans, $index + 1)];
    }

    /**
     * The air that something met that was moved: each record from its moment until the next.
     *
     * @param non-empty-list<array{\DateTimeImmutable, self}> $stays in order of time
     *
     * @throws \DomainException when a record begins after the stay does
     */
    public static function along(array $stays): self
    {
        $spans = [];
        foreach ($stays as $i => [$from, $record]) {
            $until = $stays[$i + 1][0] ?? null;
            foreach ($record->since($from) as $span) {
                if (null === $until || $span->from < $until) {
                    $spans[] = $span;
                }
            }
        }

        return self::of($spans);
    }

    /** The same until a moment, and from then on this air. */
    public function changedFrom(\DateTimeImmutable $moment, Air $air): self
    {
        return self::of([...array_values(array_filter($this->spans, static fn (AirSpan $s): bool => $s->from < $moment)), new AirSpan($moment, $air)]);
    }
}
