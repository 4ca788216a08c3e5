<?php

declare(strict_types=1);

namespace KindHeel\Core\Treatment\Wish;

use KindHeel\Core\Text\Message;

/** A question on which good restorers disagree: two or three sides, a usual one, and the reason for it. */
enum School: string
{
    case Cleaning = 'cleaning';
    case Conditioner = 'conditioner';
    case Feeding = 'feeding';
    case WetWork = 'wet-work';
    case Dyeing = 'dyeing';
    case Laying = 'laying';
    case Drying = 'drying';
    case BareFinish = 'bare-finish';
    case BootFinish = 'boot-finish';
    case Buffing = 'buffing';
    case TrainerWash = 'trainer-wash';
    case Pace = 'pace';

    public function label(): string
    {
        return Message::of(match ($this) {
            self::Cleaning => 'How cleaning begins',
            self::Conditioner => 'What conditioner is worked in with',
            self::Feeding => 'What dry leather is fed with',
            self::WetWork => 'What wet work gets',
            self::Dyeing => 'Leather before dye',
            self::Laying => 'How colour is laid',
            self::Drying => 'How a film dries',
            self::BareFinish => 'Finish of bare dyed leather',
            self::BootFinish => 'Last layer on boots',
            self::Buffing => 'How it is buffed',
            self::TrainerWash => 'Washing trainers',
            self::Pace => 'Pace',
        });
    }

    /** @return non-empty-array<string, string> what each side says, by its id */
    public function sides(): array
    {
        return match ($this) {
            self::Cleaning => [
                'damp-first' => Message::of('brush, then barely damp'),
                'dry-first' => Message::of('brush only, unless something caustic or sticky is on it'),
                'wash-first' => Message::of('water and a cleaner start every job'),
            ],
            self::Conditioner => ['fingers' => Message::of('fingers, for warmth and feel'), 'cloth' => Message::of('a cloth, even and clean')],
            self::Feeding => ['cream' => Message::of('light creams, often'), 'oil' => Message::of('oil on bare and work leather')],
            self::WetWork => ['cream' => Message::of('creams; waxes clog and crust'), 'heavy-wax' => Message::of('thick waxes keep the wet off')],
            self::Dyeing => ['damp' => Message::of('dampened evenly, for even uptake'), 'dry' => Message::of('dry, for depth')],
            self::Laying => ['airbrush' => 'airbrush', 'sponge' => 'sponge', 'brush' => 'brush'],
            self::Drying => ['leave' => Message::of('left to dry by itself'), 'warm-air' => Message::of('warm air on films, kept moving')],
            self::BareFinish => ['resin-outside' => Message::of(
                'resin outside, conditioner inside',
            ), 'conditioner-only' => Message::of('conditioner everywhere')],
            self::BootFinish => ['wax' => 'wax', 'repellent' => Message::of('no wax; a repellent')],
            self::Buffing => ['brush-cloth' => Message::of('brush, then cloth'), 'hand' => Message::of('the flat of the hand')],
            self::TrainerWash => ['hand' => Message::of('by hand'), 'machine' => Message::of('whole, in a machine, cold')],
            self::Pace => ['one-go' => Message::of('all in one go'), 'overnight' => Message::of('a short spell a day, the nights for drying')],
        };
    }

    public function isSide(string $id): bool
    {
        return isset($this->sides()[$id]);
    }

    /** What is usual where nobody has chosen, and why. */
    public function usual(): string
    {
        return match ($this) {
            self::Cleaning => Message::of('Damp first: brush, then barely damp; soap only for a finding that needs it.'),
            self::Conditioner => Message::of('Fingers for feeding, cloth for anything with colour.'),
            self::Feeding => Message::of('Cream: oil darkens for good and softens too far; on bare and work leather only with the owner’s yes.'),
            self::WetWork => Message::of('Cream, unless the piece is to be work-proof.'),
            self::Dyeing => Message::of('Damp for large plain areas, dry for spots and lines.'),
            self::Laying => Message::of('Airbrush above 1.5 dm² or for a colour that hides weakly, sponge below that.'),
            self::Drying => Message::of('Warm air on film coats, kept moving, the surface under 40 °C; never on oil, wax or wet leather.'),
            self::BareFinish => Message::of('Resin where it meets water, hands and clothes.'),
            self::BootFinish => Message::of('Wax on dress boots, repellent on casual and work boots.'),
            self::Buffing => Message::of('Brush, then cloth; the hand for burnished leather.'),
            self::TrainerWash => Message::of('By hand; a machine only for textile and synthetic with a good bond.'),
            self::Pace => Message::of('By the promised day: overnight where there is time.'),
        };
    }
}
