<?php

declare(strict_types=1);

namespace KindHeel\App\Backup;

use KindHeel\App\Files\SafeFile;

/** The key with which backups are closed. Whoever has a backup and not its key has nothing; whoever has lost the key as well. */
final readonly class BackupKey
{
    public function __construct(private string $backupKeyFile)
    {
    }

    public function exists(): bool
    {
        return is_file($this->backupKeyFile);
    }

    public function file(): string
    {
        return $this->backupKeyFile;
    }

    public function make(): void
    {
        if ($this->exists()) {
            throw new \RuntimeException(\sprintf('There is a key already, in %s. Backups made with it open with no other.', $this->backupKeyFile));
        }
        SafeFile::write($this->backupKeyFile, sodium_bin2base64(sodium_crypto_secretstream_xchacha20poly1305_keygen(), \SODIUM_BASE64_VARIANT_ORIGINAL)."\n");
        chmod($this->backupKeyFile, 0o600);
    }

    /** @return string 32 bytes */
    public function bytes(): string
    {
        $text = @file_get_contents($this->backupKeyFile);
        if (false === $text) {
            $said = 'There is no key in %s. Make one with backup:key, or bring the one with which the backup was made.';
            throw new \RuntimeException(\sprintf($said, $this->backupKeyFile));
        }
        try {
            $key = sodium_base642bin(trim($text), \SODIUM_BASE64_VARIANT_ORIGINAL);
        } catch (\SodiumException) {
            $key = '';
        }

        return \SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_KEYBYTES === \strlen($key)
            ? $key
            : throw new \RuntimeException(\sprintf('What is in %s is no key.', $this->backupKeyFile));
    }
}
