<?php

declare(strict_types=1);

namespace KindHeel\App\Plan;

use KindHeel\Core\Treatment\Planning\Refusal;

/** Something that was considered and refused, on which parts of either half. */
final readonly class RefusedView
{
    /** @param list<string> $parts */
    public function __construct(public string $rule, public string $text, public array $parts)
    {
    }

    /**
     * What is refused for the same reason is said once.
     *
     * @param list<Refusal> $refusals
     *
     * @return list<array{rule: string, text: string, parts: list<string>}>
     */
    public static function group(array $refusals): array
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
