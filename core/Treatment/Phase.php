<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment;

/** The order of the work. */
enum Phase: string
{
    case TakeApart = 'take-apart';
    case Record = 'record';
    case DryClean = 'dry-clean';
    case Trial = 'trial';
    case Clean = 'clean';
    case Degrease = 'degrease';
    case Mask = 'mask';
    case Unmask = 'unmask';
    case Condition = 'condition';
    case Polish = 'polish';
    case Edges = 'edges';
    case PutTogether = 'put-together';
    case HandOver = 'hand-over';

    public function label(): string
    {
        return str_replace('-', ' ', $this->value);
    }
}
