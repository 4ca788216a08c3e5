<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Demo\Leather;
use KindHeel\App\Files\FileStore;
use KindHeel\App\Files\NoRoom;
use KindHeel\App\Picture\BadPicture;
use KindHeel\App\Picture\PictureStore;
use KindHeel\App\Picture\Side;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Finding\FindingKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The files of pictures, without database or HTTP. */
final class PictureStoreTest extends TestCase
{
    private string $folder;
    private PictureStore $store;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/pictures-'.bin2hex(random_bytes(6));
        $this->store = new PictureStore(new FileStore($this->folder));
    }

    protected function tearDown(): void
    {
        foreach (glob($this->folder.'/*/*/*') ?: [] as $file) {
            unlink($file);
        }
        foreach ([...(glob($this->folder.'/*/*') ?: []), ...(glob($this->folder.'/*') ?: []), $this->folder] as $folder) {
            @rmdir($folder);
        }
    }

    public function testWhereThereIsNoRoomNothingIsKeptAndASentenceSaysSo(): void
    {
        $picture = $this->file(self::exif(self::cornered(), 1));
        $whole = $this->store->keep($picture);
        $largest = (int) ceil(max([0, ...array_map(filesize(...), glob($this->folder.'/*/*/*') ?: [])]) / 1024);
        $this->store->forget($whole['digest']);
        // A file may not grow beyond so much: what is written ends short, as on a disk that is full.
        $script = 'require "vendor/autoload.php"; $store = new KindHeel\App\Picture\PictureStore(new KindHeel\App\Files\FileStore($argv[1])); '
            .'try { $store->keep($argv[2]); echo "kept"; } '
            .'catch (KindHeel\App\Files\NoRoom $e) { echo $e->problem()->getStatusCode(), " ", $e->getMessage(); }';
        foreach ([0 => false, 1 => false, $largest - 1 => false, $largest => true] as $kilobytes => $fits) {
            $limited = new Process(
                ['bash', '-c', 'trap "" XFSZ; ulimit -f "$1"; shift; exec "$@"', 'limited', (string) $kilobytes, 'php', '-r', $script, $this->folder, $picture],
                \dirname(__DIR__, 2),
            );
            $limited->mustRun();
            self::assertSame($fits ? 'kept' : '507 '.NoRoom::SENTENCE, $limited->getOutput(), $kilobytes.' kB');
            self::assertCount($fits ? 3 : 0, glob($this->folder.'/*/*/*') ?: [], $kilobytes.' kB');
        }
    }

    public function testAnEmptyFileIsNoPicture(): void
    {
        $digest = $this->store->keep($this->file(self::exif(self::cornered(), 1)))['digest'];
        self::assertNotNull($this->store->read($digest, 'full'));
        file_put_contents($this->lies($digest, 'full.jpg'), '');
        clearstatcache();
        self::assertNull($this->store->read($digest, 'full'));
    }

    public function testTheSameFileTwiceIsKeptOnceAndNothingIsLeftBeside(): void
    {
        $picture = $this->file(self::exif(self::cornered(), 1));
        $this->store->keep($picture);
        $this->store->keep($picture);
        self::assertCount(3, glob($this->folder.'/*/*/*') ?: []);
    }

    /**
     * @return iterable<string, array{int, bool, array{int, int}}> EXIF orientation, whether it lies on its side, and where the dark corner comes to be (0 or 1
     *     across, 0 or 1 down)
     */
    public static function orientations(): iterable
    {
        // The stored image has its dark corner at the upper left; the tag says where row 0 and column 0 are seen (Exif 2.3, 0x0112).
        yield 'as it is' => [1, false, [0, 0]];
        yield 'mirrored' => [2, false, [1, 0]];
        yield 'upside down' => [3, false, [1, 1]];
        yield 'mirrored upside down' => [4, false, [0, 1]];
        yield 'transposed' => [5, true, [0, 0]];
        yield 'held to the left' => [6, true, [1, 0]];
        yield 'transversed' => [7, true, [1, 1]];
        yield 'held to the right' => [8, true, [0, 1]];
    }

    /** @param array{int, int} $corner */
    #[DataProvider('orientations')]
    public function testAPictureIsTurnedUprightHoweverTheCameraWasHeld(int $orientation, bool $lies, array $corner): void
    {
        $kept = $this->store->keep($this->file(self::exif(self::cornered(), $orientation)));
        self::assertSame($lies ? [60, 90] : [90, 60], [$kept['width'], $kept['height']]);
        $full = imagecreatefromstring((string) $this->store->read($kept['digest'], 'full'));
        self::assertNotFalse($full);
        $dark = null;
        foreach ([[0, 0], [1, 0], [0, 1], [1, 1]] as [$x, $y]) {
            $rgb = (int) imagecolorat($full, 6 + $x * ($kept['width'] - 13), 6 + $y * ($kept['height'] - 13));
            $dark = ($rgb & 0xFF) < 90 ? [$x, $y] : $dark;
        }
        self::assertSame($corner, $dark);
    }

    public function testTheOriginalIsKeptAsItCameAndTheRestIsSmall(): void
    {
        $bytes = Leather::photographed(3, Shade::Tan, [[FindingKind::Scuff, 2]]);
        $kept = $this->store->keep($this->file($bytes));
        self::assertSame(hash('sha256', $bytes), $kept['digest']);
        self::assertSame($bytes, file_get_contents($this->lies($kept['digest'], 'original')));
        $thumb = getimagesizefromstring((string) $this->store->read($kept['digest'], 'thumb'));
        self::assertSame([480, 320], \array_slice((array) $thumb, 0, 2));
        self::assertNull($this->store->read($kept['digest'], 'original'), 'it is never served');
        self::assertNull($this->store->read(str_repeat('0', 64), 'full'));
        $this->store->forget($kept['digest']);
        self::assertNull($this->store->read($kept['digest'], 'full'));
        $this->store->forget($kept['digest']);
    }

    /** @return iterable<string, array{\Closure(\GdImage): mixed}> */
    public static function formats(): iterable
    {
        yield 'PNG' => [static fn (\GdImage $i) => imagepng($i)];
        yield 'WebP' => [static fn (\GdImage $i) => imagewebp($i)];
        yield 'JPEG' => [static fn (\GdImage $i) => imagejpeg($i)];
    }

    /** @param \Closure(\GdImage): mixed $write */
    #[DataProvider('formats')]
    public function testPicturesOfEveryUsualFormatAreKeptAsJpeg(\Closure $write): void
    {
        ob_start();
        $write(imagecreatetruecolor(70, 50));
        $kept = $this->store->keep($this->file((string) ob_get_clean()));
        self::assertSame("\xff\xd8\xff", substr((string) $this->store->read($kept['digest'], 'full'), 0, 3));
    }

    /** @return iterable<string, array{string}> */
    public static function cutShort(): iterable
    {
        $jpeg = self::exif(self::cornered(), 1);
        yield 'before the image' => [substr($jpeg, 0, 120)];
        yield 'in the middle of it' => [substr($jpeg, 0, (int) (0.7 * \strlen($jpeg)))];
        yield 'two bytes before its end' => [substr($jpeg, 0, -2)];
        ob_start();
        imagepng(imagecreatetruecolor(200, 200));
        yield 'a PNG' => [substr((string) ob_get_clean(), 0, 90)];
        yield 'GIF, which is none of ours' => ['GIF89a'.str_repeat("\0", 40)];
    }

    #[DataProvider('cutShort')]
    public function testWhatIsNotWholeIsRefusedAndLeavesNothing(string $bytes): void
    {
        try {
            $this->store->keep($this->file($bytes));
            self::fail('It was kept.');
        } catch (BadPicture $error) {
            self::assertMatchesRegularExpression('/^This .+\.$/', $error->getMessage());
        }
        self::assertDirectoryDoesNotExist($this->folder);
    }

    public function testAPictureWithSomethingBehindItsEndIsWholeAllTheSame(): void
    {
        // Telephones hang a short film behind the picture.
        self::assertSame(90, $this->store->keep($this->file(self::exif(self::cornered(), 1).str_repeat('film', 4000)))['width']);
    }

    public function testLeatherIsTheSameForTheSameSeedAndAsDarkAsItsShade(): void
    {
        $one = Leather::photographed(5, Shade::Sand, [[FindingKind::Faded, 2]]);
        Leather::photographed(9, Shade::Black, []);
        self::assertSame($one, Leather::photographed(5, Shade::Sand, [[FindingKind::Faded, 2]]), 'whatever was drawn in between');
        self::assertNotSame($one, Leather::photographed(6, Shade::Sand, [[FindingKind::Faded, 2]]));
        $mean = static function (Shade $shade): int {
            $image = imagescale(imagecreatefromstring(Leather::photographed(5, $shade, [])) ?: throw new \LogicException(), 1, 1);

            return false === $image ? 0 : (int) imagecolorat($image, 0, 0) >> 8 & 0xFF;
        };
        self::assertGreaterThan($mean(Shade::Chestnut), $mean(Shade::Ivory));
        self::assertGreaterThan($mean(Shade::Black), $mean(Shade::Chestnut));
    }

    public function testWhatWasMendedIsGoneFromThePictureAfterwardsAndNothingElseHasMoved(): void
    {
        $taken = static fn (int $mud, int $ink): \GdImage => imagecreatefromstring(
            Leather::photographed(21, Shade::Tan, [[FindingKind::Mud, $mud], [FindingKind::Ink, $ink]]),
        ) ?: throw new \LogicException();
        $changed = static function (\GdImage $one, \GdImage $other): array {
            $at = [];
            for ($x = 0; $x < imagesx($one); $x += 4) {
                for ($y = 0; $y < imagesy($one); $y += 4) {
                    [$a, $b] = [imagecolorat($one, $x, $y), imagecolorat($other, $x, $y)];
                    // A JPEG is never quite the same.
                    if (abs(($a >> 8 & 0xFF) - ($b >> 8 & 0xFF)) > 24) {
                        $at["$x/$y"] = true;
                    }
                }
            }

            return $at;
        };
        $mud = $changed($taken(3, 0), $taken(0, 0));
        $ink = $changed($taken(0, 2), $taken(0, 0));
        self::assertGreaterThan(20, \count($mud), 'mud is seen');
        self::assertGreaterThan(20, \count($ink), 'ink is seen');
        $cleaned = $changed($taken(3, 2), $taken(0, 2));
        self::assertLessThan(0.05 * \count($mud), \count(array_diff_key($cleaned, $mud)), 'once the mud is off, all else is where it was');
    }

    public function testTheSetBeforeTheWorkFitsTheKind(): void
    {
        self::assertSame(
            ['outer side', 'inner side', 'toe', 'heel', 'sole', 'inside'],
            array_map(static fn (Side $s): string => $s->label(), Side::set(Kind::RidingBoot)),
        );
        self::assertSame(['front', 'back', 'base', 'corners', 'lining'], array_map(static fn (Side $s): string => $s->label(), Side::set(Kind::Satchel)));
        foreach (Kind::cases() as $kind) {
            self::assertGreaterThanOrEqual(2, \count(Side::set($kind)), $kind->value);
        }
    }

    private function lies(string $digest, string $name): string
    {
        return $this->folder.'/'.substr($digest, 0, 2).'/'.$digest.'/'.$name;
    }

    private function file(string $bytes): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'store');
        file_put_contents($file, $bytes);

        return $file;
    }

    /** 90 × 60, white, with a dark corner at the upper left. */
    private static function cornered(): string
    {
        $image = imagecreatetruecolor(90, 60);
        imagefilledrectangle($image, 0, 0, 90, 60, (int) imagecolorallocate($image, 250, 250, 250));
        imagefilledrectangle($image, 0, 0, 24, 16, (int) imagecolorallocate($image, 20, 20, 20));
        ob_start();
        imagejpeg($image, null, 95);

        return (string) ob_get_clean();
    }

    private static function exif(string $jpeg, int $orientation): string
    {
        $exif = "Exif\0\0MM\0*\0\0\0\x08\0\x01\x01\x12\0\x03\0\0\0\x01".pack('n', $orientation)."\0\0\0\0\0\0";

        return "\xff\xd8\xff\xe1".pack('n', \strlen($exif) + 2).$exif.substr($jpeg, 2);
    }
}
