<?php

declare(strict_types=1);

namespace KindHeel\App\Counter;

/** A ticket at the moment when its pieces go home. */
final readonly class LeavingView
{
    /**
     * @param list<LeavingPieceView> $pieces   that are still here
     * @param list<CareWarningView>  $warnings for those that went home before they were cured
     * @param list<HandedOverView>   $gone     what went home, and with whom
     */
    public function __construct(public TicketView $ticket, public array $pieces, public array $warnings, public array $gone)
    {
    }
}
