<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Row;
use KindHeel\App\Picture\PictureStore;
use KindHeel\Core\Colour\CardFit;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Mixture;
use KindHeel\Core\Text\FieldError;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Reads a colour off a picture that has a grey or the workshop's card in it. */
final readonly class PictureColour
{
    /** The workshop's own card: twelve fields painted thick from its own tubes, in this order. */
    public const CARD = ['chalk-white', 'parchment', 'straw', 'marigold', 'poppy', 'brick', 'plum', 'harbour-blue', 'moss', 'chestnut', 'slate', 'soot-black'];
    /** Half the side of the square that a tap averages, as a share of the picture's shorter side. */
    private const REACH = 0.012;
    private const GREY_L = 50.0;

    public function __construct(private Connection $connection, private PictureStore $pictures, private ColourShelf $shelf)
    {
    }

    public function read(int $picture, PictureColourInput $input): PictureColourView
    {
        $digest = Row::first($this->connection, 'SELECT digest FROM picture WHERE id = ?', [$picture])?->text('digest');
        $path = null === $digest ? null : $this->pictures->path($digest, 'full');
        if (null === $path) {
            throw new NotFoundHttpException();
        }
        $image = imagecreatefromjpeg($path) ?: throw new NotFoundHttpException();
        $patches = [];
        if (null !== $input->grey) {
            $patches[] = [self::at($image, $input->grey), Lab::of(self::GREY_L, 0.0, 0.0)];
        }
        $palette = $this->shelf->palette();
        foreach ($input->card as $i => $tap) {
            $code = self::CARD[$i] ?? throw new FieldError('card', 'The card has twelve fields.');
            $paint = $palette->paints[$code] ?? throw new FieldError('card', 'The card is painted from tubes that are not on this shelf.');
            $light = Light::daylight();
            $patches[] = [self::at($image, $tap), $light->lab(Mixture::of([$code => $paint], [$code => 1])->look())];
        }
        $fit = CardFit::of($patches);
        $lab = $fit->lab(self::at($image, $input->at));

        return new PictureColourView(
            LabView::of($lab),
            $lab->toSrgbHex(),
            round($fit->doubt, 1),
            \sprintf(
                'It may be off by %.1f: %s',
                $fit->doubt,
                $fit->doubt > 4.0
                    ? 'good enough to choose a tube, not to judge a match.'
                    : 'good enough to start a pot; judge the dab with the reader or by eye.',
            ),
        );
    }

    /**
     * The mean of a small square round a tap.
     *
     * @param list<float> $tap x and y, 0–1 from the upper left
     *
     * @return list<float> red, green and blue, 0–1
     */
    private static function at(\GdImage $image, array $tap): array
    {
        [$x, $y] = 2 === \count($tap) ? $tap : throw new FieldError('at', 'A place on the picture has two numbers.');
        if (!($x >= 0.0 && $x <= 1.0 && $y >= 0.0 && $y <= 1.0)) {
            throw new FieldError('at', 'That is beside the picture.');
        }
        $width = imagesx($image);
        $height = imagesy($image);
        $reach = max(1, (int) round(self::REACH * min($width, $height)));
        $sum = [0.0, 0.0, 0.0];
        $count = 0;
        for ($py = (int) ($y * ($height - 1)) - $reach; $py <= (int) ($y * ($height - 1)) + $reach; ++$py) {
            for ($px = (int) ($x * ($width - 1)) - $reach; $px <= (int) ($x * ($width - 1)) + $reach; ++$px) {
                if ($px < 0 || $py < 0 || $px >= $width || $py >= $height) {
                    continue;
                }
                $rgb = (int) imagecolorat($image, $px, $py);
                $sum[0] += ($rgb >> 16 & 255) / 255.0;
                $sum[1] += ($rgb >> 8 & 255) / 255.0;
                $sum[2] += ($rgb & 255) / 255.0;
                ++$count;
            }
        }

        return array_map(static fn (float $s): float => $s / max(1, $count), $sum);
    }
}
