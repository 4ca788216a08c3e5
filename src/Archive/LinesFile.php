<?php

declare(strict_types=1);

namespace KindHeel\App\Archive;

use KindHeel\App\Files\NoRoom;

/** Lines of one kind, packed by gzip. */
final class LinesFile
{
    private const LONGEST = 16_000_000;
    /** What is asked for at once is set aside at once. */
    private const READ = 16_384;

    private int $lines = 0;

    /** @param resource $file */
    private function __construct(private $file, private readonly string $path)
    {
    }

    public static function begin(string $path): self
    {
        return new self(@gzopen($path, 'wb1') ?: throw new NoRoom(), $path);
    }

    /** @throws NoRoom */
    public function put(string $line): void
    {
        $line .= "\n";
        if (@gzwrite($this->file, $line) !== \strlen($line)) {
            throw new NoRoom();
        }
        ++$this->lines;
    }

    /**
     * @return array{lines: int, bytes: int, sha256: string}
     *
     * @throws NoRoom
     */
    public function end(): array
    {
        gzclose($this->file) || throw new NoRoom();

        return ['lines' => $this->lines, 'bytes' => (int) filesize($this->path), 'sha256' => (string) hash_file('sha256', $this->path)];
    }

    /**
     * @return \Generator<int, \stdClass> by the number of the line, the first is 1
     *
     * @throws BadArchive
     */
    public static function read(string $path): \Generator
    {
        $file = @gzopen($path, 'rb') ?: throw new BadArchive(\sprintf('%s cannot be read.', basename($path)));
        try {
            for ($number = 1; false !== $text = gzgets($file, self::READ); ++$number) {
                while (!str_ends_with($text, "\n") && \strlen($text) < self::LONGEST && !gzeof($file)) {
                    $text .= gzgets($file, self::READ);
                }
                $line = json_decode($text);
                yield $number => $line instanceof \stdClass ? $line
                    : throw new BadArchive(\sprintf('Line %d of %s is no JSON object.', $number, basename($path, '.jsonl.gz')));
            }
        } finally {
            gzclose($file);
        }
    }
}
