<?php

declare(strict_types=1);

namespace KindHeel\Core\Material;

/**
 * Finds out what a part is made of: keeps the odds, and proposes the trial that settles most for the least risk.
 *
 * The worth of a trial is the expected fall of Shannon's entropy over its outcomes (Lindley, 1956, “On a measure of
 * the information provided by an experiment”), less the harm that it does on the candidates, each weighted by how
 * likely it is.
 */
final class Finder
{
    /** So many bits a certain mark on the piece is worth. */
    private const BITS_FOR_HARM = 1.2;
    /** Less than this is not worth a trial. */
    private const LEAST_WORTH = 0.01;
    /** Done to a material what is as bad as this is never done. */
    public const FORBIDDEN = 1.0;
    /** From here on a trial leaves something behind. */
    public const RISKY = 0.3;
    /** A material with more than this is still in question: what harms it is not done lightly, what is forbidden on it not at all. */
    public const STILL_LIKELY = 0.05;
    private const IN_QUESTION = 0.10;
    /** Two outcomes that even their best common material shows so rarely do not go together. */
    private const HARDLY = 0.04;

    /**
     * @param non-empty-list<Material> $candidates
     * @param list<TrialResult>        $results
     */
    public static function belief(array $candidates, array $results): Belief
    {
        return array_reduce($results, static fn (Belief $belief, TrialResult $result): Belief => $belief->after($result), Belief::among($candidates));
    }

    /**
     * @param list<Trial> $done       that need no doing again
     * @param list<Trial> $outOfReach that this part does not offer, such as the heel of a bag
     */
    public static function next(Belief $belief, array $done = [], array $outOfReach = []): ?Proposal
    {
        if (Certainty::Known === $belief->certainty()) {
            return null;
        }
        $best = null;
        $worth = self::LEAST_WORTH;
        foreach (Trial::cases() as $trial) {
            if (!$trial->identifies() || \in_array($trial, $done, true) || \in_array($trial, $outOfReach, true) || !self::mayBeDone($trial, $belief)) {
                continue;
            }
            $proposal = new Proposal($trial, self::gain($trial, $belief), self::harm($trial, $belief));
            $value = $proposal->gainBits - self::BITS_FOR_HARM * $proposal->harm;
            if ($value > $worth) {
                [$best, $worth] = [$proposal, $value];
            }
        }

        return $best;
    }

    /** Not while it is forbidden on a material that is still likely, and not while it would mark two that are in question. */
    public static function mayBeDone(Trial $trial, Belief $belief): bool
    {
        foreach ($belief->atLeast(self::STILL_LIKELY) as $material) {
            if ($material->harmedBy($trial) >= self::FORBIDDEN) {
                return false;
            }
        }
        $fragile = array_filter($belief->atLeast(self::IN_QUESTION), static fn (Material $m): bool => $m->harmedBy($trial) >= self::RISKY);

        return \count($fragile) < 2;
    }

    /** Bits that a trial is expected to settle. */
    public static function gain(Trial $trial, Belief $belief): float
    {
        return $belief->entropy() - $belief->entropyAfter($trial);
    }

    public static function harm(Trial $trial, Belief $belief): float
    {
        $harm = 0.0;
        foreach ($belief->atLeast(0.0) as $material) {
            $harm += $belief->of($material) * $material->harmedBy($trial);
        }

        return $harm;
    }

    /**
     * @param non-empty-list<Material> $candidates
     * @param list<TrialResult>        $results
     *
     * @return list<Contradiction>
     */
    public static function contradictions(array $candidates, array $results): array
    {
        $found = [];
        foreach ($results as $i => $one) {
            foreach (\array_slice($results, $i + 1) as $other) {
                $together = max(array_map(static fn (Material $m): float => $m->shows($one) * $m->shows($other), $candidates));
                $alone = min(
                    max(array_map(static fn (Material $m): float => $m->shows($one), $candidates)),
                    max(array_map(static fn (Material $m): float => $m->shows($other), $candidates)),
                );
                if ($together < self::HARDLY && $alone > 2.0 * $together) {
                    $found[] = new Contradiction($one, $other);
                }
            }
        }

        return $found;
    }
}
