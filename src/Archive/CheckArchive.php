<?php

declare(strict_types=1);

namespace KindHeel\App\Archive;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Symfony\Component\Filesystem\Filesystem;

/** Holds an archive against its digests and against the JSON Schema of its version, line by line; nothing is taken in. */
final readonly class CheckArchive
{
    private const TOLD_EVERY = 500;

    public function __construct(private ArchiveFile $file)
    {
    }

    /**
     * @param (\Closure(string, int, int): void)|null $tell what is done, how much of it, of how much
     *
     * @return array{manifest: ArchiveManifest, files: int}
     *
     * @throws BadArchive that says the first thing that is wrong
     */
    public function __invoke(string $path, ?\Closure $tell = null): array
    {
        $folder = $this->file->room('check-'.bin2hex(random_bytes(4)));
        try {
            $manifest = $this->file->open($path, $folder);
            $schema = \sprintf(Format::SCHEMA, $manifest->version);
            $validator = new Validator();
            $id = \sprintf('kind-heel:archive:%d', $manifest->version);
            $validator->resolver()?->registerFile($id, $schema);
            self::mustFit($validator, $id, 'manifest', json_decode((string) file_get_contents($folder.'/'.Format::MANIFEST)), Format::MANIFEST);
            $done = 0;
            foreach ($manifest->lines as $kind => $about) {
                $count = 0;
                foreach (LinesFile::read($folder.'/'.\sprintf(Format::LINES, $kind)) as $count => $line) {
                    self::mustFit($validator, $id, $kind, $line, \sprintf('Line %d of %s', $count, $kind));
                    if (0 === ++$done % self::TOLD_EVERY && null !== $tell) {
                        $tell('lines', $done, $manifest->count());
                    }
                }
                if ($count !== $about['lines']) {
                    throw new BadArchive(\sprintf('There are %d lines of %s; it says %d.', $count, $kind, $about['lines']));
                }
            }
            $files = $this->file->files($path, $folder, static fn (): bool => true, static function (string $name, string $at): void {
                unlink($at);
            }, $tell);

            return ['manifest' => $manifest, 'files' => $files];
        } finally {
            (new Filesystem())->remove($folder);
        }
    }

    private static function mustFit(Validator $validator, string $schema, string $kind, mixed $line, string $at): void
    {
        $error = $validator->validate($line, $schema.'#/$defs/'.$kind)->error();
        if (null !== $error) {
            $said = (new ErrorFormatter())->format($error, false);
            $where = array_key_first($said);
            throw new BadArchive(\sprintf('%s, %s: %s.', $at, $where, \is_string($said[$where] ?? null) ? $said[$where] : 'it does not fit the schema'));
        }
    }
}
