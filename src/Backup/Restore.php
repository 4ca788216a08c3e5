<?php

declare(strict_types=1);

namespace KindHeel\App\Backup;

use Doctrine\DBAL\DriverManager;
use Doctrine\DBAL\Tools\DsnParser;
use Symfony\Component\Filesystem\Filesystem;

/** Brings a backup back in place of what is there. */
final readonly class Restore
{
    public function __construct(private Backups $backups, private string $backupDir, private string $picturesDir)
    {
    }

    /**
     * @param string $url of the database, by somebody who may lay out its tables
     *
     * @throws \RuntimeException when the backup is not whole; then nothing was touched
     */
    public function take(string $path, string $url): void
    {
        $folder = $this->backupDir.'/.restore-'.bin2hex(random_bytes(4));
        $files = new Filesystem();
        try {
            $this->backups->unpack($path, $folder);
            // What came after is not among what is brought back.
            $database = DriverManager::getConnection((new DsnParser(['mysql' => 'pdo_mysql']))->parse($url));
            $database->executeStatement('SET foreign_key_checks = 0');
            foreach ($database->fetchFirstColumn('SHOW TABLES') as $table) {
                $database->executeStatement('DROP TABLE '.$database->quoteSingleIdentifier(\is_string($table) ? $table : ''));
            }
            $database->close();
            (new DatabaseDump($url))->fill($folder.'/database.sql.gz');
            // Nobody goes on by a sign-in of former days.
            $database->executeStatement('DELETE FROM sessions');
            $database->executeStatement('UPDATE sign_in SET ended_at = UTC_TIMESTAMP() WHERE ended_at IS NULL');
            $files->mkdir($folder.'/pictures');
            $files->mirror($folder.'/pictures', $this->picturesDir);
        } finally {
            $files->remove($folder);
        }
    }
}
