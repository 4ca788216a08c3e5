<?php

declare(strict_types=1);

namespace KindHeel\App\Colour\File;

use KindHeel\Core\Colour\ColourError;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Spectrum;

/**
 * CGATS.17 text as many readers write it: a data format, then sets. Spectral columns (`SPECTRAL_NM400`, `SPEC_400`, `NM400`, `R400`) or L*a*b* are taken in;
 * reflectance above 1.5 is percent.
 */
final class Cgats
{
    private const SPECTRAL = '/^(?:SPECTRAL_NM_?|SPECTRAL_|SPEC_?|NM_?|R_?)(\d{3})$/i';
    private const PERCENT_ABOVE = 1.5;
    private const MOST_SETS = 5000;

    /**
     * @return non-empty-list<Sample>
     *
     * @throws BadFile
     */
    public static function read(string $text): array
    {
        $fields = self::block($text, 'DATA_FORMAT', 'says what its columns are');
        $rows = self::rows($text);
        $fields = array_values(array_filter(preg_split('/\s+/', trim($fields)) ?: [], static fn (string $f): bool => '' !== $f));
        if ([] === $fields) {
            throw new BadFile('The file names no columns.');
        }
        self::promised($text, 'NUMBER_OF_FIELDS', \count($fields), 'columns');
        self::promised($text, 'NUMBER_OF_SETS', \count($rows), 'readings');
        $samples = [];
        foreach ($rows as $n => $row) {
            if (\count($row) !== \count($fields)) {
                throw new BadFile(\sprintf('Reading %d has %d columns, the file promises %d.', $n + 1, \count($row), \count($fields)));
            }
            $samples[] = self::sample(array_combine($fields, $row), $n + 1);
        }

        return [] === $samples ? throw new BadFile('There is no reading in the file.') : $samples;
    }

    /** @param non-empty-list<Sample> $samples all spectra or all colours */
    public static function write(array $samples): string
    {
        $first = $samples[0]->colour;
        $spectral = $first instanceof Spectrum;
        $fields = ['SAMPLE_ID', 'SAMPLE_NAME'];
        if ($spectral) {
            foreach (array_keys($first->values) as $i) {
                $fields[] = \sprintf('SPECTRAL_NM%d', $first->start + $i * $first->step);
            }
        } else {
            array_push($fields, 'LAB_L', 'LAB_A', 'LAB_B');
        }
        $lines = ['CGATS.17', 'ORIGINATOR "Kind Heel"', 'MEASUREMENT_GEOMETRY "specular excluded"', 'ILLUMINANT "D65"', 'OBSERVER "2"'];
        array_push(
            $lines,
            'NUMBER_OF_FIELDS '.\count($fields),
            'BEGIN_DATA_FORMAT',
            implode(' ', $fields),
            'END_DATA_FORMAT',
            'NUMBER_OF_SETS '.\count($samples),
            'BEGIN_DATA',
        );
        foreach ($samples as $n => $sample) {
            $numbers = $sample->colour instanceof Spectrum ? $sample->colour->values : [$sample->colour->lightness, $sample->colour->a, $sample->colour->b];
            $lines[] = implode(' ', [
                (string) ($n + 1),
                '"'.str_replace(['"', "\n", "\r"], ["'", ' ', ' '], $sample->name).'"',
                ...array_map(static fn (float $v): string => \sprintf($spectral ? '%.6f' : '%.4f', $v), $numbers),
            ]);
        }
        $lines[] = 'END_DATA';

        return implode("\n", $lines)."\n";
    }

    private static function block(string $text, string $name, string $what): string
    {
        if (1 !== preg_match('/^BEGIN_'.$name.'\s*$(.*?)^END_'.$name.'\s*$/msi', $text, $found)) {
            throw new BadFile(
                1 === preg_match('/^BEGIN_'.$name.'\s*$/mi', $text)
                    ? 'The file is cut off: a part of it begins and never ends.'
                    : \sprintf('This is no CGATS text: nothing in it %s.', $what),
            );
        }

        return $found[1];
    }

    /** @return list<list<string>> */
    private static function rows(string $text): array
    {
        $rows = [];
        foreach (preg_split('/\R/', trim(self::block($text, 'DATA', 'holds readings'))) ?: [] as $line) {
            if ('' === trim($line) || str_starts_with(trim($line), '#')) {
                continue;
            }
            preg_match_all('/"[^"]*"|\S+/', $line, $found);
            $rows[] = array_map(static fn (string $cell): string => trim($cell, '"'), $found[0]);
            if (\count($rows) > self::MOST_SETS) {
                throw new BadFile('There are more readings in the file than can be taken in at once.');
            }
        }

        return $rows;
    }

    private static function promised(string $text, string $keyword, int $there, string $what): void
    {
        if (1 === preg_match('/^'.$keyword.'\s+"?(\d+)"?/mi', $text, $found) && (int) $found[1] !== $there) {
            throw new BadFile(\sprintf('The file promises %d %s and has %d: it is cut off or was changed by hand.', (int) $found[1], $what, $there));
        }
    }

    /** @param array<string, string> $row */
    private static function sample(array $row, int $n): Sample
    {
        $row = array_change_key_case($row, \CASE_UPPER);
        $name = trim($row['SAMPLE_NAME'] ?? $row['SAMPLE_ID'] ?? 'reading '.$n);
        $bands = [];
        foreach ($row as $field => $value) {
            if (1 === preg_match(self::SPECTRAL, $field, $found)) {
                $bands[(int) $found[1]] = self::number($value, $field, $n);
            }
        }
        if ([] !== $bands) {
            return new Sample($name, self::spectrum($bands, $n));
        }
        foreach (['LAB_L', 'LAB_A', 'LAB_B'] as $field) {
            if (!isset($row[$field])) {
                throw new BadFile('The file has neither spectral columns nor LAB_L, LAB_A and LAB_B.');
            }
        }

        return new Sample(
            $name,
            self::lab(self::number($row['LAB_L'], 'LAB_L', $n), self::number($row['LAB_A'], 'LAB_A', $n), self::number($row['LAB_B'], 'LAB_B', $n), $n),
        );
    }

    public static function lab(float $l, float $a, float $b, int $n): Lab
    {
        try {
            return Lab::of($l, $a, $b);
        } catch (\DomainException $error) {
            throw new BadFile(\sprintf('Reading %d: %s.', $n, $error->getMessage()));
        }
    }

    /** @param array<int, float> $bands by nm */
    public static function spectrum(array $bands, int $n): Spectrum
    {
        ksort($bands);
        $nm = array_keys($bands);
        $step = \count($nm) > 1 ? $nm[1] - $nm[0] : 0;
        foreach ($nm as $i => $at) {
            if ($nm[0] + $i * $step !== $at) {
                throw new BadFile(\sprintf('Reading %d: its bands are not evenly apart, or one is missing at %d nm.', $n, $nm[0] + $i * $step));
            }
        }
        $values = array_values($bands);
        if (max(0.0, ...$values) > self::PERCENT_ABOVE) {
            $values = array_map(static fn (float $v): float => $v / 100.0, $values);
        }
        try {
            return Spectrum::of($nm[0], $step, $values, 1.2);
        } catch (ColourError $error) {
            throw new BadFile(\sprintf('Reading %d: %s', $n, $error->getMessage()));
        }
    }

    public static function number(string $value, string $field, int $n): float
    {
        $value = trim($value);
        if (!is_numeric($value) || !is_finite((float) $value)) {
            throw new BadFile(\sprintf('Reading %d: “%s” in %s is no number.', $n, mb_substr($value, 0, 20), $field));
        }

        return (float) $value;
    }
}
