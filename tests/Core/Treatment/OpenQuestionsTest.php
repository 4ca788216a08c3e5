<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Treatment;

use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Assessment\RecordedTrial;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Material\Outcome;
use KindHeel\Core\Material\Trial;
use KindHeel\Core\Material\TrialResult;
use KindHeel\Core\Treatment\Planning\OpenQuestion;
use KindHeel\Core\Treatment\Planning\OpenQuestions;
use PHPUnit\Framework\TestCase;

/** Not how many fields are filled in, but what still changes the plan. */
final class OpenQuestionsTest extends TestCase
{
    public function testAGuessAboutTheUpperChangesThePlanAndATrialIsNamed(): void
    {
        $questions = $this->ask(Shoes::pair(Kind::Oxford)->of(Material::Aniline, Certainty::Guess)->piece());
        self::assertGreaterThan(1, $questions[0]->plans);
        self::assertSame(Trial::Loupe, $questions[0]->trial);
        self::assertStringStartsWith('Try the upper with a look through the loupe: ', $questions[0]->sentence);
    }

    public function testWhatIsKnownAsksNothing(): void
    {
        self::assertSame([], $this->ask(Shoes::pair()->of(Material::Pigmented)->piece()));
    }

    public function testWhereEveryMaterialIsTreatedAlikeNothingDependsOnIt(): void
    {
        $piece = Shoes::pair()->of(Material::Pigmented)->with('left/toe', FindingKind::Dust)->piece();
        $at = new Place(PartName::Lining, Half::Left);
        $parts = $piece->parts;
        $parts[(string) $at] = new Part($at, Material::Textile, Certainty::Guess);
        $questions = $this->ask(Piece::of($piece->kind, $piece->size, $piece->agreed, array_values($parts), $piece->findings));
        self::assertSame([1], array_map(static fn (OpenQuestion $q): int => $q->plans, $questions));
        self::assertSame('What the lining is made of is not certain, but nothing in the plan depends on it.', $questions[0]->sentence);
    }

    public function testATrialTakesPlansAway(): void
    {
        $guess = Shoes::pair(Kind::Oxford)->of(Material::Aniline, Certainty::Guess)->piece();
        $before = $this->ask($guess)[0]->plans;
        $first = array_values($guess->parts)[0]->at;
        $outer = array_values(array_map(static fn ($p): Place => $p->at, array_filter($guess->parts, static fn ($p): bool => $p->at->part->isOuter())));
        $tried = Piece::of($guess->kind, $guess->size, $guess->agreed, array_values($guess->parts), [], [
            new RecordedTrial($first, $outer, new TrialResult(Trial::Loupe, Outcome::Pores)),
            new RecordedTrial($first, $outer, new TrialResult(Trial::WaterDrop, Outcome::AbsorbsAtOnce)),
            new RecordedTrial($first, $outer, new TrialResult(Trial::CutEdge, Outcome::ColouredThrough)),
        ]);
        self::assertSame(Material::Aniline, $tried->beliefAt($first)->likeliest());
        self::assertLessThan($before, $this->ask($tried)[0]->plans);
        self::assertNull($tried->nextTrialAt($first), 'known is known');
    }

    /** @return list<OpenQuestion> */
    private function ask(Piece $piece): array
    {
        return OpenQuestions::of($piece, Air::reference());
    }
}
