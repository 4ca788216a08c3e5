<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Words\Language;
use KindHeel\Core\Text\Message;
use KindHeel\Core\Treatment\Action;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Translation\Loader\ArrayLoader;
use Symfony\Component\Translation\Translator;

/** The craft in another language, through the usual translator. */
final class LanguageTest extends TestCase
{
    protected function tearDown(): void
    {
        Message::speak(null);
    }

    public function testAnotherLanguageIsSpokenWhereItsWordsAreKnownAndEnglishWhereNot(): void
    {
        $translator = new Translator('eo');
        $translator->addLoader('array', new ArrayLoader());
        $translator->addResource('array', [Action::Tree->label() => 'Enmeti la ŝuformilon', 'Lay %s' => 'Meti %s'], 'eo', 'core');
        $language = new Language('eo', static fn (): Translator => $translator);
        $english = Action::Photograph->label();
        $language->speak();
        self::assertSame('Enmeti la ŝuformilon', Action::Tree->label());
        self::assertSame('Meti vakson', Message::of('Lay %s', 'vakson'));
        self::assertSame($english, Action::Photograph->label());
        (new Language('en', static fn (): Translator => self::fail('English needs no translator.')))->speak();
        self::assertSame('Lay wax', Message::of('Lay %s', 'wax'));
    }

    public function testEveryTextOfTheListIsWhatTheSourceSays(): void
    {
        /** @var array<string, string> $texts */
        $texts = require \dirname(__DIR__, 2).'/translations/core.en.php';
        self::assertGreaterThan(1200, \count($texts));
        self::assertSame(array_keys($texts), array_values($texts));
        foreach (['Take the pictures', 'grit in the welt', 'Dried cleaner leaves a film.', 'redder'] as $text) {
            self::assertArrayHasKey($text, $texts);
        }
    }
}
