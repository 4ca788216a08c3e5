<?php

declare(strict_types=1);

namespace KindHeel\Core\Care;

use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Material;

/** What makes a job like another: the kind of piece, what it is made of, what was wrong with it. */
final readonly class JobProfile
{
    private const KIND = 3.0;
    private const FAMILY = 1.5;
    private const MATERIALS = 3.0;
    private const FINDINGS = 4.0;

    /**
     * @param list<Material>    $outside
     * @param list<FindingKind> $findings
     */
    public function __construct(public int $id, public Kind $kind, public array $outside, public array $findings)
    {
    }

    /** 0 where nothing is alike, 1 where all is. */
    public function likeness(self $other): float
    {
        $kind = $this->kind === $other->kind ? self::KIND : ($this->kind->family() === $other->kind->family() ? self::FAMILY : 0.0);

        return ($kind
            + self::MATERIALS * self::shared(array_column($this->outside, 'value'), array_column($other->outside, 'value'))
            + self::FINDINGS * self::shared(array_column($this->findings, 'value'), array_column($other->findings, 'value')))
            / (self::KIND + self::MATERIALS + self::FINDINGS);
    }

    /**
     * @param list<self> $others
     *
     * @return list<array{self, float}> the likest first, at most so many
     */
    public function nearest(array $others, int $most): array
    {
        $found = array_map(fn (self $o): array => [$o, $this->likeness($o)], array_values(array_filter($others, fn (self $o): bool => $o->id !== $this->id)));
        usort($found, static fn (array $a, array $b): int => [$b[1], $b[0]->id] <=> [$a[1], $a[0]->id]);

        return \array_slice($found, 0, $most);
    }

    /**
     * Of all that either has, what both have (Jaccard 1901); 1 where neither has any.
     *
     * @param list<string> $one
     * @param list<string> $other
     */
    private static function shared(array $one, array $other): float
    {
        $all = array_unique([...$one, ...$other]);

        return [] === $all ? 1.0 : \count(array_unique(array_intersect($one, $other))) / \count($all);
    }
}
