<?php

declare(strict_types=1);

namespace KindHeel\App\Files;

use KindHeel\Core\Text\FieldError;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;

/** The file that came along with a request. */
final class SentFile
{
    /**
     * @return string path of it
     *
     * @throws NoRoom     when the disk could not take it
     * @throws FieldError when there is none, or it is larger than any that is let in
     */
    public static function of(
        Request $request,
        string $tooLarge = 'This file is too large; up to 60 MB can be taken in.',
        string $none = 'No file came along. Choose one again.',
    ): string {
        $file = $request->files->get('file');
        if ($file instanceof UploadedFile && $file->isValid()) {
            return $file->getPathname();
        }
        throw match ($file instanceof UploadedFile ? $file->getError() : \UPLOAD_ERR_NO_FILE) {
            \UPLOAD_ERR_CANT_WRITE, \UPLOAD_ERR_NO_TMP_DIR => new NoRoom(),
            \UPLOAD_ERR_INI_SIZE, \UPLOAD_ERR_FORM_SIZE => new FieldError('file', $tooLarge),
            default => new FieldError('file', $none),
        };
    }
}
