<?php

declare(strict_types=1);

namespace KindHeel\App\Owner;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Job\Passport;

/** The address of a care page: nothing of it is kept, it follows from the passport, its number and what only this workshop knows. */
final readonly class CareAddress
{
    private const LETTERS = 26;

    public function __construct(private EntityManagerInterface $entities, #[\SensitiveParameter] private string $appSecret)
    {
    }

    public function of(Passport $passport): ?string
    {
        $number = $passport->carePage();

        return null === $number ? null : \sprintf('%d-%s', $passport->id(), $this->word($passport->id(), $number));
    }

    /** The passport that is shown under an address; null where none is. */
    public function find(string $address): ?Passport
    {
        [$id, $word] = explode('-', $address, 2) + ['', ''];
        $passport = 1 === preg_match('/^\d{1,9}$/', $id) ? $this->entities->find(Passport::class, (int) $id) : null;
        $number = $passport?->carePage();

        return null !== $passport && null !== $number && hash_equals($this->word($passport->id(), $number), $word) ? $passport : null;
    }

    /** 130 bits of HMAC-SHA-256, in small letters and figures. */
    private function word(int $passport, int $number): string
    {
        $bits = hash_hmac('sha256', \sprintf('care-page/%d/%d', $passport, $number), $this->appSecret, true);
        $word = '';
        for ($i = 0; $i < self::LETTERS; ++$i) {
            $word .= '0123456789abcdefghijklmnopqrstuv'[\ord($bits[$i]) & 31];
        }

        return $word;
    }
}
