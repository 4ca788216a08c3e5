<?php

declare(strict_types=1);

namespace KindHeel\App\Archive;

/** What an archive is made of. `docs/formats.md` describes it, `config/archive/` has the JSON Schema of each version. */
final class Format
{
    public const NAME = 'kind-heel-archive';
    public const VERSION = 1;
    public const MANIFEST = 'manifest.json';
    public const LINES = 'lines/%s.jsonl.gz';
    /** The files beside the lines, a line each. */
    public const FILES = 'files';
    public const SCHEMA = __DIR__.'/../../config/archive/archive-%d.schema.json';
    /** Of one piece, in the order in which they are written; each hangs on that column, and is there already when that is. */
    public const OF_A_PIECE = [
        'passport' => null, 'ticket' => null, 'piece' => 'ticket_id',
        'piece-part' => 'piece_id', 'finding' => 'piece_id', 'trial' => 'piece_id', 'picture' => 'piece_id', 'measured-outline' => 'piece_id',
        'reading' => 'piece_id', 'settling' => 'piece_id', 'plan-step' => 'piece_id', 'piece-move' => 'piece_id', 'ledger-entry' => 'piece_id',
        'pot' => 'target_id', 'pot-event' => 'pot_id',
    ];
    /** What a file beside may be called: a picture by its digest, as it was handed in and as it is shown; a safety sheet by its digest. */
    public const FILE = '~^(?:pictures/[0-9a-f]{2}/[0-9a-f]{64}/(?:original|full\.jpg|thumb\.jpg)|pictures/sheets/[0-9a-f]{64}\.pdf)$~D';

    /** Under which name a file beside is kept in the workshop. */
    public static function nameOf(string $file): string
    {
        return substr($file, \strlen('pictures/'));
    }
}
