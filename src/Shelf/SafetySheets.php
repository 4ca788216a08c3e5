<?php

declare(strict_types=1);

namespace KindHeel\App\Shelf;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Files\FileStore;
use KindHeel\App\Files\NoRoom;
use KindHeel\Core\Text\FieldError;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Safety sheets as their makers hand them out, kept with the product. */
final readonly class SafetySheets
{
    private const MOST_BYTES = 10_000_000;

    public function __construct(private EntityManagerInterface $entities, private FileStore $files)
    {
    }

    /**
     * @throws FieldError when it is no PDF, or too large; then nothing is kept
     * @throws NoRoom     when the disk is full; then nothing of it is kept either
     */
    public function keep(int $product, string $file): void
    {
        $bytes = (string) file_get_contents($file, length: self::MOST_BYTES + 1);
        if (\strlen($bytes) > self::MOST_BYTES) {
            throw new FieldError('file', 'This sheet is larger than 10 MB.');
        }
        if (!str_starts_with($bytes, '%PDF-') || false === strpos($bytes, '%%EOF', max(0, \strlen($bytes) - 2048))) {
            throw new FieldError('file', 'This is not a whole PDF.');
        }
        $product = $this->entities->find(Product::class, $product) ?? throw new NotFoundHttpException();
        $digest = hash('sha256', $bytes);
        $this->files->write(self::name($digest), $bytes);
        $product->hasSheet($digest);
    }

    /** The PDF. */
    public function of(int $product): string
    {
        $digest = $this->entities->find(Product::class, $product)?->sheet();

        return (null === $digest ? null : $this->files->read(self::name($digest))) ?? throw new NotFoundHttpException();
    }

    private static function name(string $digest): string
    {
        return 'sheets/'.$digest.'.pdf';
    }
}
