<?php

declare(strict_types=1);

namespace KindHeel\App\Files;

use League\Flysystem\Config;
use League\Flysystem\Local\LocalFilesystemAdapter;
use League\Flysystem\UnixVisibility\PortableVisibilityConverter;

/** A folder in which every file is there whole or not at all: see {@see SafeFile}. */
final class SafeFolder extends LocalFilesystemAdapter
{
    public function __construct(private readonly string $folder)
    {
        parent::__construct($folder, new PortableVisibilityConverter(0o640, 0o640, 0o770, 0o770), lazyRootCreation: true);
    }

    /** @throws NoRoom */
    public function write(string $path, string $contents, Config $config): void
    {
        SafeFile::write($this->folder.'/'.$path, $contents);
    }

    /** @throws NoRoom */
    public function writeStream(string $path, $contents, Config $config): void
    {
        $this->write($path, (string) stream_get_contents($contents), $config);
    }
}
