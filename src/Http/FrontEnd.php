<?php

declare(strict_types=1);

namespace KindHeel\App\Http;

/** The front end as it was built: which script and styles the page begins with. Each build has its own script. */
final readonly class FrontEnd
{
    private const ENTRY = 'web/src/main.ts';

    public function __construct(private string $projectDir)
    {
    }

    /** The script of this build; said with every answer, so the list is not read as a whole. Empty where it has not been built. */
    public function build(): string
    {
        $manifest = (string) @file_get_contents($this->manifest());

        return 1 === preg_match('#"'.preg_quote(self::ENTRY, '#').'":\s*\{\s*"file":\s*"([^"]+)"#', $manifest, $found) ? $found[1] : '';
    }

    /** @return array{script: string, styles: list<string>}|null null where it has not been built */
    public function entry(): ?array
    {
        $manifest = @file_get_contents($this->manifest());
        if (false === $manifest) {
            return null;
        }
        /** @var array<string, array{file: string, css?: list<string>}> $entries as Vite writes them */
        $entries = json_decode($manifest, true, flags: \JSON_THROW_ON_ERROR);

        return ['script' => $entries[self::ENTRY]['file'], 'styles' => $entries[self::ENTRY]['css'] ?? []];
    }

    private function manifest(): string
    {
        return $this->projectDir.'/public/build/.vite/manifest.json';
    }
}
