<?php

declare(strict_types=1);

namespace KindHeel\App\Files;

use Aws\S3\S3Client;
use League\Flysystem\AwsS3V3\AwsS3V3Adapter;
use League\Flysystem\Filesystem;
use League\Flysystem\FilesystemException;
use League\Flysystem\StorageAttributes;
use League\Flysystem\UnableToReadFile;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/**
 * Pictures and sheets by name, beside the database: in a folder of this machine, or in a bucket that several machines share. A name says its content, by
 * digest: what lies under it never changes.
 */
final class FileStore
{
    private ?Filesystem $files = null;

    /**
     * @param string $fileStore where they are kept: empty for the folder, or `s3://bucket/prefix?endpoint=https://…&region=…` of any store that speaks S3; who
     *                          may is said by `AWS_ACCESS_KEY_ID` and `AWS_SECRET_ACCESS_KEY`
     */
    public function __construct(
        private readonly string $picturesDir,
        #[Autowire('%env(FILE_STORE)%')]
        private readonly string $fileStore = '',
    ) {
    }

    /** Whether it is there, and not empty. */
    public function has(string $name): bool
    {
        return $this->try(static fn (Filesystem $files): bool => $files->fileExists($name) && $files->fileSize($name) > 0);
    }

    /** @return string|null its bytes; null when it is not there */
    public function read(string $name): ?string
    {
        try {
            return $this->try(static fn (Filesystem $files): string => $files->read($name)) ?: null;
        } catch (StoreAway $error) {
            if ($error->getPrevious() instanceof UnableToReadFile && !$this->has($name)) {
                return null;
            }
            throw $error;
        }
    }

    /** @throws NoRoom|StoreAway when it could not be kept; then nothing of it is there */
    public function write(string $name, string $bytes): void
    {
        $this->try(static fn (Filesystem $files) => $files->write($name, $bytes));
    }

    /** @throws NoRoom|StoreAway */
    public function writeFile(string $name, string $path): void
    {
        $from = @fopen($path, 'r') ?: throw new \RuntimeException(\sprintf('%s cannot be read.', $path));
        try {
            $this->try(static fn (Filesystem $files) => $files->writeStream($name, $from));
        } finally {
            \is_resource($from) && fclose($from);
        }
    }

    /** Takes it away; what is gone already is gone. */
    public function forget(string $name): void
    {
        $this->try(static fn (Filesystem $files) => $files->delete($name));
        // What was brought from a bucket goes as well.
        @unlink($this->picturesDir.'/'.$name);
        @rmdir($this->picturesDir.'/'.\dirname($name));
    }

    /** @return list<string> what has been kept to its end, in order */
    public function names(): array
    {
        $names = $this->try(static fn (Filesystem $files): array => $files->listContents('', true)
            ->filter(static fn (StorageAttributes $one): bool => $one->isFile() && !str_ends_with($one->path(), SafeFile::NOT_YET))
            ->map(static fn (StorageAttributes $one): string => $one->path())
            ->toArray());
        sort($names);

        return $names;
    }

    /**
     * For what reads a file itself.
     *
     * @return string|null path of it on this machine, below {@see folder()}, to where it is brought from a bucket unless it was before; null when there is none
     *
     * @throws NoRoom|StoreAway
     */
    public function at(string $name): ?string
    {
        $path = $this->folder().'/'.$name;
        if ('' !== $this->fileStore && !is_file($path) && null !== $bytes = $this->read($name)) {
            SafeFile::write($path, $bytes);
        }

        return is_file($path) ? $path : null;
    }

    /** Below it lies whatever {@see at()} was asked for. */
    public function folder(): string
    {
        is_dir($this->picturesDir) || @mkdir($this->picturesDir, 0o770, true);

        return (string) realpath($this->picturesDir);
    }

    /**
     * @template T
     *
     * @param \Closure(Filesystem): T $act
     *
     * @return T
     */
    private function try(\Closure $act): mixed
    {
        try {
            return $act($this->files ??= $this->open());
        } catch (FilesystemException $error) {
            throw new StoreAway($error);
        }
    }

    private function open(): Filesystem
    {
        if ('' === $this->fileStore) {
            return new Filesystem(new SafeFolder($this->picturesDir));
        }
        $where = parse_url($this->fileStore);
        if (!\is_array($where) || 's3' !== ($where['scheme'] ?? null) || !isset($where['host'])) {
            throw new \InvalidArgumentException('FILE_STORE is s3://bucket/prefix?endpoint=…&region=…, or empty.');
        }
        parse_str($where['query'] ?? '', $more);
        $client = new S3Client([
            'version' => 'latest',
            'region' => \is_string($more['region'] ?? null) ? $more['region'] : 'us-east-1',
            'use_path_style_endpoint' => isset($more['endpoint']),
            'retries' => 2,
            'http' => ['connect_timeout' => 2, 'timeout' => 20],
        ] + (\is_string($more['endpoint'] ?? null) ? ['endpoint' => $more['endpoint']] : []));

        return new Filesystem(new AwsS3V3Adapter($client, $where['host'], trim($where['path'] ?? '', '/')));
    }
}
