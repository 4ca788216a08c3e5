<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

/** What came back within the last years, and what those pieces have in common. */
final readonly class WhatComesBackView
{
    /**
     * @param int                 $pieces   finished in that time
     * @param list<BackView>      $back     the last first
     * @param list<ShareBackView> $products by kind of product, those of which most came back first
     * @param list<ShareBackView> $steps    by stretch of work
     * @param list<ShareBackView> $lots
     * @param list<ShareBackView> $seasons  in which they were finished
     */
    public function __construct(
        public int $years,
        public int $pieces,
        public array $back,
        public array $products,
        public array $steps,
        public array $lots,
        public array $seasons,
    ) {
    }
}
