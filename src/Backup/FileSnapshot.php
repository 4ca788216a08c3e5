<?php

declare(strict_types=1);

namespace KindHeel\App\Backup;

use KindHeel\App\Files\FileStore;
use KindHeel\App\Files\NoRoom;
use Symfony\Component\Filesystem\Filesystem;

/** Pictures and sheets as they are at one moment: what is forgotten while they are read stays here until all of it has been. */
final class FileSnapshot
{
    /**
     * Takes them into a folder, by a second name where the disk is the same one. What has been forgotten meanwhile is passed over.
     *
     * @param list<string> $names
     *
     * @return array<string, string> SHA-256 by name
     *
     * @throws NoRoom
     */
    public static function take(FileStore $store, array $names, string $folder): array
    {
        $digests = [];
        $files = new Filesystem();
        foreach ($names as $name) {
            $path = $store->at($name);
            $here = $folder.'/'.$name;
            $files->mkdir(\dirname($here), 0o700);
            if (null !== $path && (@link($path, $here) || @copy($path, $here))) {
                $digests[$name] = (string) hash_file('sha256', $here);
            } elseif (null !== $store->at($name)) {
                throw new NoRoom();
            }
        }

        return $digests;
    }
}
