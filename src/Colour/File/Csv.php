<?php

declare(strict_types=1);

namespace KindHeel\App\Colour\File;

/** Comma- or semicolon-separated readings: a name, then L, a, b or a column for each wavelength. */
final class Csv
{
    /**
     * @return non-empty-list<Sample>
     *
     * @throws BadFile
     */
    public static function read(string $text): array
    {
        $lines = array_values(array_filter(preg_split('/\R/', trim($text)) ?: [], static fn (string $l): bool => '' !== trim($l)));
        if (\count($lines) < 2) {
            throw new BadFile('A table needs a line that names its columns and at least one reading.');
        }
        $separator = substr_count($lines[0], ';') > 0 ? ';' : (substr_count($lines[0], "\t") > 0 ? "\t" : ',');
        $cells = static fn (string $line): array => array_map(static fn (?string $c): string => trim($c ?? ''), str_getcsv($line, $separator, '"', ''));
        $fields = $cells($lines[0]);
        $samples = [];
        foreach (\array_slice($lines, 1) as $i => $line) {
            $row = $cells($line);
            $n = $i + 1;
            if (\count($row) !== \count($fields)) {
                throw new BadFile(\sprintf('Reading %d has %d columns, the first line names %d.', $n, \count($row), \count($fields)));
            }
            $samples[] = self::sample($fields, $row, $n, ';' === $separator);
        }

        return $samples;
    }

    /**
     * @param list<string> $fields
     * @param list<string> $row
     */
    private static function sample(array $fields, array $row, int $n, bool $comma): Sample
    {
        $name = 'reading '.$n;
        $bands = $lab = [];
        foreach ($fields as $i => $field) {
            $value = $comma ? str_replace(',', '.', $row[$i]) : $row[$i];
            if (1 === preg_match('/^(?:nm|R)?_?(\d{3})(?:\s*nm)?$/i', $field, $found)) {
                $bands[(int) $found[1]] = Cgats::number($value, $field, $n);
            } elseif (1 === preg_match('/^(?:lab_)?([lab])\*?$/i', $field, $found)) {
                $lab[strtolower($found[1])] = Cgats::number($value, $field, $n);
            } elseif (1 === preg_match('/name|id|sample/i', $field) && '' !== $row[$i]) {
                $name = $row[$i];
            }
        }
        if ([] !== $bands) {
            return new Sample($name, Cgats::spectrum($bands, $n));
        }
        if (3 !== \count($lab)) {
            throw new BadFile('The table has neither a column for each wavelength nor L, a and b.');
        }

        return new Sample($name, Cgats::lab($lab['l'], $lab['a'], $lab['b'], $n));
    }
}
