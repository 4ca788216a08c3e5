<?php

declare(strict_types=1);

namespace KindHeel\App\Console;

use KindHeel\Core\Colour\ColourName;
use KindHeel\Core\Colour\DifferenceWords;
use KindHeel\Core\Treatment\Checking\RuleBook;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Style\SymfonyStyle;
use Symfony\Component\Finder\Finder;

/** Collects every text that the craft says into one list, to be read in one go and to be said in another language. */
#[AsCommand('messages:collect', 'Collects the texts of core/ into translations/core.en.php.')]
final readonly class MessagesCommand
{
    private const FILE = '/translations/core.en.php';
    /** Calls whose first argument is a text. */
    private const SAYING = ['Message::of', 'Phrase::sentence'];
    /** What the cases of an enum are called. */
    private const NAMES = ['label', 'noun', 'outer'];

    public function __construct(private string $projectDir)
    {
    }

    public function __invoke(SymfonyStyle $io, #[Option('Fail when the file is stale instead of writing it.')] bool $check = false): int
    {
        $texts = [
            ...$this->said(),
            ...$this->names(),
            ...array_values(RuleBook::sentences()),
            ...self::words(ColourName::class),
            ...self::words(DifferenceWords::class),
        ];
        $texts = array_filter(array_unique($texts), static fn (string $text): bool => 1 === preg_match('/\pL/u', $text));
        sort($texts);
        $lines = implode('', array_map(static fn (string $text): string => \sprintf("    %1\$s => %1\$s,\n", var_export($text, true)), $texts));
        $head = '// Collected from core/ by `bin/console messages:collect`. Another language is this list with other words on the right.';
        $php = "<?php\n\n$head\n\nreturn [\n$lines];\n";

        return (new GeneratedFile($this->projectDir.self::FILE, $php))->write($io, $check, 'messages:collect');
    }

    /** @return list<string> texts as they stand in the source */
    private function said(): array
    {
        $texts = [];
        foreach ((new Finder())->in($this->projectDir.'/core')->name('*.php')->sortByName() as $file) {
            $tokens = array_values(array_filter(
                \PhpToken::tokenize($file->getContents()),
                static fn (\PhpToken $t): bool => !$t->is([\T_WHITESPACE, \T_COMMENT, \T_DOC_COMMENT]),
            ));
            foreach ($tokens as $i => $token) {
                $call = $token->text.($tokens[$i + 1]->text ?? '').($tokens[$i + 2]->text ?? '');
                if (\in_array($call, self::SAYING, true) && '(' === ($tokens[$i + 3]->text ?? '')) {
                    $texts = [...$texts, ...self::firstArgument($tokens, $i + 4)];
                }
            }
        }

        return $texts;
    }

    /**
     * @param list<\PhpToken> $tokens
     *
     * @return list<string> every text in it that is shown: of a choice there are several
     */
    private static function firstArgument(array $tokens, int $from): array
    {
        $texts = [];
        $depth = 0;
        for ($i = $from; isset($tokens[$i]); ++$i) {
            $text = $tokens[$i]->text;
            if (0 === $depth && \in_array($text, [',', ')'], true)) {
                break;
            }
            $depth += (int) \in_array($text, ['(', '[', '{'], true) - (int) \in_array($text, [')', ']', '}'], true);
            if ($tokens[$i]->is(\T_CONSTANT_ENCAPSED_STRING) && '=>' !== ($tokens[$i + 1]->text ?? '')) {
                $texts[] = stripslashes(substr($text, 1, -1));
            }
        }

        return $texts;
    }

    /** @return list<string> names of materials, findings, parts … */
    private function names(): array
    {
        $texts = [];
        foreach ((new Finder())->in($this->projectDir.'/core')->name('*.php')->sortByName() as $file) {
            $enum = 'KindHeel\\Core\\'.str_replace(['/', '.php'], ['\\', ''], $file->getRelativePathname());
            if (!enum_exists($enum)) {
                continue;
            }
            foreach (array_filter(self::NAMES, static fn (string $name): bool => method_exists($enum, $name)) as $name) {
                foreach ($enum::cases() as $case) {
                    $text = (new \ReflectionMethod($case, $name))->invoke($case);
                    $texts[] = \is_string($text) ? $text : '';
                }
            }
        }

        return $texts;
    }

    /**
     * @param class-string $class
     *
     * @return list<string> words that it keeps in lists
     */
    private static function words(string $class): array
    {
        $texts = [];
        foreach ((new \ReflectionClass($class))->getConstants() as $list) {
            foreach (\is_array($list) ? $list : [] as $key => $value) {
                $texts = [...$texts, ...array_filter([$key, ...(\is_array($value) ? $value : [$value])], is_string(...))];
            }
        }

        return array_values($texts);
    }
}
