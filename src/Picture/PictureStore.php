<?php

declare(strict_types=1);

namespace KindHeel\App\Picture;

use Intervention\Image\ImageManager;
use KindHeel\App\Files\FileStore;
use KindHeel\App\Files\NoRoom;
use KindHeel\App\Files\StoreAway;

/**
 * The files of pictures: what was handed in is kept apart and never served; what is served is drawn anew, upright and
 * without a word of where it was taken.
 */
final class PictureStore
{
    public const MOST_BYTES = 25_000_000;
    /** 40 megapixels take 160 MB while they are read. */
    private const MOST_PIXELS = 40_000_000;
    private const TYPES = [\IMAGETYPE_JPEG, \IMAGETYPE_PNG, \IMAGETYPE_WEBP];
    private const SIZES = ['full' => 2400, 'thumb' => 480];

    public function __construct(private readonly FileStore $files)
    {
    }

    /**
     * @return array{digest: string, width: int, height: int} pixels of the full picture
     *
     * @throws BadPicture when it is none, or too large; then nothing is kept
     * @throws NoRoom     when the disk is full; then nothing of it is kept either
     * @throws StoreAway  when the store does not answer; as with a full disk
     */
    public function keep(string $file): array
    {
        $bytes = (int) filesize($file);
        if ($bytes > self::MOST_BYTES) {
            throw new BadPicture(\sprintf('This picture has %d MB; up to 25 MB can be kept. Take it with a smaller setting.', (int) round($bytes / 1_000_000)));
        }
        $seen = @getimagesize($file);
        if (false === $seen || !\in_array($seen[2], self::TYPES, true)) {
            throw new BadPicture('This is not a picture that can be kept here: JPEG, PNG or WebP is needed.');
        }
        if ($seen[0] < 1 || $seen[1] < 1 || $seen[0] * $seen[1] > self::MOST_PIXELS) {
            throw new BadPicture(\sprintf('This picture measures %d × %d; more than 40 megapixels cannot be opened safely.', $seen[0], $seen[1]));
        }
        if (\IMAGETYPE_JPEG === $seen[2] && !self::isWhole($file)) {
            throw self::broken();
        }
        $digest = (string) hash_file('sha256', $file);
        $folder = $this->folder($digest);
        try {
            // Small first, upright then: turning forty megapixels would need the memory twice.
            $image = ImageManager::gd(autoOrientation: false)->read($file)->scaleDown(self::SIZES['full'], self::SIZES['full']);
            $orientation = $image->exif('IFD0.Orientation');
            $image = match ($orientation) {
                2 => $image->flop(), 3 => $image->rotate(180), 4 => $image->flip(),
                5 => $image->rotate(270)->flop(), 6 => $image->rotate(270), 7 => $image->rotate(90)->flop(), 8 => $image->rotate(90),
                default => $image,
            };
            $full = $image->toJpeg(86, strip: true)->toString();
            $size = ['digest' => $digest, 'width' => $image->width(), 'height' => $image->height()];
            $thumb = $image->scaleDown(self::SIZES['thumb'], self::SIZES['thumb'])->toJpeg(80, strip: true)->toString();
        } catch (\Throwable) {
            throw self::broken();
        }
        $known = $this->files->has($folder.'/thumb.jpg');
        try {
            $this->files->writeFile($folder.'/original', $file);
            $this->files->write($folder.'/full.jpg', $full);
            // The last: where it is, all of the picture is.
            $this->files->write($folder.'/thumb.jpg', $thumb);
        } catch (NoRoom|StoreAway $error) {
            try {
                $known || $this->forget($digest);
            } catch (StoreAway) {
                // What lies there is not spoken of anywhere.
            }
            throw $error;
        }

        return $size;
    }

    /** @return string|null the JPEG; null when there is none of that size */
    public function read(string $digest, string $size): ?string
    {
        return isset(self::SIZES[$size]) ? $this->files->read($this->folder($digest).'/'.$size.'.jpg') : null;
    }

    private static function broken(): BadPicture
    {
        return new BadPicture('This picture is broken and cannot be opened. Nothing was kept; take it again.');
    }

    /** GD fills what is missing of a JPEG with grey and says nothing: look for the end of the image (ITU-T T.81, EOI) after its last head. */
    private static function isWhole(string $file): bool
    {
        $bytes = (string) file_get_contents($file);
        $at = 2;
        while ($at + 4 <= \strlen($bytes) && "\xff" === $bytes[$at] && "\xda" !== $bytes[$at + 1]) {
            $at += 2 + (\ord($bytes[$at + 2]) << 8 | \ord($bytes[$at + 3]));
        }

        return false !== strpos($bytes, "\xff\xd9", min($at, \strlen($bytes)));
    }

    /** Takes the files away; what is gone already is gone. */
    public function forget(string $digest): void
    {
        foreach (['original', 'full.jpg', 'thumb.jpg'] as $name) {
            $this->files->forget($this->folder($digest).'/'.$name);
        }
    }

    private function folder(string $digest): string
    {
        return substr($digest, 0, 2).'/'.$digest;
    }
}
