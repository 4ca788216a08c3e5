<?php

declare(strict_types=1);

namespace KindHeel\App\Files;

/** A file that is there whole or not at all, whatever happens meanwhile: written beside, brought to the disk, then renamed. */
final class SafeFile
{
    /** How one ends that is not whole yet. */
    public const NOT_YET = '.part';

    /**
     * @throws NoRoom when it could not be written to its end; what was there before is there still
     */
    public static function write(string $path, string $bytes): void
    {
        $folder = \dirname($path);
        if (!is_dir($folder) && !@mkdir($folder, 0o770, true) && !is_dir($folder)) {
            throw new NoRoom();
        }
        $beside = $path.'.'.bin2hex(random_bytes(6)).self::NOT_YET;
        try {
            $file = @fopen($beside, 'x') ?: throw new NoRoom();
            try {
                // What is short or fails to reach the disk is no file.
                if (@fwrite($file, $bytes) !== \strlen($bytes) || !@fflush($file) || !@fsync($file)) {
                    throw new NoRoom();
                }
            } finally {
                fclose($file);
            }
            if (!@rename($beside, $path)) {
                throw new NoRoom();
            }
        } catch (NoRoom $error) {
            @unlink($beside);
            throw $error;
        }
    }
}
