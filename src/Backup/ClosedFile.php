<?php

declare(strict_types=1);

namespace KindHeel\App\Backup;

use KindHeel\App\Files\NoRoom;

/**
 * A stream of bytes, closed with a key: a head, then pieces of up to a mebibyte, each with its length before it, in the order in which they were written and
 * with an end that is marked (libsodium’s secretstream, XChaCha20-Poly1305). A byte that was changed, a piece that is missing or the wrong key is noticed.
 */
final class ClosedFile
{
    public const HEAD = "KIND HEEL BACKUP 1\n";
    private const PIECE = 1 << 20;

    /**
     * @param resource $from
     * @param resource $to
     *
     * @return int bytes read
     */
    public static function close($from, $to, string $key): int
    {
        /** @var array{string, string} $begun */
        $begun = sodium_crypto_secretstream_xchacha20poly1305_init_push($key);
        [$state, $header] = $begun;
        self::put($to, self::HEAD.$header);
        $read = 0;
        $piece = self::piece($from, self::PIECE);
        do {
            $next = self::piece($from, self::PIECE);
            $tag = '' === $next ? \SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_FINAL : \SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_MESSAGE;
            $closed = sodium_crypto_secretstream_xchacha20poly1305_push($state, $piece, self::HEAD, $tag);
            self::put($to, pack('N', \strlen($closed)).$closed);
            $read += \strlen($piece);
            $piece = $next;
        } while ('' !== $piece);

        return $read;
    }

    /**
     * @param resource $from
     * @param resource $to
     *
     * @return int bytes written
     *
     * @throws \RuntimeException when it is none, was changed, ends too early, or was closed with another key
     */
    public static function open($from, $to, string $key): int
    {
        if (self::HEAD !== self::piece($from, \strlen(self::HEAD))) {
            throw new \RuntimeException('This is no backup of Kind Heel.');
        }
        $header = self::piece($from, \SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_HEADERBYTES);
        $state = \SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_HEADERBYTES === \strlen($header)
            ? sodium_crypto_secretstream_xchacha20poly1305_init_pull($header, $key)
            : throw self::cut();
        $written = 0;
        do {
            $length = self::piece($from, 4);
            /** @var array{1: int} $said */
            $said = 4 === \strlen($length) ? unpack('N', $length) : throw self::cut();
            $closed = $said[1] <= self::PIECE + \SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_ABYTES ? self::piece($from, $said[1]) : '';
            if ('' === $closed || \strlen($closed) !== $said[1]) {
                throw self::cut();
            }
            /** @var array{string, int}|false $opened */
            $opened = sodium_crypto_secretstream_xchacha20poly1305_pull($state, $closed, self::HEAD);
            if (false === $opened) {
                throw new \RuntimeException('It does not open: it was closed with another key, or it was changed since.');
            }
            self::put($to, $opened[0]);
            $written += \strlen($opened[0]);
        } while (\SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_FINAL !== $opened[1]);

        return $written;
    }

    private static function cut(): \RuntimeException
    {
        return new \RuntimeException('It ends too early: a part of it is missing.');
    }

    /** @param resource $from */
    private static function piece($from, int $bytes): string
    {
        $piece = '';
        while (\strlen($piece) < $bytes && !feof($from)) {
            $read = fread($from, max(1, $bytes - \strlen($piece)));
            if (false === $read) {
                break;
            }
            $piece .= $read;
        }

        return $piece;
    }

    /** @param resource $to */
    private static function put($to, string $bytes): void
    {
        for ($done = 0; $done < \strlen($bytes); $done += $written) {
            $written = @fwrite($to, 0 === $done ? $bytes : substr($bytes, $done));
            if (false === $written || 0 === $written) {
                throw new NoRoom();
            }
        }
    }
}
