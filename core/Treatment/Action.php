<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment;

/** What the hands do; `Lay` puts a product family on. */
enum Action: string
{
    case Lay = 'lay';
    case TakeApart = 'take-apart';
    case Photograph = 'photograph';
    case Tree = 'tree';
    case DustOff = 'dust-off';
    case Trial = 'trial';
    case Mask = 'mask';
    case Unmask = 'unmask';
    case Buff = 'buff';
    case PutTogether = 'put-together';
    case HandOver = 'hand-over';
}
