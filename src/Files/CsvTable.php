<?php

declare(strict_types=1);

namespace KindHeel\App\Files;

use KindHeel\Core\Text\FieldError;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/** A table as people hand it over: comma, semicolon or tab, with and without a byte-order mark, in Unicode or as old offices write. */
final class CsvTable
{
    private const MARK = "\u{FEFF}";
    public const MOST_ROWS = 20_000;

    /**
     * @return array{list<string>, list<array<string, string>>} heads, and rows by head
     *
     * @throws FieldError when it is no table
     */
    public static function read(string $bytes): array
    {
        $text = mb_check_encoding($bytes, 'UTF-8') ? $bytes : (string) mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252');
        $text = str_starts_with($text, self::MARK) ? substr($text, \strlen(self::MARK)) : $text;
        if ('' === trim($text) || str_contains($text, "\0")) {
            throw new FieldError('file', 'There is no table in this file.');
        }
        $between = self::between((string) preg_replace('/[\r\n].*$/s', '', ltrim($text)));
        $rows = (new CsvEncoder())->decode($text, 'csv', [
            CsvEncoder::DELIMITER_KEY => $between,
            CsvEncoder::NO_HEADERS_KEY => true,
            CsvEncoder::AS_COLLECTION_KEY => true,
            CsvEncoder::KEY_SEPARATOR_KEY => "\x1f",
        ]);
        $rows = \is_array($rows) ? array_values($rows) : [];
        $heads = array_map(static fn (mixed $h): string => mb_strtolower(trim(\is_scalar($h) ? (string) $h : '')), array_values((array) array_shift($rows)));
        if (\count($rows) > self::MOST_ROWS) {
            throw new FieldError('file', \sprintf('That is %d rows; up to %d can be taken in at once.', \count($rows), self::MOST_ROWS));
        }
        $found = [];
        foreach ($rows as $row) {
            $cells = array_map(self::plain(...), array_values((array) $row));
            $found[] = array_combine($heads, array_pad(\array_slice($cells, 0, \count($heads)), \count($heads), ''));
        }

        return [$heads, $found];
    }

    /**
     * @param list<string>                               $heads
     * @param list<array<string, string|int|float|null>> $rows
     */
    public static function write(array $heads, array $rows): string
    {
        return self::MARK.(new CsvEncoder())->encode([array_combine($heads, $heads), ...$rows], 'csv', [
            CsvEncoder::DELIMITER_KEY => ';', CsvEncoder::ESCAPE_FORMULAS_KEY => true, CsvEncoder::HEADERS_KEY => $heads, CsvEncoder::NO_HEADERS_KEY => true,
        ]);
    }

    /**
     * As a file that a browser keeps.
     *
     * @param list<string>                               $heads
     * @param list<array<string, string|int|float|null>> $rows
     */
    public static function answer(string $file, array $heads, array $rows): Response
    {
        return self::file($file, self::write($heads, $rows));
    }

    /** @param string $text of a table */
    public static function file(string $file, string $text): Response
    {
        return new Response($text, headers: [
            'Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => HeaderUtils::makeDisposition('attachment', $file),
            'Cache-Control' => 'no-store',
        ]);
    }

    /** What stands between the cells of the first row the most often. */
    private static function between(string $line): string
    {
        $counts = [';' => substr_count($line, ';'), ',' => substr_count($line, ','), "\t" => substr_count($line, "\t")];
        arsort($counts);

        return (string) array_key_first($counts);
    }

    /** A cell without the sign that keeps other programs from reckoning with it. */
    private static function plain(mixed $cell): string
    {
        $text = trim(\is_scalar($cell) ? (string) $cell : '');

        return 1 === preg_match('/^\'[=+\-@\t\r]/', $text) ? substr($text, 1) : $text;
    }
}
