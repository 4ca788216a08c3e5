<?php

declare(strict_types=1);

namespace KindHeel\App\Compute\Quantity;

use KindHeel\App\Compute\Computation;
use KindHeel\App\Compute\Reader;
use KindHeel\Core\Quantity\Thread;

/** `quantity.thread`: thread for a seam by hand. */
final readonly class QuantityThread implements Computation
{
    public static function name(): string
    {
        return 'quantity.thread';
    }

    public function compute(mixed $input): array
    {
        $read = new Reader();
        $fields = $read->object($input, '', ['seam_mm', 'stitch_mm', 'thickness_mm', 'tail_mm']);
        $seam = $read->size($fields, 'seam_mm');
        $stitch = $read->size($fields, 'stitch_mm');
        $thickness = $read->size($fields, 'thickness_mm');
        $tail = \array_key_exists('tail_mm', $fields ?? []) ? $read->number($fields['tail_mm'] ?? null, '/tail_mm', 0.0, Reader::MOST) : null;
        $read->finish();
        \assert(null !== $seam && null !== $stitch && null !== $thickness && null !== $tail);
        $thread = Thread::for($seam, $stitch, $thickness, $tail);

        return ['stitches' => $thread->stitches, 'thread_mm' => round($thread->mm, 6)];
    }
}
