<?php

declare(strict_types=1);

namespace KindHeel\App\OldList;

/** What a column of an old list may be. */
enum OldListColumn: string
{
    case Owner = 'owner';
    case FirstName = 'first-name';
    case Email = 'email';
    case Phone = 'phone';
    case Address = 'address';
    case Notes = 'notes';
    case Piece = 'piece';
    case Kind = 'kind';
    case Size = 'size';
    case Colour = 'colour';
    case CameIn = 'came-in';
    case WentHome = 'went-home';
    case Done = 'done';

    /** As people head such a column; null where that could be anything. */
    public static function guess(string $head): ?self
    {
        $head = trim((string) preg_replace('/[^\p{L}]+/u', ' ', mb_strtolower($head)));

        return match ($head) {
            'owner', 'customer', 'client', 'name', 'customer name', 'last name', 'surname', 'family name', 'whose' => self::Owner,
            'first name', 'given name', 'forename' => self::FirstName,
            'e mail', 'email', 'mail', 'email address' => self::Email,
            'phone', 'telephone', 'tel', 'mobile', 'phone number', 'cell' => self::Phone,
            'address', 'street', 'post' => self::Address,
            'notes', 'note', 'remarks', 'remark', 'comment', 'comments' => self::Notes,
            'piece', 'item', 'article', 'what', 'description', 'object' => self::Piece,
            'kind', 'type', 'sort', 'model' => self::Kind,
            'size', 'size eu', 'shoe size', 'eu size' => self::Size,
            'colour', 'color', 'shade' => self::Colour,
            'came in', 'in', 'date', 'received', 'date in', 'taken in', 'brought' => self::CameIn,
            'went home', 'out', 'collected', 'date out', 'returned', 'picked up' => self::WentHome,
            'done', 'work', 'work done', 'job', 'repair', 'service', 'what was done', 'treatment' => self::Done,
            default => null,
        };
    }
}
