<?php

declare(strict_types=1);

namespace KindHeel\Tests\Architecture;

final class CoreFloors extends Floors
{
    public static function root(): string
    {
        return 'KindHeel\Core';
    }

    public static function floors(): array
    {
        return [
            'Text', 'Quantity', 'Offer',
            'Drying', 'Product', 'Product/Family', 'Colour', 'Colour/Recipe', 'Colour/Pot', 'Colour/Settling', 'Stock', 'Finding',
            'Material', 'Material/Profile', 'Anatomy',
            'Assessment', 'Assessment/Disclosure',
            'Treatment', 'Treatment/Rule', 'Treatment/Checking', 'Treatment/Wish', 'Treatment/Need', 'Treatment/Planning',
            'Schedule/Calendar', 'Schedule/Learning', 'Schedule/Solve', 'Schedule', 'Costing', 'Care',
        ];
    }
}
