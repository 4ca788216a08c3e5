<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

/** What is to be ordered, by supplier, and what is on its way. */
final readonly class OrdersView
{
    /**
     * @param list<OrderLineView> $toOrder
     * @param list<OnTheWayView>  $onTheWay
     */
    public function __construct(public array $toOrder, public array $onTheWay)
    {
    }
}
