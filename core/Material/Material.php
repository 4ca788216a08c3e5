<?php

declare(strict_types=1);

namespace KindHeel\Core\Material;

use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Text\Message;

/** What a part is made of and how it is finished; all that is particular to a material stands in the file of its name in {@see Profile}. */
enum Material: string
{
    case Aniline = 'aniline';
    case SemiAniline = 'semi-aniline';
    case Pigmented = 'pigmented';
    case Waxy = 'waxy';
    case Burnished = 'burnished';
    case VegTan = 'veg-tan';
    case Patent = 'patent';
    case Embossed = 'embossed';
    case Suede = 'suede';
    case Nubuck = 'nubuck';
    case RoughOut = 'rough-out';
    case ReptileMatt = 'reptile-matt';
    case ReptileGlazed = 'reptile-glazed';
    case SheepNappa = 'sheep-nappa';
    case RacingHide = 'racing-hide';
    case CoatedCanvas = 'coated-canvas';
    case Synthetic = 'synthetic';
    case Textile = 'textile';
    case Rubber = 'rubber';
    case Foam = 'foam';
    case LeatherStack = 'leather-stack';
    case LeatherEdge = 'leather-edge';
    case BareWelt = 'bare-welt';
    case PlasticStack = 'plastic-stack';
    case Metal = 'metal';

    public function profile(): Profile
    {
        return Profile::of($this);
    }

    public function label(): string
    {
        return Message::of(Profile::of($this)->label);
    }

    /** How it tells itself apart at the bench, in one line. */
    public function sign(): string
    {
        return Profile::of($this)->sign;
    }

    public function is(Property $property): bool
    {
        return Profile::of($this)->is($property);
    }

    /** How often it shows this, between 0 and 1; 1 where a trial says nothing about materials. */
    public function shows(TrialResult $result): float
    {
        return Profile::of($this)->shows($result);
    }

    /** What a trial can do to it on a hidden place, from 0 (a look) to 1 (forbidden). */
    public function harmedBy(Trial $trial): float
    {
        return Profile::of($this)->harms[$trial->value];
    }

    /** A mirror needs a grain that is closed and takes wax. */
    public function takes(Gloss $gloss): bool
    {
        return Gloss::Mirror !== $gloss || $this->is(Property::TakesMirror);
    }

    /** It tells of a material: lifted scales of reptile, flat nap of suede. Elsewhere it is offered one step further. */
    public function usuallyHas(FindingKind $finding): bool
    {
        return !\in_array($finding, Profile::of($this)->unusual, true);
    }

    public function isEdge(): bool
    {
        return $this->is(Property::IsEdge);
    }

    public function losesColourToSolvent(): bool
    {
        return $this->is(Property::LosesColourToSolvent);
    }

    public function asksForTrial(): bool
    {
        return $this->is(Property::AsksForTrial);
    }

    public function hasNap(): bool
    {
        return $this->is(Property::HasNap);
    }

    public function isNapped(): bool
    {
        return $this->is(Property::IsNapped);
    }

    public function takesCream(): bool
    {
        return $this->is(Property::TakesCream);
    }

    public function mustStayBare(): bool
    {
        return $this->is(Property::MustStayBare);
    }

    public function isLeather(): bool
    {
        return $this->is(Property::IsLeather);
    }

    public function isReptile(): bool
    {
        return $this->is(Property::IsReptile);
    }

    public function hasFilm(): bool
    {
        return $this->is(Property::HasFilm);
    }
}
