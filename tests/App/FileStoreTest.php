<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Demo\Leather;
use KindHeel\App\Files\FileStore;
use KindHeel\App\Files\SafeFile;
use KindHeel\App\Files\StoreAway;
use KindHeel\App\Picture\PictureStore;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Finding\FindingKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\PhpExecutableFinder;
use Symfony\Component\Process\Process;

/** The store of pictures and sheets: in a folder, and in a bucket that several machines share. */
final class FileStoreTest extends TestCase
{
    private string $folder;
    private ?Process $bucket = null;
    private string $address = '';

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/files-'.bin2hex(random_bytes(6));
        mkdir($this->folder.'/bucket', recursive: true);
    }

    protected function tearDown(): void
    {
        $this->bucket?->stop(0);
        (new Filesystem())->remove($this->folder);
    }

    /** @return iterable<string, array{bool}> */
    public static function kinds(): iterable
    {
        yield 'folder' => [false];
        yield 'bucket' => [true];
    }

    #[DataProvider('kinds')]
    public function testWhatIsKeptIsThereForEveryMachineAndGoneWhenForgotten(bool $inBucket): void
    {
        $one = $this->store($inBucket, 'one');
        $other = $this->store($inBucket, $inBucket ? 'other' : 'one');
        self::assertFalse($one->has('ab/abc/full.jpg'));
        self::assertNull($one->read('ab/abc/full.jpg'));
        $one->write('ab/abc/full.jpg', "\xff\xd8 full");
        file_put_contents($this->folder.'/handed-in', "\xff\xd8 original");
        $one->writeFile('ab/abc/original', $this->folder.'/handed-in');
        $one->write('sheets/s.pdf', '%PDF-');
        self::assertTrue($other->has('ab/abc/full.jpg'));
        self::assertSame("\xff\xd8 full", $other->read('ab/abc/full.jpg'));
        self::assertSame("\xff\xd8 original", $other->read('ab/abc/original'));
        self::assertSame(['ab/abc/full.jpg', 'ab/abc/original', 'sheets/s.pdf'], $other->names());
        self::assertNull($other->at('ab/abd/original'));
        // One that reads it itself finds it on its own machine, below one folder.
        self::assertSame($other->folder().'/ab/abc/original', $other->at('ab/abc/original'));
        self::assertSame("\xff\xd8 original", file_get_contents($other->folder().'/ab/abc/original'));
        self::assertSame(!$inBucket, is_file($other->folder().'/sheets/s.pdf'), 'and nothing is brought that nobody asked for');
        file_put_contents($one->folder().'/half'.SafeFile::NOT_YET, 'not whole');
        self::assertNotContains('half'.SafeFile::NOT_YET, $one->names());
        $one->at('ab/abc/full.jpg');
        $one->forget('ab/abc/full.jpg');
        $one->forget('ab/abc/full.jpg');
        self::assertNull($one->at('ab/abc/full.jpg'), 'not on this machine either');
        self::assertNull($other->read('ab/abc/full.jpg'));
        self::assertSame("\xff\xd8 original", $other->read('ab/abc/original'));
    }

    public function testAnEmptyFileIsNone(): void
    {
        $store = $this->store(false, 'one');
        $store->write('ab/abc/full.jpg', '');
        self::assertFalse($store->has('ab/abc/full.jpg'));
        self::assertNull($store->read('ab/abc/full.jpg'));
    }

    public function testAPictureGoesInAndOutOfABucket(): void
    {
        $picture = $this->folder.'/picture.jpg';
        file_put_contents($picture, Leather::photographed(3, Shade::Tan, [[FindingKind::Scuff, 2]]));
        $store = new PictureStore($this->store(true, 'one'));
        $digest = $store->keep($picture)['digest'];
        self::assertSame([480, 320], \array_slice((array) getimagesizefromstring((string) $store->read($digest, 'thumb')), 0, 2));
        self::assertFileEquals($picture, $this->folder.'/bucket/pictures/workshop/'.substr($digest, 0, 2).'/'.$digest.'/original');
        $store->forget($digest);
        self::assertNull($store->read($digest, 'thumb'));
    }

    public function testAStoreThatDoesNotAnswerIsASentenceAndNothingIsHalfKept(): void
    {
        $files = $this->store(true, 'one');
        $store = new PictureStore($files);
        $picture = $this->folder.'/picture.jpg';
        file_put_contents($picture, Leather::photographed(3, Shade::Tan, []));
        touch($this->folder.'/bucket/away');
        foreach ([static fn () => $store->keep($picture), static fn () => $files->read('ab/abc/full.jpg'), $files->names(...)] as $act) {
            try {
                $act();
                self::fail('The store was away.');
            } catch (StoreAway $away) {
                self::assertSame(503, $away->problem()->getStatusCode());
            }
        }
        unlink($this->folder.'/bucket/away');
        self::assertSame([], array_diff((array) scandir($this->folder.'/bucket'), ['.', '..']));
        self::assertNotNull($store->read($store->keep($picture)['digest'], 'full'));
    }

    private function store(bool $inBucket, string $machine): FileStore
    {
        if ($inBucket && null === $this->bucket) {
            $free = stream_socket_server('tcp://127.0.0.1:0') ?: throw new \RuntimeException('No port is free.');
            $this->address = (string) stream_socket_get_name($free, false);
            fclose($free);
            $this->bucket = new Process(
                [(new PhpExecutableFinder())->find() ?: 'php', '-S', $this->address, \dirname(__DIR__).'/Support/bucket.php'],
                env: ['BUCKET_FOLDER' => $this->folder.'/bucket'],
            );
            $this->bucket->start();
            $this->bucket->waitUntil(static fn (string $type, string $said): bool => str_contains($said, 'started'));
            putenv('AWS_ACCESS_KEY_ID=for-tests');
            putenv('AWS_SECRET_ACCESS_KEY=only');
        }

        return new FileStore($this->folder.'/'.$machine, $inBucket ? 's3://pictures/workshop?endpoint=http://'.$this->address : '');
    }
}
