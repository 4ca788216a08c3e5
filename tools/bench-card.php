<?php

declare(strict_types=1);

// How long the workshop's card is looked for in a picture of twelve megapixels, from its upload on: php tools/bench-card.php [turns]
// Reports, never fails.

use KindHeel\App\Colour\PictureColour;
use KindHeel\App\Files\FileStore;
use KindHeel\App\Picture\PictureStore;
use KindHeel\Core\Colour\WorkshopCard;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Filesystem\Filesystem;

require __DIR__.'/development.php';

const WIDTH = 4000;
const HEIGHT = 3000;

/** A bench with a shoe on it and the card, turned by so many degrees, as a camera would bring it. */
function photograph(float $degrees, Randomizer $random, string $file): void
{
    $image = imagecreatetruecolor(WIDTH, HEIGHT) ?: throw new RuntimeException('No picture could be made.');
    $paint = static fn (int $rgb): int => (int) imagecolorallocate($image, $rgb >> 16 & 255, $rgb >> 8 & 255, $rgb & 255);
    for ($y = 0; $y < HEIGHT; $y += 4) {
        $wood = 140 + (int) (12.0 * sin($y / 23.0)) + $random->getInt(-6, 6);
        imagefilledrectangle($image, 0, $y, WIDTH, $y + 3, $paint(($wood << 16) + ($wood - 20 << 8) + $wood - 45));
    }
    imagefilledellipse($image, 2900, 800, 1300, 700, $paint(0x462819));
    $scale = 14.0;
    [$sin, $cos] = [sin(deg2rad($degrees)), cos(deg2rad($degrees))];
    $box = static function (float $x, float $y, float $w, float $h, int $colour) use ($image, $scale, $sin, $cos): void {
        $points = [];
        foreach ([[$x, $y], [$x + $w, $y], [$x + $w, $y + $h], [$x, $y + $h]] as [$u, $v]) {
            [$u, $v] = [$scale * ($u - WorkshopCard::WIDTH_MM / 2.0), $scale * ($v - WorkshopCard::HEIGHT_MM / 2.0)];
            array_push($points, 1500 + $cos * $u - $sin * $v, 1900 + $sin * $u + $cos * $v);
        }
        imagefilledpolygon($image, array_map(static fn (float $p): int => (int) round($p), $points), $colour);
    };
    $paper = $paint(0xEEECE6);
    $edge = WorkshopCard::PAPER_MM;
    $frame = WorkshopCard::FRAME_MM;
    $box(-$edge, -$edge, WorkshopCard::WIDTH_MM + 2.0 * $edge, WorkshopCard::HEIGHT_MM + 2.0 * $edge, $paper);
    $box(0.0, 0.0, WorkshopCard::WIDTH_MM, WorkshopCard::HEIGHT_MM, $paint(0x181818));
    $box($frame, $frame, WorkshopCard::WIDTH_MM - 2.0 * $frame, WorkshopCard::HEIGHT_MM - 2.0 * $frame, $paper);
    [$w, $h] = WorkshopCard::field();
    foreach (WorkshopCard::middles() as $i => [$u, $v]) {
        $box($u - $w / 2.0, $v - $h / 2.0, $w, $h, $paint((int) hexdec(substr(WorkshopCard::PRINTED[$i], 1))));
    }
    imagejpeg($image, $file, 92);
}

$files = new Filesystem();
$folder = sys_get_temp_dir().'/kindheel-card-'.getmypid();
$files->mkdir($folder);
$random = new Randomizer(new Mt19937(7));
foreach (array_map(floatval(...), array_slice($argv, 1)) ?: [3.0, 40.0, 118.0, 260.0] as $degrees) {
    photograph($degrees, $random, $folder.'/card.jpg');
    $at = hrtime(true);
    $kept = (new PictureStore(new FileStore($folder)))->keep($folder.'/card.jpg');
    $keep = (hrtime(true) - $at) / 1e6;
    $at = hrtime(true);
    try {
        $full = (string) (new PictureStore(new FileStore($folder)))->read($kept['digest'], 'full');
        PictureColour::seek(imagecreatefromstring($full) ?: throw new RuntimeException('It cannot be opened.'));
        $said = 'found';
    } catch (Exception $error) {
        $said = $error->getMessage();
    }
    printf("%3.0f°: kept in %4.0f ms, %s in %4.0f ms\n", $degrees, $keep, $said, (hrtime(true) - $at) / 1e6);
}
preg_match('/VmHWM:\s+(\d+) kB/', (string) @file_get_contents('/proc/self/status'), $most);
printf("peak of the whole process, pictures drawn here too: %d MB\n", (int) (($most[1] ?? 0) / 1000));
$files->remove($folder);
