<?php

declare(strict_types=1);

namespace KindHeel\App\People;

use KindHeel\Core\Text\FieldError;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\PasswordHasher\PasswordHasherInterface;

/** Passwords, the words that stand for a forgotten one, and the short numbers of a shared tablet: what will do, and how they are kept. */
final readonly class Passwords
{
    public const SHORTEST = 12;
    public const LONGEST = 128;
    /** In the demo everybody’s is this and their login; it opens nothing else. */
    public const DEMO = 'lantern-';
    public const ONE_TIME_HOURS = 24;
    public const PIN_TRIES = 5;
    private const DIFFERENT = 6;
    /** Without what is taken for another of them. */
    private const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789';
    /** What guessing begins with here, beside what it begins with everywhere ({@see isCommon}). */
    private const COMMON = [
        'passphrase', 'changeme', 'leather', 'shoemaker', 'cobbler', 'workshop', 'kindheel', 'kind heel', 'opensesame', 'open sesame',
        'correcthorsebatterystaple', 'correct horse battery staple', 'thisismypassword', 'this is my password', 'mypassword', 'my password',
        'newpassword', 'new password',
    ];
    /** Of the passwords that most people take, the first bytes of the SHA-256 of each, in small letters: nobody reads them there. */
    private const LIST = __DIR__.'/../../config/common-passwords.bin';
    private const LIST_BYTES = 8;

    public function __construct(private PasswordHasherFactoryInterface $hashers)
    {
    }

    /** @throws FieldError when it is too easy to guess */
    public function set(Person $person, string $password, string $field = 'password'): void
    {
        self::mustDo($password, $person->login(), $person->name(), $field);
        $person->setPasswordHash($this->hasher()->hash($password));
    }

    public function isRight(?string $hash, string $typed): bool
    {
        return null !== $hash && '' !== $hash && $this->hasher()->verify($hash, $typed);
    }

    /** @return string the word, which is shown once and kept nowhere */
    public function giveOneTimeWord(Person $person): string
    {
        $word = '';
        for ($i = 0; $i < 12; ++$i) {
            $word .= (\in_array($i, [4, 8], true) ? '-' : '').self::LETTERS[random_int(0, \strlen(self::LETTERS) - 1)];
        }
        // By the machine’s own time, whatever the demo’s is.
        $person->giveOneTimeWord($this->hasher()->hash($word), new \DateTimeImmutable(\sprintf('+%d hours', self::ONE_TIME_HOURS), new \DateTimeZone('UTC')));

        return $word;
    }

    /** @throws FieldError when it is too easy to guess */
    public function setPin(Person $person, string $pin): void
    {
        $at = 1 === preg_match('/^\d{4,8}$/D', $pin) ? range(0, \strlen($pin) - 2) : [];
        $steps = array_map(static fn (int $i): int => (int) $pin[$i + 1] - (int) $pin[$i], $at);
        match (true) {
            [] === $steps => throw new FieldError('pin', 'A number of four to eight digits.'),
            [$steps[0]] === array_values(array_unique($steps)) && abs($steps[0]) < 2, 1 === preg_match('/^(19|20)\d\d$/D', $pin) => throw new FieldError(
                'pin',
                'Too easy to guess: neither the same digit again and again, nor a row, nor a year.',
            ),
            default => $person->setPinHash($this->hasher()->hash($pin)),
        };
    }

    public function nobody(): void
    {
        $this->hasher()->hash('nobody');
    }

    /** @throws FieldError when it will not do */
    public static function mustDo(string $password, string $login, string $name, string $field = 'password'): void
    {
        $length = mb_strlen($password);
        if ($length < self::SHORTEST || $length > self::LONGEST) {
            throw new FieldError($field, \sprintf('A password has %d to %d characters; several words with spaces are good.', self::SHORTEST, self::LONGEST));
        }
        $small = mb_strtolower($password);
        $bare = trim((string) preg_replace('/^[^\pL]+|[^\pL]+$/u', '', $small));
        // “abcabcabc” is “abc”.
        $once = (string) preg_replace('/^(.+?)\1+$/u', '$1', $bare);
        $names = array_filter([$login, ...explode(' ', mb_strtolower($name))], static fn (string $n): bool => mb_strlen($n) > 2);
        if (
            mb_strlen($bare) < 4 || \count(array_unique(mb_str_split($small))) < self::DIFFERENT || self::isCommon($small) || self::isCommon($once)
            || mb_strlen(str_replace([...$names, ' ', '-', '.', '_'], '', $small)) < 6 || str_starts_with($small, self::DEMO)
        ) {
            throw new FieldError($field, 'Too easy to guess. Several words that do not belong together are good.');
        }
    }

    private function hasher(): PasswordHasherInterface
    {
        return $this->hashers->getPasswordHasher(Member::class);
    }

    private static function isCommon(string $word): bool
    {
        $first = substr(hash('sha256', $word, true), 0, self::LIST_BYTES);

        return \in_array($word, self::COMMON, true) || \in_array($first, str_split((string) file_get_contents(self::LIST), self::LIST_BYTES), true);
    }
}
