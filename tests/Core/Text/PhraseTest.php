<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Text;

use KindHeel\Core\Text\Phrase;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class PhraseTest extends TestCase
{
    #[TestWith(['jacket', 'a jacket'])]
    #[TestWith(['oxford', 'an oxford'])]
    #[TestWith(['apron', 'an apron'])]
    #[TestWith(['instrument strap', 'an instrument strap'])]
    #[TestWith(['Ankle boot', 'an Ankle boot'])]
    #[TestWith(['one-piece riding suit', 'a one-piece riding suit'])]
    #[TestWith(['unfinished edge', 'an unfinished edge'])]
    #[TestWith(['harness', 'a harness'])]
    public function testTheArticleGoesByTheSound(string $noun, string $said): void
    {
        self::assertSame($said, Phrase::an($noun));
    }

    /** @param list<string> $words */
    #[TestWith([[], ''])]
    #[TestWith([['vamp'], 'vamp'])]
    #[TestWith([['vamp', 'quarter'], 'vamp and quarter'])]
    #[TestWith([['vamp', 'quarter', 'counter'], 'vamp, quarter and counter'])]
    public function testAListEndsWithAnd(array $words, string $said): void
    {
        self::assertSame($said, Phrase::list($words));
    }

    #[TestWith([1.84, '1.8'])]
    #[TestWith([1.86, '1.9'])]
    #[TestWith([2.0, '2'])]
    #[TestWith([10.0, '10'])]
    #[TestWith([0.04, '0'])]
    #[TestWith([-0.5, '-0.5'])]
    #[TestWith([1200.0, '1200'])]
    public function testAFigureHasNoIdleNought(float $value, string $said): void
    {
        self::assertSame($said, Phrase::figure($value));
    }

    public function testASentenceBeginsWithACapitalWhateverItsFirstPartIs(): void
    {
        self::assertSame('A jacket has no vamp.', Phrase::sentence('%s has no %s.', 'a jacket', 'vamp'));
        self::assertSame('Äther dries 3 times.', Phrase::sentence('%s dries %d times.', 'äther', 3));
        self::assertSame('', Phrase::sentence('%s', ''));
    }
}
