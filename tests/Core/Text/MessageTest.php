<?php

declare(strict_types=1);

namespace KindHeel\Tests\Core\Text;

use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Disclosure\OwnerPage;
use KindHeel\Core\Assessment\Disclosure\Prospect;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Planning\Planner;
use KindHeel\Tests\Core\Treatment\AnyPiece;
use PHPUnit\Framework\Attributes\RunInSeparateProcess;
use PHPUnit\Framework\TestCase;

/** What the craft says can be said in another language: no word of a plan is left in English. */
final class MessageTest extends TestCase
{
    protected function tearDown(): void
    {
        Message::speak(null);
    }

    public function testATextIsItselfUntilAnotherLanguageIsSpoken(): void
    {
        self::assertSame('Lay 2 coats, 100 %', Message::of('Lay %d coats, 100 %%', 2));
        self::assertSame('100 %', Message::of('100 %'), 'without values it is taken as it stands');
        Message::speak(static fn (string $text): string => 'Lay %d' === $text ? '%d legen' : $text);
        self::assertSame('3 legen', Message::of('Lay %d', 3));
    }

    #[RunInSeparateProcess]
    public function testNoWordOfAPlanOrOfWhatTheOwnerHearsIsLeftInEnglish(): void
    {
        // What has been said in another language is put in brackets, so that what has not stands out.
        Message::speak(static fn (string $text): string => '⟦'.$text.'⟧');
        $left = [];
        foreach (range(1, 48) as $seed) {
            $piece = AnyPiece::of($seed, aim: Aim::cases()[$seed % \count(Aim::cases())]);
            $plan = Planner::plan($piece, Air::reference());
            $page = OwnerPage::for($piece);
            $said = [];
            foreach ($plan->steps as $step) {
                $said = [...$said, $step->title, $step->why, $step->how, $step->gate ?? '', $step->where];
            }
            foreach (Prospect::cases() as $prospect) {
                $said = [...$said, ...$page->sentences($prospect)];
            }
            foreach ([...$plan->refused, ...$plan->referrals, ...$plan->tellOwner, ...$plan->dropped] as $remark) {
                $said[] = $remark->text;
            }
            foreach ([...$said, ...$page->risks] as $text) {
                $rest = $text;
                do {
                    $rest = preg_replace('/⟦[^⟦⟧]*⟧/u', '', $before = $rest) ?? '';
                } while ($rest !== $before);
                if (1 === preg_match('/\pL{2,}/u', $rest, $found)) {
                    $left[$found[0].' in '.$text] = true;
                }
            }
        }
        self::assertSame([], \array_slice(array_keys($left), 0, 40));
    }
}
