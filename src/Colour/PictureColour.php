<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Row;
use KindHeel\App\Picture\PictureStore;
use KindHeel\Core\Colour\CardFinder;
use KindHeel\Core\Colour\CardFit;
use KindHeel\Core\Colour\ColourError;
use KindHeel\Core\Colour\GreyPicture;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Mixture;
use KindHeel\Core\Colour\WorkshopCard;
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
    /** The card is looked for in a picture whose longer side has so many pixels. */
    private const SEARCHED = 480;

    public function __construct(private Connection $connection, private PictureStore $pictures, private ColourShelf $shelf)
    {
    }

    /** The card's fields, found by themselves. */
    public function find(int $picture): CardFoundView
    {
        $image = $this->image($picture);
        $found = self::seek($image);
        // It may lie four ways, and be printed or painted: the one whose fields look like themselves.
        $best = null;
        foreach ($found['turns'] as $turn) {
            foreach ($this->known() as $kind => $known) {
                try {
                    $fit = CardFit::of(array_map(static fn (int $i): array => [self::at($image, $turn[$i]), $known[$i]], array_keys($known)));
                } catch (ColourError) {
                    continue;
                }
                if (null === $best || $fit->doubt < $best->doubt) {
                    $best = new CardFoundView($turn, 'printed' === $kind, round($fit->doubt, 1), self::words($fit));
                }
            }
        }

        return $best ?? throw new FieldError('card', 'There is a frame, and what is in it is not the workshop’s card. Tap its fields yourself.');
    }

    /**
     * Where the card lies in a picture of any size, as {@see CardFinder::find()} has it.
     *
     * @return array{corners: list<array{float, float}>, turns: list<list<array{float, float}>>}
     */
    public static function seek(\GdImage $image): array
    {
        $scale = self::SEARCHED / max(imagesx($image), imagesy($image));
        $small = imagescale($image, max(1, (int) round($scale * imagesx($image))), max(1, (int) round($scale * imagesy($image))), \IMG_BILINEAR_FIXED);

        return CardFinder::find(self::grey($small ?: $image));
    }

    public function card(): CardView
    {
        [$width, $height] = WorkshopCard::field();

        return new CardView(WorkshopCard::WIDTH_MM, WorkshopCard::HEIGHT_MM, WorkshopCard::PAPER_MM, WorkshopCard::FRAME_MM, array_map(
            fn (array $middle, string $printed, string $paint): CardFieldView => new CardFieldView(
                $middle[0] - $width / 2.0,
                $middle[1] - $height / 2.0,
                $width,
                $height,
                $printed,
                $this->shelf->name($paint),
            ),
            WorkshopCard::middles(),
            WorkshopCard::PRINTED,
            self::CARD,
        ));
    }

    public function read(int $picture, PictureColourInput $input): PictureColourView
    {
        $image = $this->image($picture);
        $patches = [];
        if (null !== $input->grey) {
            $patches[] = [self::at($image, $input->grey), Lab::of(self::GREY_L, 0.0, 0.0)];
        }
        $known = $this->known();
        foreach ($input->card as $i => $tap) {
            if ($i >= \count(self::CARD)) {
                throw new FieldError('card', 'The card has twelve fields.');
            }
            $fields = $known[$input->printed ? 'printed' : 'painted']
                ?? throw new FieldError('card', 'The card is painted from tubes that are not on this shelf.');
            $patches[] = [self::at($image, $tap), $fields[$i]];
        }
        $fit = CardFit::of($patches);
        $lab = $fit->lab(self::at($image, $input->at));

        return new PictureColourView(LabView::of($lab), $lab->toSrgbHex(), round($fit->doubt, 1), self::words($fit));
    }

    private static function words(CardFit $fit): string
    {
        $good = $fit->doubt > 4.0
            ? 'good enough to choose a tube, not to judge a match.'
            : 'good enough to start a pot; judge the dab with the reader or by eye.';
        $cast = $fit->hasCast() ? ' The light has a strong cast, which costs certainty: daylight is better.' : '';

        return \sprintf('It may be off by %.1f: %s%s', $fit->doubt, $good, $cast);
    }

    /** @return array{printed: list<Lab>, painted?: list<Lab>} what the fields really are */
    private function known(): array
    {
        $palette = $this->shelf->palette();
        $light = Light::daylight();
        $painted = [];
        foreach (self::CARD as $code) {
            $paint = $palette->paints[$code] ?? null;
            if (null !== $paint) {
                $painted[] = $light->lab(Mixture::of([$code => $paint], [$code => 1])->look());
            }
        }

        return ['printed' => WorkshopCard::printed()] + (\count($painted) === \count(self::CARD) ? ['painted' => $painted] : []);
    }

    private static function grey(\GdImage $image): GreyPicture
    {
        $bytes = '';
        [$width, $height] = [imagesx($image), imagesy($image)];
        for ($y = 0; $y < $height; ++$y) {
            for ($x = 0; $x < $width; ++$x) {
                $rgb = (int) imagecolorat($image, $x, $y);
                // BT.601 luma.
                $bytes .= \chr((int) (0.299 * ($rgb >> 16 & 255) + 0.587 * ($rgb >> 8 & 255) + 0.114 * ($rgb & 255)));
            }
        }

        return GreyPicture::of($width, $height, $bytes);
    }

    private function image(int $picture): \GdImage
    {
        $digest = Row::first($this->connection, 'SELECT digest FROM picture WHERE id = ?', [$picture])?->text('digest');
        $bytes = null === $digest ? null : $this->pictures->read($digest, 'full');

        return (null === $bytes ? null : imagecreatefromstring($bytes)) ?: throw new NotFoundHttpException();
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
