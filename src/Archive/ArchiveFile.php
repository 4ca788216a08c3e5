<?php

declare(strict_types=1);

namespace KindHeel\App\Archive;

use KindHeel\App\Files\FileStore;
use KindHeel\App\Files\SafeFile;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;

/**
 * The one file that an archive is: a tar of `manifest.json`, the lines of each kind, then the files beside. It is put together in a folder beside it,
 * a few hundred files at a time; what was cut off goes on after the last of them.
 */
final readonly class ArchiveFile
{
    private const FOR_THE_SAME = ['--format=gnu', '--owner=0', '--group=0', '--numeric-owner', '--mode=u=rw,go=r', '--mtime=@0', '--no-recursion'];
    private const NAMES = ['--null', '--verbatim-files-from', '--files-from=-'];
    private const BLOCK = 512;
    private const UP_TO = 'up-to.json';
    private const TAR = 'archive.tar';

    public function __construct(private FileStore $store, private string $runDir, private int $filesAtOnce = 500)
    {
    }

    /** Where one is put together that shall lie at the path. */
    public static function folder(string $path): string
    {
        return $path.'.part';
    }

    /**
     * @param string                                  $path of the archive, whose folder has the manifest and all lines
     * @param (\Closure(string, int, int): void)|null $tell what is done, how much of it, of how much
     *
     * @throws \RuntimeException when a file is missing meanwhile, or there is no room
     */
    public function pack(string $path, ?\Closure $tell = null): void
    {
        $folder = self::folder($path);
        $tar = $folder.'/'.self::TAR;
        $upTo = json_decode((string) @file_get_contents($folder.'/'.self::UP_TO), true);
        $isBegun = \is_array($upTo) && \is_int($upTo['done'] ?? null) && \is_int($upTo['bytes'] ?? null);
        [$done, $bytes] = $isBegun ? [$upTo['done'], max(0, $upTo['bytes'])] : [0, 0];
        $manifest = ArchiveManifest::read((string) file_get_contents($folder.'/'.Format::MANIFEST));
        $files = new Filesystem();
        $files->remove($folder.'/pictures');
        $files->symlink($this->store->folder(), $folder.'/pictures');
        if (0 === $done) {
            $names = [Format::MANIFEST, ...$manifest->linesFiles()];
            $this->tar($folder, '--create', $names);
            $bytes = self::blocks($folder, $names);
        } else {
            // What came after was not brought to its end; it began where a tar marks its own.
            $open = fopen($tar, 'r+') ?: throw new \RuntimeException('What was begun cannot be gone on with.');
            ftruncate($open, $bytes);
            fclose($open);
        }
        $all = $manifest->lines[Format::FILES]['lines'];
        $some = [];
        foreach (LinesFile::read($folder.'/'.\sprintf(Format::LINES, Format::FILES)) as $number => $line) {
            if ($number <= $done) {
                continue;
            }
            $name = \is_string($line->path ?? null) ? $line->path : '';
            // Of a bucket it may lie on another machine yet.
            $this->store->at(Format::nameOf($name));
            if (@filesize($folder.'/'.$name) !== ($line->bytes ?? null)) {
                throw new \RuntimeException(\sprintf('%s is there no more, or is another file. Begin the archive anew.', $name));
            }
            $some[] = $name;
            if ($this->filesAtOnce === \count($some) || $number === $all) {
                $this->tar($folder, '--append', $some);
                $bytes += self::blocks($folder, $some);
                $some = [];
                SafeFile::write($folder.'/'.self::UP_TO, json_encode(['done' => $number, 'bytes' => $bytes], \JSON_THROW_ON_ERROR));
                null === $tell || $tell('pictures', $number, $all);
            }
        }
        $files->rename($tar, $path, true);
        $files->remove($folder);
    }

    /**
     * Opens the manifest and the lines into a folder, which the caller takes away, and holds each against its digest.
     *
     * @throws BadArchive
     */
    public function open(string $path, string $folder): ArchiveManifest
    {
        is_file($path) || throw new BadArchive(\sprintf('%s is not there.', $path));
        (new Filesystem())->mkdir($folder, 0o700);
        // By name, one level, and nothing that is not a plain file: what an archive holds besides is left in it.
        $this->untar($path, $folder, [Format::MANIFEST]);
        $manifest = ArchiveManifest::read((string) @file_get_contents($folder.'/'.Format::MANIFEST));
        $this->untar($path, $folder, $manifest->linesFiles());
        foreach ($manifest->lines as $kind => $about) {
            $lines = $folder.'/'.\sprintf(Format::LINES, $kind);
            if (!self::isPlain($lines, $path) || $about['bytes'] !== filesize($lines) || $about['sha256'] !== hash_file('sha256', $lines)) {
                throw new BadArchive(\sprintf('The lines of %s are missing in it, or are not as they were: it is cut off or was changed.', $kind));
            }
        }

        return $manifest;
    }

    /**
     * The files beside, into a folder and held against their digests.
     *
     * @param \Closure(string): bool                   $wanted by path
     * @param \Closure(string $path, string $at): void $take   what is done with each
     * @param (\Closure(string, int, int): void)|null  $tell
     *
     * @throws BadArchive
     */
    public function files(string $path, string $folder, \Closure $wanted, \Closure $take, ?\Closure $tell = null): int
    {
        $all = iterator_count(LinesFile::read($folder.'/'.\sprintf(Format::LINES, Format::FILES)));
        $some = [];
        $taken = 0;
        foreach (LinesFile::read($folder.'/'.\sprintf(Format::LINES, Format::FILES)) as $number => $line) {
            $name = \is_string($line->path ?? null) ? $line->path : '';
            if (1 !== preg_match(Format::FILE, $name) || !\is_string($line->sha256 ?? null)) {
                throw new BadArchive(\sprintf('Line %d of the files says no file that can be kept.', $number));
            }
            if ($wanted($name)) {
                $some[$name] = $line->sha256;
            }
            if ([] !== $some && ($number === $all || $this->filesAtOnce === \count($some))) {
                $taken += $this->some($path, $folder, $some, $take);
                $some = [];
                null === $tell || $tell('pictures', $number, $all);
            }
        }

        return $taken;
    }

    /**
     * @param non-empty-array<string, string>          $some digests by path
     * @param \Closure(string $path, string $at): void $take
     */
    private function some(string $path, string $folder, array $some, \Closure $take): int
    {
        $this->untar($path, $folder, array_keys($some));
        foreach ($some as $name => $digest) {
            $at = $folder.'/'.$name;
            if (!self::isPlain($at, $path) || $digest !== hash_file('sha256', $at)) {
                throw new BadArchive(\sprintf('%s is missing in it, or is not as it was: it is cut off or was changed.', $name));
            }
            $take($name, $at);
        }

        return \count($some);
    }

    /** No link, no folder, and no larger than the archive that it came out of. */
    private static function isPlain(string $file, string $path): bool
    {
        return !is_link($file) && is_file($file) && filesize($file) <= filesize($path);
    }

    /** @return string a folder of our own, where one can be opened */
    public function room(string $for): string
    {
        return $this->runDir.'/'.$for;
    }

    /**
     * What files take in a tar: a head of one block each, as their names are short, and their bytes in whole blocks.
     *
     * @param list<string> $names
     */
    private static function blocks(string $folder, array $names): int
    {
        return array_sum(array_map(
            static fn (string $name): int => self::BLOCK * (1 + intdiv((int) filesize($folder.'/'.$name) + self::BLOCK - 1, self::BLOCK)),
            $names,
        ));
    }

    /** @param list<string> $names */
    private function tar(string $folder, string $how, array $names): void
    {
        $said = new Process(
            ['tar', '-C', $folder, $how, '--file='.$folder.'/'.self::TAR, ...self::FOR_THE_SAME, ...self::NAMES],
            input: implode("\0", $names)."\0",
            timeout: null,
        );
        if (0 !== $said->run()) {
            throw new \RuntimeException('tar: '.trim($said->getErrorOutput()));
        }
    }

    /** @param list<string> $names */
    private function untar(string $path, string $folder, array $names): void
    {
        $said = new Process(
            ['tar', '-C', $folder, '--extract', '--file='.$path, '--no-same-owner', '--no-same-permissions', ...self::NAMES],
            input: implode("\0", $names)."\0",
            timeout: null,
        );
        if (0 !== $said->run()) {
            throw new BadArchive('It cannot be opened as an archive: it is cut off, or something is missing in it.');
        }
    }
}
