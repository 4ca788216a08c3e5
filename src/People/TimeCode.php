<?php

declare(strict_types=1);

namespace KindHeel\App\People;

/**
 * Numbers of six digits that change every half minute, made of a shared secret and the time: RFC 6238 with SHA-1 over the HOTP of RFC 4226, as the usual apps
 * make them.
 */
final class TimeCode
{
    public const STEP_S = 30;
    private const DIGITS = 6;
    /** A clock may go wrong by a step either way. */
    private const WINDOW = 1;
    private const ALPHABET = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    /**
     * @param string $key  bytes
     * @param int    $step half-minutes since 1970
     */
    public static function of(string $key, int $step, int $digits = self::DIGITS): string
    {
        $hash = hash_hmac('sha1', pack('J', $step), $key, true);
        /** @var array{1: int} $word */
        $word = unpack('N', $hash, \ord($hash[19]) & 0x0F);

        return str_pad((string) (($word[1] & 0x7FFFFFFF) % 10 ** $digits), $digits, '0', \STR_PAD_LEFT);
    }

    /**
     * @param string $secret as base32
     * @param int    $used   step of the last number that was taken
     * @param int    $at     seconds since 1970
     *
     * @return int|null the step whose number it is; null for a wrong one and for one that was taken before
     */
    public static function step(string $secret, string $typed, int $used, int $at): ?int
    {
        $now = intdiv($at, self::STEP_S);
        $typed = (string) preg_replace('/\s/', '', $typed);
        foreach (range($now - self::WINDOW, $now + self::WINDOW) as $step) {
            if ($step > $used && hash_equals(self::of(self::bytes($secret), $step), $typed)) {
                return $step;
            }
        }

        return null;
    }

    /** @param string $bytes five of them for eight letters (RFC 4648) */
    public static function base32(string $bytes): string
    {
        $bits = '';
        foreach (str_split($bytes) as $byte) {
            $bits .= str_pad(decbin(\ord($byte)), 8, '0', \STR_PAD_LEFT);
        }

        return implode('', array_map(static fn (string $five): string => self::ALPHABET[(int) bindec(str_pad($five, 5, '0'))], str_split($bits, 5)));
    }

    /** The address that an app reads from a square code. */
    public static function address(string $secret, string $login, string $workshop): string
    {
        $at = rawurlencode('' === $workshop ? 'Kind Heel' : $workshop);

        return "otpauth://totp/$at:".rawurlencode($login)."?secret=$secret&issuer=$at";
    }

    private static function bytes(string $base32): string
    {
        $bits = '';
        foreach (str_split($base32) as $letter) {
            $bits .= str_pad(decbin((int) strpos(self::ALPHABET, $letter)), 5, '0', \STR_PAD_LEFT);
        }

        return implode('', array_map(
            static fn (string $eight): string => \chr((int) bindec($eight)),
            array_filter(str_split($bits, 8), static fn (string $eight): bool => 8 === \strlen($eight)),
        ));
    }
}
