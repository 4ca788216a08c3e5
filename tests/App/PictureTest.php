<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Counter\TicketView;
use KindHeel\App\Picture\PictureStore;
use KindHeel\App\Picture\PicturesView;
use KindHeel\App\Security\SessionView;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/** Pictures before the first wipe: taken upright, without a word of where, and nothing kept of what is none. */
final class PictureTest extends ApiTestCase
{
    private int $piece;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->piece = $this->must(TicketView::class, 'POST', '/api/tickets', $this->ticketBody(), 201)->pieces[0]->id;
    }

    public function testAPictureIsTurnedUprightStrippedKeptAndServedForGood(): void
    {
        $pictures = $this->sent(self::jpeg(640, 400, 6), ['moment' => 'before', 'half' => 'left', 'side' => 'toe']);
        $picture = $pictures->pictures[0];
        self::assertSame([400, 640], [$picture->width, $picture->height], 'the camera was held upright');
        self::assertSame(200, $this->ask('GET', $picture->thumb));
        self::assertStringContainsString('immutable', (string) $this->client->getResponse()->headers->get('Cache-Control'));
        self::assertStringContainsString('max-age=31536000', (string) $this->client->getResponse()->headers->get('Cache-Control'));
        self::assertSame('image/jpeg', $this->client->getResponse()->headers->get('Content-Type'));
        ob_start();
        $this->ask('GET', $picture->full);
        $this->client->getResponse()->sendContent();
        $served = (string) ob_get_clean();
        self::assertStringNotContainsString('Exif', $served);
        self::assertStringNotContainsString('Lantern Street 9', $served);
        self::assertSame(404, $this->ask('GET', str_replace('/thumb', '/original', $picture->thumb)), 'what was handed in is never served');
        self::assertSame(404, $this->ask('GET', \sprintf('/api/pictures/%d/000000000000/thumb.jpg', $picture->id)));
    }

    public function testTheSetBeforeIsTickedOffHalfByHalf(): void
    {
        $missing = $this->must(PicturesView::class, 'GET', "/api/pieces/$this->piece/pictures")->missing;
        self::assertCount(12, $missing);
        self::assertSame('left outer side', $missing[0]->label);
        $missing = $this->sent(self::jpeg(60, 40), ['moment' => 'before', 'half' => 'left', 'side' => 'outer-side'])->missing;
        self::assertCount(11, $missing);
        self::assertCount(11, $this->sent(self::jpeg(60, 41), ['moment' => 'after', 'half' => 'left', 'side' => 'toe'])->missing, 'after is not before');
    }

    public function testATwelveMegapixelPictureIsKeptInAQuarterOfAGigabyte(): void
    {
        $jpeg = self::jpeg(4000, 3000);
        // The peak of the whole process, for GD takes its memory past PHP; writing 5 begins it anew (proc(5)).
        file_put_contents('/proc/self/clear_refs', '5');
        $before = self::peakKb();
        $picture = $this->sent($jpeg, ['moment' => 'during'])->pictures[0];
        self::assertSame([2400, 1800], [$picture->width, $picture->height]);
        self::assertGreaterThan(0, $before);
        self::assertLessThan(256 * 1024, self::peakKb() - $before);
    }

    /** @return iterable<string, array{string, string}> */
    public static function notPictures(): iterable
    {
        yield 'a text that says it is a picture' => ['this is a letter', 'not a picture that can be kept'];
        yield 'nothing at all' => ['', 'not a picture that can be kept'];
        yield 'a picture cut short' => [substr(self::jpeg(400, 300), 0, 2000), 'broken'];
        yield 'a drawing with a script in it' => ['<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>', 'not a picture that can be kept'];
        yield 'a bomb of a hundred thousand pixels a side' => [self::bomb(), 'more than 40 megapixels'];
        yield 'forty megabytes' => [self::jpeg(60, 40).str_repeat("\0", 40_000_000), 'up to 25 MB'];
    }

    #[DataProvider('notPictures')]
    public function testWhatIsNoPictureGetsASentenceAndNothingIsKept(string $bytes, string $sentence): void
    {
        self::assertSame(422, $this->send($bytes, ['moment' => 'before']));
        self::assertStringContainsString($sentence, $this->answered(ToldProblem::class)->detail);
        self::assertSame(0, $this->rows('picture'));
    }

    public function testWhereThereIsNoRoomForAPictureOnItsWayInItIsSaid(): void
    {
        foreach ([\UPLOAD_ERR_CANT_WRITE => 507, \UPLOAD_ERR_NO_TMP_DIR => 507, \UPLOAD_ERR_INI_SIZE => 422, \UPLOAD_ERR_PARTIAL => 422] as $error => $status) {
            self::assertSame($status, $this->send(self::jpeg(60, 40), ['moment' => 'before', 'half' => 'left'], $error));
        }
        self::assertSame(0, $this->rows('picture'));
    }

    public function testAPictureOfAPartThatTheKindLacksAndOneWithoutAFileAreRefused(): void
    {
        self::assertSame(422, $this->send(self::jpeg(60, 40), ['moment' => 'before', 'half' => 'left', 'part' => 'flap']));
        self::assertSame(422, $this->send(self::jpeg(60, 40), ['moment' => 'yesterday']));
        self::assertSame(422, $this->send(null, ['moment' => 'before']));
        self::assertSame(0, $this->rows('picture'));
    }

    public function testAPictureIsTakenAwayByARestorerOnly(): void
    {
        $id = $this->sent(self::jpeg(60, 40), ['moment' => 'before'])->pictures[0]->id;
        $twin = $this->sent(self::jpeg(60, 40), ['moment' => 'after'])->pictures[1];
        $this->signIn('wren');
        $this->refused(403, 'DELETE', "/api/pictures/$id");
        $this->signIn();
        self::assertCount(1, $this->must(PicturesView::class, 'DELETE', "/api/pictures/$id")->pictures);
        self::assertSame(200, $this->ask('GET', $twin->full), 'the same picture hangs elsewhere too');
        $store = self::getContainer()->get(PictureStore::class);
        $digest = hash('sha256', self::jpeg(60, 40));
        self::assertNotNull($store->read($digest, 'full'));
        self::assertSame([], $this->must(PicturesView::class, 'DELETE', "/api/pictures/$twin->id")->pictures);
        self::assertNull($store->read($digest, 'full'), 'nothing hangs on it any more');
        $id = $this->sent(self::jpeg(60, 40), ['moment' => 'before'])->pictures[0]->id;
        foreach ([null, 'true'] as $replayed) {
            self::assertSame(200, $this->ask('DELETE', "/api/pictures/$id", [], ['Idempotency-Key' => 'lost']), 'an answer that was lost is given again');
            self::assertSame($replayed, $this->client->getResponse()->headers->get('Idempotency-Replayed'));
        }
    }

    /** @param array<string, string> $fields */
    private function sent(string $bytes, array $fields): PicturesView
    {
        self::assertSame(201, $this->send($bytes, $fields), $this->content());

        return $this->answered(PicturesView::class);
    }

    /** @param array<string, string> $fields */
    private function send(?string $bytes, array $fields, int $error = \UPLOAD_ERR_OK): int
    {
        $files = [];
        if (null !== $bytes) {
            $path = tempnam(sys_get_temp_dir(), 'picture');
            self::assertNotFalse($path);
            file_put_contents($path, $bytes);
            $files['file'] = new UploadedFile($path, 'DSC_1.jpg', 'image/jpeg', $error, test: true);
        }
        $token = $this->must(SessionView::class, 'GET', '/api/session')->csrfToken;
        $this->client->request('POST', "/api/pieces/$this->piece/pictures", $fields, $files, [
            'HTTP_ACCEPT' => 'application/json',
            'HTTP_X_CSRF_TOKEN' => $token,
            'HTTP_IDEMPOTENCY_KEY' => bin2hex(random_bytes(8)),
        ]);

        return $this->client->getResponse()->getStatusCode();
    }

    private static function peakKb(): int
    {
        self::assertSame(1, preg_match('/VmHWM:\s+(\d+)/', (string) file_get_contents('/proc/self/status'), $found));

        return (int) ($found[1] ?? 0);
    }

    /** A JPEG with an EXIF block that names a street and, if asked, how the camera was held. */
    private static function jpeg(int $width, int $height, int $orientation = 1): string
    {
        $image = imagecreatetruecolor(max(1, $width), max(1, $height));
        imagefilledrectangle($image, 0, 0, intdiv($width, 2), $height, (int) imagecolorallocate($image, 120, 70, 40));
        for ($i = 0; $i < 200; ++$i) {
            imagesetpixel($image, ($i * 37) % $width, ($i * 91) % $height, (int) imagecolorallocate($image, $i, 200 - $i, 90));
        }
        ob_start();
        imagejpeg($image, null, 90);
        $jpeg = (string) ob_get_clean();
        $street = "Lantern Street 9\0";
        $tiff = "MM\0*\0\0\0\x08\0\x02"
            ."\x01\x0e\0\x02".pack('N', \strlen($street)).pack('N', 38)
            ."\x01\x12\0\x03\0\0\0\x01".pack('n', $orientation)."\0\0"
            ."\0\0\0\0".$street;
        $exif = "Exif\0\0".$tiff;

        return "\xff\xd8\xff\xe1".pack('n', \strlen($exif) + 2).$exif.substr($jpeg, 2);
    }

    /** A PNG whose head promises ten thousand million pixels. */
    private static function bomb(): string
    {
        $head = 'IHDR'.pack('NN', 100_000, 100_000)."\x08\x02\0\0\0";

        return "\x89PNG\r\n\x1a\n".pack('N', 13).$head.pack('N', crc32($head));
    }
}
