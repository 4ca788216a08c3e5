<?php

declare(strict_types=1);

namespace KindHeel\Tests\Architecture;

final class AppFloors extends Floors
{
    public static function root(): string
    {
        return 'KindHeel\App';
    }

    public static function floors(): array
    {
        return [
            'Clock', 'Database', 'Running', 'Http', 'Files', 'Console', 'Words', 'Compute', 'Compute/Quantity', 'Compute/Colour', 'Compute/Script',
            'People', 'Settings', 'Security', 'Air', 'Job', 'Ledger', 'Learning', 'Picture', 'Shelf',
            'Colour/Device', 'Colour/File', 'Colour', 'Simulation',
            'Drying', 'Timetable', 'Search', 'Counter', 'Piece', 'Measure', 'Plan', 'Intake', 'Offer', 'OwnerPage', 'Owner', 'OldList', 'Message', 'Workshop',
            'Staff', 'Backup', 'Hosting', 'Archive', 'Bench', 'Promise', 'Demo',
        ];
    }
}
