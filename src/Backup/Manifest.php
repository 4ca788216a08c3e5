<?php

declare(strict_types=1);

namespace KindHeel\App\Backup;

/** What is in a backup, as it was when it was made. */
final readonly class Manifest
{
    private const FORMAT = 1;

    /**
     * @param array<string, array{rows: int, digest: string}> $tables by name
     * @param array<string, string>                           $files  SHA-256 by path
     */
    public function __construct(public string $at, public array $tables, public array $files)
    {
    }

    public function json(): string
    {
        return json_encode(['format' => self::FORMAT] + get_object_vars($this), \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_SLASHES);
    }

    /** @throws \RuntimeException when it is none that is known here */
    public static function read(string $json): self
    {
        $read = json_decode($json, true);
        [$at, $sums, $digests] = \is_array($read) && self::FORMAT === ($read['format'] ?? null)
            ? [$read['at'] ?? null, $read['tables'] ?? null, $read['files'] ?? null]
            : [null, null, null];
        if (!\is_string($at) || !\is_array($sums) || !\is_array($digests)) {
            throw new \RuntimeException('What is in it cannot be read by this version of Kind Heel.');
        }
        $tables = $files = [];
        foreach ($sums as $table => $sum) {
            if (\is_array($sum) && \is_int($sum['rows'] ?? null) && \is_string($sum['digest'] ?? null)) {
                $tables[(string) $table] = ['rows' => $sum['rows'], 'digest' => $sum['digest']];
            }
        }
        foreach ($digests as $path => $digest) {
            $files[(string) $path] = \is_string($digest) ? $digest : '';
        }

        return new self($at, $tables, $files);
    }
}
