<?php

declare(strict_types=1);

namespace KindHeel\App\Backup;

use KindHeel\App\Database\Server;
use KindHeel\App\Files\FileStore;
use Symfony\Component\Filesystem\Filesystem;

/** Brings a backup back in place of what is there, of which a backup is made first: a restore that was a mistake can be taken back. */
final readonly class Restore
{
    public function __construct(private Backups $backups, private string $runDir, private FileStore $store)
    {
    }

    /**
     * @param string $url    of the database, by somebody who may lay out its tables
     * @param bool   $anyway though what is there cannot be backed up
     *
     * @throws \RuntimeException when the backup is not whole, or what is there could not be backed up; then nothing was touched
     */
    public function take(string $path, string $url, bool $anyway = false): void
    {
        $folder = $this->runDir.'/restore-'.bin2hex(random_bytes(4));
        $files = new Filesystem();
        try {
            $manifest = $this->backups->unpack($path, $folder);
            try {
                $this->backups->make();
            } catch (\Throwable $error) {
                $said = 'What is there now cannot be backed up first, so nothing was touched: '.$error->getMessage();
                $anyway || throw new \RuntimeException($said, previous: $error);
            }
            // What came after is not among what is brought back.
            $database = Server::connect($url);
            $database->executeStatement('SET foreign_key_checks = 0');
            foreach ($database->fetchFirstColumn('SHOW TABLES') as $table) {
                $database->executeStatement('DROP TABLE '.$database->quoteSingleIdentifier(\is_string($table) ? $table : ''));
            }
            $database->close();
            (new DatabaseDump($url))->fill($folder.'/database.sql.gz');
            // Nobody goes on by a sign-in of former days.
            $database->executeStatement('DELETE FROM sessions');
            $database->executeStatement('UPDATE sign_in SET ended_at = UTC_TIMESTAMP() WHERE ended_at IS NULL');
            foreach ($manifest->files as $name => $_) {
                if (str_starts_with($name, 'pictures/')) {
                    $this->store->writeFile(substr($name, \strlen('pictures/')), $folder.'/'.$name);
                }
            }
        } finally {
            $files->remove($folder);
        }
    }
}
