<?php

declare(strict_types=1);

namespace KindHeel\Core\Product;

/** How thick films are when dry, in µm. */
final class DryFilm
{
    /** The film that a finished leather comes with. */
    public const AS_FOUND_UM = 40.0;
    /** Thicker than this a film cracks where the leather bends (J-4). */
    public const CRACKS_FROM_UM = 150.0;
}
