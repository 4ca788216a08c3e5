<?php

declare(strict_types=1);

/*
 * How long looking a piece over takes in the core and in the picture store: php tools/bench-looking-over.php
 * Reports times, asserts nothing. Needs neither database nor server.
 */

use KindHeel\App\Files\FileStore;
use KindHeel\App\Picture\PictureStore;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Anatomy\Size;
use KindHeel\Core\Assessment\Agreed;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Disclosure\OwnerPage;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Material\Belief;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Finder;
use KindHeel\Core\Treatment\Planning\OpenQuestions;

require dirname(__DIR__).'/vendor/autoload.php';

$report = static function (string $what, int $times, Closure $act): void {
    $took = [];
    for ($i = 0; $i < $times; ++$i) {
        $began = hrtime(true);
        $act();
        $took[] = (hrtime(true) - $began) / 1e6;
    }
    sort($took);
    printf("%-42s median %8.2f ms   p95 %8.2f ms\n", $what, $took[intdiv($times, 2)], $took[(int) floor(0.95 * ($times - 1))]);
};

$belief = Belief::among(Kind::Oxford->materialsFor(PartName::Vamp));
$parts = [];
foreach (Kind::LaceBoot->halves() as $half) {
    foreach (Kind::LaceBoot->parts() as $name) {
        $parts[] = new Part(new Place($name, $half), Kind::LaceBoot->materialsFor($name)[0], Certainty::Guess);
    }
}
$piece = Piece::of(Kind::LaceBoot, Size::eu(43.0), new Agreed(Aim::Freshen), $parts, []);
$report('the next trial of a part', 200, static fn () => Finder::next($belief));
$report('what the owner is told of a pair of boots', 200, static fn () => OwnerPage::for($piece));
$report('what still changes its plan', 10, static fn () => OpenQuestions::of($piece, Air::reference()));

$file = (string) tempnam(sys_get_temp_dir(), 'bench');
$image = imagecreatetruecolor(4000, 3000);
for ($i = 0; $i < 3000; ++$i) {
    imagefilledellipse($image, random_int(0, 3999), random_int(0, 2999), 90, 60, random_int(0, 0xFFFFFF));
}
imagejpeg($image, $file, 92);
unset($image);
$folder = sys_get_temp_dir().'/bench-pictures-'.getmypid();
file_put_contents('/proc/self/clear_refs', '5');
$store = new PictureStore(new FileStore($folder));
$report(sprintf('keeping a picture of 12 megapixels (%d MB)', (int) round(filesize($file) / 1e6)), 5, static fn () => $store->keep($file));
printf(
    "%-42s %.0f MB\n",
    'memory of the process for that, at most',
    (int) preg_replace('/.*VmHWM:\s+(\d+).*/s', '$1', (string) file_get_contents('/proc/self/status')) / 1024,
);
unlink($file);
exec('rm -rf '.escapeshellarg($folder));
