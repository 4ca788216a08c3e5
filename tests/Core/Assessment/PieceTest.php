<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Assessment;

use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\Size;
use KindHeel\Core\Assessment\Agreed;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Finding\Severity;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Text\FieldError;
use KindHeel\Tests\Core\Treatment\Shoes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PieceTest extends TestCase
{
    /** @return iterable<string, array{string, \Closure(): mixed}> */
    public static function whatCannotBe(): iterable
    {
        yield 'a loafer with laces' => ['part', static fn () => Piece::mustHave(Kind::Loafer, Shoes::place('left/laces'))];
        yield 'a shoe that has no half' => ['half', static fn () => Piece::mustHave(Kind::Derby, Shoes::place('whole/vamp'))];
        yield 'a finding longer than any shoe' => [
            'length_mm',
            static fn () => Piece::of(
                Kind::Derby,
                Size::eu(42.0),
                new Agreed(Aim::Keep),
                [],
                [new Finding(Shoes::place('left/vamp'), FindingKind::Scratch, Severity::AtArmsLength, 900.0)],
            ),
        ];
        yield 'a negative width' => ['width_mm', static fn () => new Finding(Shoes::place('left/vamp'), FindingKind::Scuff, Severity::AtArmsLength, 9.0, -2.0)];
        yield 'more than the whole part' => [
            'share',
            static fn () => new Finding(Shoes::place('left/vamp'), FindingKind::Faded, Severity::AtArmsLength, share: 1.4),
        ];
        yield 'a size of 300' => ['size_eu', static fn () => Piece::of(Kind::Derby, Size::eu(300.0), new Agreed(Aim::Keep, Gloss::Matt), [], [])];
        yield 'a child’s shoe with a man’s scratch' => [
            'length_mm',
            static fn () => Piece::of(
                Kind::Derby,
                Size::eu(20.0),
                new Agreed(Aim::Keep, Gloss::Matt),
                [],
                [new Finding(Shoes::place('left/vamp'), FindingKind::Scratch, Severity::AtArmsLength, 250.0)],
            ),
        ];
        $part = new Part(Shoes::place('left/vamp'), Material::Aniline, Certainty::Known);
        yield 'a part given twice' => ['parts', static fn () => Piece::of(Kind::Derby, Size::eu(42.0), new Agreed(Aim::Keep, Gloss::Matt), [$part, $part], [])];
    }

    /** @param \Closure(): mixed $make */
    #[DataProvider('whatCannotBe')]
    public function testWhatCannotBeIsRefusedInASentence(string $field, \Closure $make): void
    {
        try {
            $make();
            self::fail('It was let through.');
        } catch (FieldError $error) {
            self::assertSame($field, $error->field);
            self::assertMatchesRegularExpression('/^[A-Z].+\.$/u', $error->getMessage());
        }
    }

    public function testAGuessAndADelicateMaterialAskForATrialAKnownRubberEdgeDoesNot(): void
    {
        $at = Shoes::place('left/vamp');
        self::assertTrue((new Part($at, Material::Aniline, Certainty::Known))->needsTrial());
        self::assertTrue((new Part($at, Material::Pigmented, Certainty::Guess))->needsTrial());
        self::assertFalse((new Part($at, Material::Pigmented, Certainty::Likely))->needsTrial());
        self::assertFalse((new Part(Shoes::place('left/sole-edge'), Material::Rubber, Certainty::Known))->needsTrial());
    }
}
