<?php

declare(strict_types=1);

namespace KindHeel\App\OldList;

use KindHeel\App\Job\ReachedBy;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\PieceFamily;
use KindHeel\Core\Anatomy\Size;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Text\FieldError;

/** Reads the cells of an old list as people have written them. */
final readonly class OldListReader
{
    private const WAYS = ['email' => ReachedBy::Email->value, 'phone' => ReachedBy::Phone->value, 'address' => ReachedBy::Post->value];
    private const LONGEST_NAME = 120;
    private const LONGEST_WAY = 160;
    private const LONGEST_NOTES = 1000;
    private const LONGEST_DONE = 560;
    private const FORMATS = ['!Y-m-d', '!d.m.Y', '!j.n.Y', '!d/m/Y', '!j/n/Y', '!d.m.y', '!d/m/y', '!Y/m/d', '!j M Y', '!j F Y'];
    /** What is usual when only the family is said. */
    private const USUAL = [
        'shoe' => Kind::Derby, 'shoes' => Kind::Derby, 'low shoes' => Kind::Derby, 'boots' => Kind::AnkleBoot, 'boot' => Kind::AnkleBoot,
        'trainers' => Kind::CourtTrainer, 'trainer' => Kind::CourtTrainer, 'sneakers' => Kind::CourtTrainer, 'bag' => Kind::ShoulderBag,
        'bags' => Kind::ShoulderBag, 'handbag' => Kind::ShoulderBag, 'briefcase' => Kind::BriefCase, 'purse' => Kind::Wallet, 'jacket' => Kind::Jacket,
        'heels' => Kind::Court, 'pumps' => Kind::Court, 'courts' => Kind::Court,
    ];

    /** @var array<string, Kind> by how they are called */
    private array $kinds;

    public function __construct(private string $workshopTimezone)
    {
        $kinds = [];
        foreach (Kind::cases() as $kind) {
            foreach ([$kind->label(), $kind->label().'s', $kind->value, basename($kind->value), basename($kind->value).'s'] as $word) {
                $kinds[mb_strtolower($word)] ??= $kind;
            }
        }
        foreach (PieceFamily::cases() as $family) {
            $kinds[$family->value] ??= self::USUAL[$family->label()] ?? null;
        }
        $this->kinds = array_filter($kinds) + self::USUAL;
    }

    /**
     * @param array<string, string> $cells by column ({@see OldListColumn})
     * @param Kind|null             $else  what a piece is where nothing known is said
     *
     * @throws FieldError what is wrong with it
     */
    public function row(int $line, array $cells, ?Kind $else, \DateTimeImmutable $now): OldListRow
    {
        $cell = static fn (OldListColumn $column): string => trim($cells[$column->value] ?? '');
        $owner = trim($cell(OldListColumn::FirstName).' '.$cell(OldListColumn::Owner));
        if ('' === $owner) {
            throw new FieldError('owner', 'It does not say whose it is.');
        }
        self::mustFit($owner, self::LONGEST_NAME, 'owner');
        $ways = [];
        foreach (self::WAYS as $column => $by) {
            $at = $cell(OldListColumn::from($column));
            self::mustFit($at, self::LONGEST_WAY, $column);
            if ('' !== $at) {
                $ways[] = ['by' => $by, 'at' => $at];
            }
        }
        if (ReachedBy::Email !== ReachedBy::guess($cell(OldListColumn::Email)) && '' !== $cell(OldListColumn::Email)) {
            throw new FieldError('email', \sprintf('“%s” is no e-mail address.', $cell(OldListColumn::Email)));
        }
        self::mustFit($cell(OldListColumn::Notes), self::LONGEST_NOTES, 'notes');
        self::mustFit($cell(OldListColumn::Done), self::LONGEST_DONE, 'done');
        $says = [];
        $cameIn = $this->day($cell(OldListColumn::CameIn), 'came-in', $now);
        $wentHome = $this->day($cell(OldListColumn::WentHome), 'went-home', $now);
        if (null !== $cameIn && null !== $wentHome && $wentHome < $cameIn) {
            throw new FieldError('went-home', 'It went home before it came in.');
        }
        [$piece, $word] = [$cell(OldListColumn::Piece), $cell(OldListColumn::Kind)];
        if ('' === $piece && '' === $word) {
            return new OldListRow($line, $owner, $ways, $cell(OldListColumn::Notes), null, null, null, Shade::Chestnut, null, null, '', '');
        }
        self::mustFit($piece, self::LONGEST_NAME, 'piece');
        $kind = $this->kind($word) ?? $this->lastWords($piece) ?? $else ?? throw new FieldError(
            'kind',
            \sprintf('“%s” is no kind of piece that is known here.', '' === $word ? $piece : $word),
        );
        $shade = Shade::named($cell(OldListColumn::Colour));
        if (null === $shade && '' !== $cell(OldListColumn::Colour)) {
            $says[] = \sprintf('“%s” is no shade that is known here; it is drawn in chestnut.', mb_substr($cell(OldListColumn::Colour), 0, 40));
        }

        return new OldListRow(
            $line,
            $owner,
            $ways,
            $cell(OldListColumn::Notes),
            '' === $piece ? mb_strtoupper(mb_substr($kind->label(), 0, 1)).mb_substr($kind->label(), 1) : $piece,
            $kind,
            self::size($kind, $cell(OldListColumn::Size), $says),
            $shade ?? Shade::Chestnut,
            $cameIn ?? $wentHome ?? $now,
            $wentHome ?? $cameIn ?? $now,
            $cell(OldListColumn::Done),
            implode(' ', $says),
        );
    }

    private function kind(string $word): ?Kind
    {
        return $this->kinds[mb_strtolower(trim($word))] ?? null;
    }

    /** “Black ankle boots”. */
    private function lastWords(string $piece): ?Kind
    {
        $words = explode(' ', mb_strtolower($piece));
        for ($i = 0; $i < \count($words); ++$i) {
            $kind = $this->kind(implode(' ', \array_slice($words, $i)));
            if (null !== $kind) {
                return $kind;
            }
        }

        return null;
    }

    /** @param list<string> $says */
    private static function size(Kind $kind, string $text, array &$says): Size
    {
        $number = str_replace(',', '.', (string) preg_replace('/^(eu|size)\s*/i', '', $text));
        if ('' === $number || !$kind->family()->isFootwear()) {
            return Size::usual($kind);
        }
        try {
            return is_numeric($number) ? Size::eu((float) $number) : throw new FieldError('size', '');
        } catch (FieldError) {
            $says[] = \sprintf('“%s” is no shoe size (EU); it is left open.', mb_substr($text, 0, 20));

            return Size::usual($kind);
        }
    }

    private function day(string $text, string $field, \DateTimeImmutable $now): ?\DateTimeImmutable
    {
        if ('' === $text) {
            return null;
        }
        foreach (self::FORMATS as $format) {
            $at = \DateTimeImmutable::createFromFormat($format, $text, new \DateTimeZone($this->workshopTimezone));
            // A day that there is not, such as 31 April, becomes another.
            if (false !== $at && 0 === (\DateTimeImmutable::getLastErrors()['warning_count'] ?? 0)) {
                $noon = $at->setTime(12, 0)->setTimezone(new \DateTimeZone('UTC'));

                return $noon->getTimestamp() - 86_400 <= $now->getTimestamp() && (int) $at->format('Y') >= 1900
                    ? min($noon, $now) : throw new FieldError($field, \sprintf('“%s” is a day that has not come yet, or too long ago.', $text));
            }
        }
        throw new FieldError($field, \sprintf('“%s” is no day: write it like 2024-05-31 or 31.5.2024.', mb_substr($text, 0, 20)));
    }

    private static function mustFit(string $text, int $letters, string $field): void
    {
        if (mb_strlen($text) > $letters) {
            throw new FieldError($field, \sprintf('What stands under “%s” has more than %d letters.', $field, $letters));
        }
    }
}
