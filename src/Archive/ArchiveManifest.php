<?php

declare(strict_types=1);

namespace KindHeel\App\Archive;

/** What is in an archive, and what each file of lines is. */
final readonly class ArchiveManifest
{
    /** @param array<string, array{lines: int, bytes: int, sha256: string}> $lines by kind */
    public function __construct(public int $version, public string $of, public string $workshop, public string $madeAt, public array $lines)
    {
    }

    public function json(): string
    {
        return json_encode([
            'format' => Format::NAME, 'version' => $this->version, 'of' => $this->of, 'workshop' => $this->workshop, 'madeAt' => $this->madeAt,
            'lines' => (object) $this->lines,
        ], \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES)."\n";
    }

    /** @throws BadArchive */
    public static function read(string $json): self
    {
        $said = json_decode($json, true);
        if (!\is_array($said) || Format::NAME !== ($said['format'] ?? null)) {
            throw new BadArchive('This is no archive of Kind Heel.');
        }
        $version = \is_int($said['version'] ?? null) ? $said['version'] : 0;
        if ($version < 1 || $version > Format::VERSION) {
            throw new BadArchive(\sprintf(
                'This archive is of version %d of the format; up to %d can be read here. Bring this program up to date first.',
                $version,
                Format::VERSION,
            ));
        }
        $lines = [];
        foreach (\is_array($said['lines'] ?? null) ? $said['lines'] : throw self::bad() as $kind => $about) {
            if (
                !\is_string($kind) || 1 !== preg_match('/^[a-z-]{1,40}$/D', $kind) || !\is_array($about)
                || !\is_int($about['lines'] ?? null) || !\is_int($about['bytes'] ?? null) || !\is_string($about['sha256'] ?? null)
            ) {
                throw self::bad();
            }
            $lines[$kind] = ['lines' => $about['lines'], 'bytes' => $about['bytes'], 'sha256' => $about['sha256']];
        }
        [$of, $workshop, $madeAt] = array_map(
            static fn (string $key): string => \is_string($said[$key] ?? null) ? $said[$key] : throw self::bad(),
            ['of', 'workshop', 'madeAt'],
        );

        return new self($version, $of, $workshop, $madeAt, $lines);
    }

    /** @return list<string> where each kind lies in the archive */
    public function linesFiles(): array
    {
        return array_map(static fn (string $kind): string => \sprintf(Format::LINES, $kind), array_keys($this->lines));
    }

    public function count(): int
    {
        return array_sum(array_column($this->lines, 'lines'));
    }

    private static function bad(): BadArchive
    {
        return new BadArchive('What this archive says of itself cannot be read.');
    }
}
