<?php

declare(strict_types=1);

namespace KindHeel\Core\Material;

/** What a part is made of and how it is finished. */
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

    public function label(): string
    {
        return match ($this) {
            self::SemiAniline => 'semi-aniline',
            self::Waxy => 'waxy or pull-up',
            self::VegTan => 'natural veg-tan',
            self::Embossed => 'embossed or coated split',
            self::RoughOut => 'rough-out',
            self::ReptileMatt => 'matt reptile',
            self::ReptileGlazed => 'glazed reptile',
            self::SheepNappa => 'sheep nappa',
            self::RacingHide => 'treated racing hide',
            self::CoatedCanvas => 'coated canvas',
            self::LeatherStack => 'stacked leather',
            self::LeatherEdge => 'leather edge',
            self::BareWelt => 'bare welt',
            self::PlasticStack => 'printed plastic stack',
            default => $this->value,
        };
    }

    /** How it tells itself apart at the bench, in one line. */
    public function sign(): string
    {
        return match ($this) {
            self::Aniline => 'dyed through, no film; a drop of water sinks in within a minute and darkens it',
            self::SemiAniline => 'dyed under a thin film; a drop takes two to ten minutes',
            self::Pigmented => 'colour lies in a film; a drop beads, a nail leaves no mark',
            self::Waxy => 'oiled or waxed, no film; a nail leaves a bright mark that warms away',
            self::Burnished => 'hand-stained and polished to shade; a drop takes one to five minutes',
            self::VegTan => 'undyed and unfinished; a drop darkens at once, the first stain stays',
            self::Patent => 'a thick glossy film; a drop beads',
            self::Embossed => 'a printed or cross-hatched film on split; a drop beads',
            self::Suede => 'nap both ways; a drop sinks in at once',
            self::Nubuck => 'grain sanded to a velvet that can be written in',
            self::RoughOut => 'heavy split worn flesh side out',
            self::ReptileMatt => 'scaled and dyed, mostly unfinished; a nail lifts a scale',
            self::ReptileGlazed => 'scaled under a glaze; a drop beads',
            self::SheepNappa => 'soft and thin; stretches when wet, colour may bleed',
            self::RacingHide => 'coated against abrasion; a drop beads, a cured film that alcohol leaves alone',
            self::CoatedCanvas => 'cloth under a printed film; the cut edge shows threads',
            self::Synthetic => 'a film on cloth; the cut edge shows threads',
            self::Textile => 'woven or knitted; colour is in the yarn',
            self::Rubber => 'rubber; yellows with light',
            self::Foam => 'a foamed sole; yellows, paint on it cracks',
            self::Metal => 'buckles, eyelets, zips',
            self::LeatherStack => 'layers show on the edge; end grain drinks and darkens',
            self::LeatherEdge => 'cut edge of the sole, stained and dressed',
            self::BareWelt => 'undyed strip with its stitching; any colour stays for good',
            self::PlasticStack => 'a printed skin that only looks like layers; never sanded',
        };
    }

    /** The cut edges of sole and heel. */
    public function isEdge(): bool
    {
        return \in_array($this, [self::LeatherStack, self::LeatherEdge], true);
    }

    /** Colour lives in the fibre or in the polish, so a solvent leaves a pale spot (C-2). */
    public function losesColourToSolvent(): bool
    {
        return \in_array($this, [self::Aniline, self::Burnished, self::Patent, self::ReptileGlazed, self::CoatedCanvas], true);
    }

    /** Nothing touches it in sight before it was tried out of sight (C-1). */
    public function asksForTrial(): bool
    {
        return \in_array($this, [self::Aniline, self::Burnished, self::VegTan, self::Suede, self::Nubuck, self::ReptileMatt, self::ReptileGlazed], true);
    }

    /** No fat goes on nap (C-4). */
    public function hasNap(): bool
    {
        return \in_array($this, [self::Suede, self::Nubuck], true);
    }

    /** Fibre outside, fine or coarse: it is brushed up at the end (C-9). */
    public function isNapped(): bool
    {
        return $this->hasNap() || self::RoughOut === $this;
    }

    /** Smooth leather that takes cream polish. */
    public function takesCream(): bool
    {
        return \in_array($this, [self::Aniline, self::SemiAniline, self::Pigmented, self::Burnished, self::Waxy, self::Embossed], true);
    }

    /** Any colour on it stays for good or spoils its print: covered before anything runs or sprays beside it (O-15, C-3). */
    public function mustStayBare(): bool
    {
        return self::BareWelt === $this || self::CoatedCanvas === $this;
    }

    public function isLeather(): bool
    {
        return !\in_array($this, [self::CoatedCanvas, self::Synthetic, self::Textile, self::Rubber, self::Foam, self::PlasticStack, self::Metal], true);
    }

    public function isReptile(): bool
    {
        return self::ReptileMatt === $this || self::ReptileGlazed === $this;
    }

    /** Colour lies in a film on top, where dirt stays too. */
    public function hasFilm(): bool
    {
        return \in_array($this, [self::SemiAniline, self::Pigmented, self::Patent, self::Embossed, self::ReptileGlazed, self::RacingHide, self::CoatedCanvas, self::Synthetic], true);
    }
}
