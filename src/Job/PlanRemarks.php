<?php

declare(strict_types=1);

namespace KindHeel\App\Job;

use KindHeel\App\Database\Row;
use KindHeel\Core\Product\Remark;
use KindHeel\Core\Treatment\Planning\Dropped;
use KindHeel\Core\Treatment\Planning\Plan;
use KindHeel\Core\Treatment\Planning\Refusal;

/** What a plan says beside its steps, as a column keeps it. */
final class PlanRemarks
{
    /**
     * @param list<string> $changes what is otherwise than in the plan before, in sentences
     *
     * @return array<string, list<array{rule: string, text: string, parts?: list<string>}>>
     */
    public static function toColumn(Plan $plan, array $changes): array
    {
        $told = static fn (Remark $r): array => ['rule' => $r->rule, 'text' => $r->text];

        return [
            'refused' => self::refused($plan->refused),
            'referrals' => array_map($told, $plan->referrals),
            'tellOwner' => array_map($told, $plan->tellOwner),
            'dropped' => array_map(static fn (Dropped $d): array => ['rule' => $d->rule, 'text' => $d->text.' '.$d->cost], $plan->dropped),
            'changes' => array_map(static fn (string $c): array => ['rule' => 'J-2', 'text' => $c], $changes),
        ];
    }

    /** @return list<string> what the owner is told, of a row with the column `remarks`; nothing where there is no row or no plan */
    public static function told(?Row $row): array
    {
        $told = [];
        $remarks = null === $row?->textOrNull('remarks') ? [] : $row->json('remarks')['tellOwner'] ?? [];
        foreach (\is_array($remarks) ? $remarks : [] as $remark) {
            if (\is_array($remark) && \is_string($remark['text'] ?? null)) {
                $told[] = $remark['text'];
            }
        }

        return $told;
    }

    /**
     * What is refused for the same reason is said once.
     *
     * @param list<Refusal> $refusals
     *
     * @return list<array{rule: string, text: string, parts: list<string>}>
     */
    private static function refused(array $refusals): array
    {
        $said = [];
        foreach ($refusals as $refusal) {
            $key = $refusal->rule.' '.$refusal->text;
            $parts = $said[$key]['parts'] ?? [];
            $said[$key] = ['rule' => $refusal->rule, 'text' => $refusal->text, 'parts' => array_values(array_unique([...$parts, $refusal->at->part->value]))];
        }

        return array_values($said);
    }
}
