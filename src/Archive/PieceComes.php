<?php

declare(strict_types=1);

namespace KindHeel\App\Archive;

use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\PassportCode;
use KindHeel\App\People\Person;
use KindHeel\App\Shelf\ProductCode;

/** One piece on its way in: which number its lines have here, what is here already, and what it brings. */
final class PieceComes
{
    /** Written when something first speaks of them. */
    private const AS_NEEDED = ['owner', 'person', 'product'];

    /** @var array<string, array<int, int>> the number here by that in the archive, by kind */
    private array $here = [];
    /** @var array<string, array<int, true>> what was here before, by number in the archive, by kind */
    private array $known = [];
    /** @var array<string, string> the code here by that in the archive */
    private array $codes = [];

    /**
     * @param array<string, array<int, non-empty-array<string, string|int|float|null>>> $rows     by number in the archive, by kind
     * @param string                                                                    $workshop where it comes from
     */
    public function __construct(
        private readonly Connection $connection,
        private readonly Kinds $kinds,
        private readonly array $rows,
        private readonly string $workshop,
    ) {
    }

    /**
     * @return list<int> visits that were not known yet, by their numbers here
     *
     * @throws BadArchive
     */
    public function write(): array
    {
        foreach (array_keys($this->rows) as $name) {
            if (!\array_key_exists($name, Format::OF_A_PIECE) && !\in_array($name, self::AS_NEEDED, true)) {
                throw new BadArchive(\sprintf('Lines of %s do not belong into the archive of one piece.', $name));
            }
        }
        if (1 !== \count($this->rows['passport'] ?? []) || [] === ($this->rows['piece'] ?? [])) {
            throw new BadArchive('There is not one piece in it.');
        }
        foreach (Format::OF_A_PIECE as $name => $parent) {
            $kind = $this->kinds->of($name);
            foreach ($this->rows[$name] ?? [] as $number => $row) {
                $of = null === $parent ? null : $this->fieldOf($kind, $parent);
                if (null !== $of && isset($this->known[$of][(int) $row[$parent]])) {
                    $this->known[$name][$number] = true;
                    $this->here[$name][$number] = 'piece' === $name ? $this->visit((int) $row['ticket_id']) : 0;
                } elseif (!$this->isKnown($name, $number, $row)) {
                    $this->insert($kind, $number, $row);
                }
            }
        }

        return array_values(array_diff_key($this->here['piece'] ?? [], $this->known['piece'] ?? []));
    }

    public function passport(): int
    {
        return array_values($this->here['passport'])[0];
    }

    /** @param array<string, string|int|float|null> $row */
    private function isKnown(string $name, int $number, array $row): bool
    {
        $same = match ($name) {
            'passport' => Row::first(
                $this->connection,
                'SELECT id FROM passport WHERE code = ? AND kind = ? AND since = ?',
                [$row['code'], $row['kind'], $row['since']],
            ),
            'ticket' => Row::first(
                $this->connection,
                'SELECT t.id FROM ticket t JOIN piece p ON p.ticket_id = t.id WHERE p.passport_id = ? AND t.opened_at = ? LIMIT 1',
                [$this->passport(), $row['opened_at']],
            ),
            default => null,
        };
        $id = $same?->int('id');
        if (null === $id) {
            return false;
        }
        $this->known[$name][$number] = true;
        $this->here[$name][$number] = $id;

        return true;
    }

    /** The piece here that is that visit. */
    private function visit(int $ticket): int
    {
        $of = [$this->passport(), $this->here['ticket'][$ticket]];

        return Row::first($this->connection, 'SELECT id FROM piece WHERE passport_id = ? AND ticket_id = ?', $of)?->int('id')
            ?? throw new BadArchive('Two of its visits are one.');
    }

    /**
     * @param array<string, string|int|float|null> $row
     *
     * @throws BadArchive
     */
    private function insert(Kind $kind, int $number, array $row): void
    {
        foreach ($kind->fields as $field) {
            if (null !== $field->of && null !== $row[$field->column]) {
                $row[$field->column] = $this->number($field->of, (int) $row[$field->column], $field);
            }
        }
        $row = ProductWords::turned($kind->name, $row, $this->code(...));
        $row = match ($kind->name) {
            'passport' => ['code' => $this->freeCode((string) $row['code']), 'care_page' => 0] + $row,
            'ticket' => '' === $row['elsewhere'] ? ['elsewhere' => mb_substr($this->workshop, 0, 120) ?: 'elsewhere'] + $row : $row,
            'pot-event' => ['laid' => $this->laid((string) $row['laid'])] + $row,
            'plan-step' => 'running' === $row['status'] ? throw new BadArchive('Somebody has a step of it in hand there.') : $row,
            default => $row,
        };
        $this->here[$kind->name][$number] = $this->put($kind, $row);
    }

    /** @param array<string, string|int|float|null> $row */
    private function put(Kind $kind, array $row): int
    {
        unset($row['id']);
        $this->connection->insert($kind->table, $row);

        return (int) $this->connection->lastInsertId();
    }

    private function number(string $of, int $number, Field $field): ?int
    {
        if ('usual-job' === $of) {
            return null;
        }
        if (isset($this->here[$of][$number])) {
            return $this->here[$of][$number];
        }
        $row = $this->rows[$of][$number] ?? null;
        if (null === $row || !\in_array($of, self::AS_NEEDED, true)) {
            throw new BadArchive(\sprintf('“%s” speaks of number %d of %s, which is not in it, or comes later.', $field->name, $number, $of));
        }

        return $this->here[$of][$number] = match ($of) {
            'owner' => $this->owner($row),
            'person' => $this->person($row),
            default => throw new BadArchive('A product is named by its code.'),
        };
    }

    /** @param array<string, string|int|float|null> $row */
    private function owner(array $row): int
    {
        // The owner of a piece that is here is who it is here.
        $same = Row::first($this->connection, 'SELECT id FROM owner WHERE name = ? AND since = ? AND erased_at IS NULL', [$row['name'], $row['since']]);

        return $same?->int('id') ?? $this->put($this->kinds->of('owner'), ['erased_at' => null] + $row);
    }

    /** @param array<string, string|int|float|null> $row */
    private function person(array $row): int
    {
        $login = Person::ELSEWHERE.substr(hash('sha256', (string) $row['name']), 0, 12);

        return Row::first($this->connection, 'SELECT id FROM person WHERE login = ?', [$login])?->int('id') ?? $this->put($this->kinds->of('person'), [
            'login' => $login, 'week' => '[]', 'skills' => '[]', 'left_on' => '1970-01-01',
        ] + TakeWorkshop::NO_SECRETS + $row);
    }

    /** A product by its code there: the same here, or one that is on no shelf. */
    private function code(string $there): string
    {
        if (isset($this->codes[$there])) {
            return $this->codes[$there];
        }
        foreach ($this->rows['product'] ?? [] as $row) {
            if ($row['code'] === $there) {
                return $this->codes[$there] = $this->product($row);
            }
        }
        throw new BadArchive(\sprintf('It speaks of the product “%s”, which is not in it.', mb_substr($there, 0, 40)));
    }

    /** @param array<string, string|int|float|null> $row */
    private function product(array $row): string
    {
        $same = Row::first(
            $this->connection,
            'SELECT code FROM product WHERE code = ? AND name = ? AND kind = ? AND family <=> ? AND absorption = ? AND scattering = ?',
            [$row['code'], $row['name'], $row['kind'], $row['family'], $row['absorption'], $row['scattering']],
        )?->text('code');
        if (null !== $same) {
            return $same;
        }
        $isTaken = fn (string $code): bool => null !== Row::first($this->connection, 'SELECT id FROM product WHERE code = ?', [$code]);
        $code = 1 === preg_match('/^[a-z0-9][a-z0-9-]{0,39}$/D', (string) $row['code']) && !$isTaken((string) $row['code'])
            ? (string) $row['code'] : ProductCode::free((string) $row['name'], $isTaken);
        $this->put($this->kinds->of('product'), ['code' => $code, 'retired' => 1, 'sheet' => null] + $row);

        return $code;
    }

    private function freeCode(string $code): string
    {
        $isFree = fn (string $c): bool => null === Row::first($this->connection, 'SELECT id FROM passport WHERE code = ?', [$c]);
        while (1 !== preg_match('/^[a-z0-9]{10}$/D', $code) || !$isFree($code)) {
            $code = PassportCode::fresh();
        }

        return $code;
    }

    private function laid(string $json): string
    {
        $laid = json_decode($json, true);
        if (!\is_array($laid) || !\is_int($laid['piece'] ?? null)) {
            return $json;
        }
        $piece = $this->here['piece'][$laid['piece']] ?? throw new BadArchive('A pot was laid on a piece that is not in it.');

        return json_encode(['piece' => $piece] + $laid, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION);
    }

    private function fieldOf(Kind $kind, string $column): ?string
    {
        foreach ($kind->fields as $field) {
            if ($field->column === $column) {
                return $field->of;
            }
        }

        return null;
    }
}
