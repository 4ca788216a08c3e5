<?php

declare(strict_types=1);

namespace KindHeel\App\Demo;

use KindHeel\Core\Finding\FindingKind;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What has happened to a hide, each kind so that whoever looks can name it. It has a hand of its own: what is gone from a later picture moves nothing else. */
final readonly class Damage
{
    private Randomizer $random;

    /** @param \Closure(int): int $seamAt how far down the seam runs, along its length */
    public function __construct(int $seed, private \GdImage $image, private Tone $tone, private \Closure $seamAt)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** At a place that the seed of its hand gives. */
    public function draw(FindingKind $kind, int $severity): void
    {
        if ($severity < 1) {
            return;
        }
        $x = $this->random->getInt(220, imagesx($this->image) - 260);
        $y = $this->random->getInt(120, 330);
        match ($kind) {
            FindingKind::Mud => $this->clods($x, $y, $severity),
            FindingKind::Dust, FindingKind::WeltGrit => $this->specks($x, $y, 160 * $severity, 70, 4),
            FindingKind::GroundInDirt, FindingKind::Insects => $this->specks($x, $y, 130 * $severity, -60, 6),
            FindingKind::Mould => $this->fur($x, $y, $severity),
            FindingKind::BodyGrease, FindingKind::DarkHandling, FindingKind::Tar => $this->shadow($x, $y, 60 + 40 * $severity, [0, 0, 0], 121),
            FindingKind::Faded, FindingKind::BleachedSpot, FindingKind::HeatMark => $this->shadow($x, $y, 70 + 45 * $severity, [255, 246, 226], 122),
            FindingKind::Patchy => $this->patches($x, $y, $severity),
            FindingKind::Ink => $this->blot($x, $y, 10 + 9 * $severity, [26, 28, 60]),
            FindingKind::PaintSpots, FindingKind::Glue => $this->blot($x, $y, 8 + 6 * $severity, [226, 222, 210]),
            FindingKind::SweatSalt, FindingKind::RoadSalt => $this->tide($x, $severity),
            FindingKind::WaterRing => $this->ring($x, $y, 50 + 30 * $severity),
            FindingKind::OldPolish, FindingKind::WaxBuildUp, FindingKind::Silicone => $this->streaks($x, $y, $severity),
            FindingKind::Crease => $this->creases($y, $severity),
            FindingKind::Crack, FindingKind::Brittle, FindingKind::RedRot => $this->crack($x, $y, 50 + 40 * $severity),
            FindingKind::Scratch => $this->scratch($x, $y, $severity),
            FindingKind::Gouge, FindingKind::SoleParting => $this->gap($x, $y, 60 + 40 * $severity),
            FindingKind::OpenSeam, FindingKind::RottenThread => $this->openSeam($x, 60 + 40 * $severity),
            FindingKind::Peeling, FindingKind::LiftedScales => $this->flakes($x, $y, $severity),
            default => $this->scuff($x, $y, $severity),
        };
    }

    private function clods(int $x, int $y, int $severity): void
    {
        for ($i = 0; $i < 46 * $severity; ++$i) {
            $far = $this->random->getInt(0, 100) / 100;
            $turn = $this->random->getInt(0, 628) / 100;
            [$u, $v] = [(int) ($x + 210 * $far * cos($turn)), (int) ($y + 120 * $far * sin($turn))];
            $wide = max(4, (int) ($this->random->getInt(8, 20 + 6 * $severity) * (1.1 - $far)));
            $tone = $this->random->getInt(-16, 16);
            $mud = [118 + $tone, 98 + $tone, 70 + $tone];
            imagefilledellipse($this->image, $u + 2, $v + 3, $wide, (int) ($wide * 0.8), Tone::on($this->image, [30, 24, 16], 70));
            imagefilledellipse($this->image, $u, $v, $wide, (int) ($wide * 0.8), Tone::on($this->image, $mud, 14));
        }
    }

    /** Soft grey-green tufts that stand on the leather. */
    private function fur(int $x, int $y, int $severity): void
    {
        for ($tuft = 0; $tuft < 5 + 4 * $severity; ++$tuft) {
            [$u, $v, $wide] = [$x + $this->random->getInt(-170, 170), $y + $this->random->getInt(-100, 100), $this->random->getInt(14, 34)];
            for ($i = 0; $i < 40; ++$i) {
                $turn = $this->random->getInt(0, 628) / 100;
                $far = $wide * sqrt($this->random->getInt(0, 100) / 100);
                $hair = Tone::on($this->image, [206, 212, 194], 78);
                imagefilledellipse($this->image, (int) ($u + $far * cos($turn)), (int) ($v + $far * sin($turn)), 4, 4, $hair);
            }
        }
    }

    /**
     * Darker or paler towards its middle, without an edge.
     *
     * @param array{int, int, int} $rgb
     */
    private function shadow(int $x, int $y, int $radius, array $rgb, int $alpha): void
    {
        for ($r = $radius; $r > 0; $r -= max(4, intdiv($radius, 14))) {
            imagefilledellipse($this->image, $x, $y, 3 * $r, 2 * $r, Tone::on($this->image, $rgb, $alpha));
        }
    }

    private function patches(int $x, int $y, int $severity): void
    {
        for ($i = 0; $i < 3 + 2 * $severity; ++$i) {
            $pale = 0 === $i % 2;
            $this->shadow(
                $x + $this->random->getInt(-200, 200),
                $y + $this->random->getInt(-100, 140),
                $this->random->getInt(30, 64),
                $pale ? [255, 246, 226] : [0, 0, 0],
                $pale ? 122 : 123,
            );
        }
    }

    /** @param array{int, int, int} $rgb */
    private function blot(int $x, int $y, int $radius, array $rgb): void
    {
        imagefilledellipse($this->image, $x, $y, 2 * $radius + 8, 2 * $radius, Tone::on($this->image, $rgb, 20));
        for ($i = 0; $i < 9; ++$i) {
            $turn = $this->random->getInt(0, 628) / 100;
            $far = $radius * $this->random->getInt(8, 26) / 10;
            $wide = $this->random->getInt(4, max(6, intdiv($radius, 2)));
            $drop = Tone::on($this->image, $rgb, 20);
            imagefilledellipse($this->image, (int) ($x + $far * cos($turn)), (int) ($y + $far * sin($turn)), $wide, $wide, $drop);
        }
    }

    /** The white line where what was wet has dried, and a fainter one behind it. */
    private function tide(int $x, int $severity): void
    {
        $bend = $this->random->getInt(0, 628) / 100;
        foreach ([[360, 8 + $severity, 44], [392, 4, 84]] as [$level, $thick, $alpha]) {
            imagesetthickness($this->image, $thick);
            $at = static fn (int $u): int => (int) ($level + 26 * sin($u / 62 + $bend) + 11 * sin($u / 23));
            for ($u = max(0, $x - 260); $u < min(imagesx($this->image), $x + 300); $u += 7) {
                imageline($this->image, $u, $at($u), $u + 7, $at($u + 7), Tone::on($this->image, [238, 236, 228], $alpha));
            }
        }
    }

    private function ring(int $x, int $y, int $radius): void
    {
        imagesetthickness($this->image, 6);
        foreach ([[0, 64], [7, 92]] as [$in, $alpha]) {
            imagearc($this->image, $x, $y, 3 * $radius - $in, 2 * $radius - $in, 0, 359, Tone::on($this->image, $this->tone->by(-48), $alpha));
        }
        imagefilledellipse($this->image, $x, $y, 3 * $radius - 16, 2 * $radius - 16, Tone::on($this->image, $this->tone->by(22), 112));
    }

    /** Milky, in the strokes in which it was rubbed on. */
    private function streaks(int $x, int $y, int $severity): void
    {
        for ($i = 0; $i < 16 * $severity; ++$i) {
            imagesetthickness($this->image, $this->random->getInt(6, 14));
            [$u, $v, $long] = [$x + $this->random->getInt(-180, 120), $y + $this->random->getInt(-100, 110), $this->random->getInt(60, 150)];
            imageline($this->image, $u, $v, $u + $long, $v - intdiv($long, 5), Tone::on($this->image, [232, 226, 214], 112));
        }
    }

    /** Folds across all of it: a furrow, and the light on its lower lip. */
    private function creases(int $y, int $severity): void
    {
        $wide = imagesx($this->image);
        for ($fold = 0; $fold < 2 + $severity; ++$fold) {
            $level = $y - 70 + 38 * $fold + $this->random->getInt(-6, 6);
            $bend = 18 + $this->random->getInt(0, 22);
            $at = static fn (int $u): int => (int) ($level + $bend * sin($u * \M_PI / $wide));
            for ($u = 180; $u < 800; $u += 8) {
                imagesetthickness($this->image, 5);
                imageline($this->image, $u, $at($u), $u + 8, $at($u + 8), Tone::on($this->image, $this->tone->by(-58), 40));
                imagesetthickness($this->image, 3);
                imageline($this->image, $u, $at($u) + 6, $u + 8, $at($u + 8) + 6, Tone::on($this->image, $this->tone->by(46), 60));
            }
        }
    }

    /** A forked line that runs along the grain. */
    private function crack(int $x, int $y, int $length): void
    {
        foreach ([[0, 0, 1.0], [0.45, -0.9, 0.45], [0.7, 0.8, 0.35]] as [$from, $lean, $share]) {
            [$u, $v] = [(int) ($x + $from * $length), $y];
            for ($gone = 0.0; $gone < $share * $length; $gone += 12) {
                [$nextU, $nextV] = [$u + 12, (int) ($v + 6 * $lean + $this->random->getInt(-6, 6))];
                imagesetthickness($this->image, 4);
                imageline($this->image, $u, $v + 2, $nextU, $nextV + 2, Tone::on($this->image, $this->tone->by(48), 50));
                imagesetthickness($this->image, 3);
                imageline($this->image, $u, $v, $nextU, $nextV, Tone::on($this->image, [22, 17, 14]));
                [$u, $v] = [$nextU, $nextV];
            }
        }
    }

    private function scratch(int $x, int $y, int $severity): void
    {
        imagesetthickness($this->image, 2);
        for ($i = 0; $i < 1 + $severity; ++$i) {
            [$u, $v] = [$x - 90 + $this->random->getInt(-20, 20), $y + 13 * $i];
            $rise = $this->random->getInt(-50, -20);
            for ($step = 0; $step < 24; ++$step) {
                $to = (int) ($v + $rise / 24 + 2 * sin($step / 4));
                imageline($this->image, $u, $v, $u + 10, $to, Tone::on($this->image, $this->tone->by(86), 14));
                [$u, $v] = [$u + 10, $to];
            }
        }
    }

    /** The two edges stand apart, and the thread that held them hangs out. */
    private function openSeam(int $x, int $length): void
    {
        $at = $this->seamAt;
        $points = [];
        foreach ([1, -1] as $side) {
            for ($i = 0; $i <= 20; ++$i) {
                $u = 1 === $side ? $i : 20 - $i;
                array_push($points, (int) ($x + $u * $length / 20), (int) ($at((int) ($x + $u * $length / 20)) + $side * 26 * sin($u * \M_PI / 20)));
            }
        }
        imagefilledpolygon($this->image, $points, Tone::on($this->image, [20, 17, 15]));
        imagesetthickness($this->image, 4);
        for ($thread = 0; $thread < 3; ++$thread) {
            $u = (int) ($x + ($thread + 0.6) * $length / 3);
            imagearc($this->image, $u, $at($u) + 22, 26, 44, 250, 70, Tone::on($this->image, $this->tone->by(64)));
        }
    }

    /** Scales of finish that have come away, with what lies under them. */
    private function flakes(int $x, int $y, int $severity): void
    {
        for ($i = 0; $i < 10 * $severity; ++$i) {
            [$u, $v, $w] = [$x + $this->random->getInt(-170, 170), $y + $this->random->getInt(-100, 100), $this->random->getInt(14, 38)];
            $points = [];
            for ($corner = 0; $corner < 6; ++$corner) {
                $r = $w * $this->random->getInt(60, 110) / 100;
                array_push($points, (int) ($u + $r * cos($corner * \M_PI / 3)), (int) ($v + 0.6 * $r * sin($corner * \M_PI / 3)));
            }
            imagefilledpolygon($this->image, $points, Tone::on($this->image, [196, 176, 146], 10));
            imagesetthickness($this->image, 2);
            imagepolygon($this->image, $points, Tone::on($this->image, $this->tone->by(-70), 20));
        }
    }

    private function scuff(int $x, int $y, int $severity): void
    {
        for ($i = 0; $i < 14 * $severity; ++$i) {
            imagesetthickness($this->image, $this->random->getInt(1, 2 + $severity));
            $dx = $this->random->getInt(-20 * $severity, 20 * $severity);
            $dy = $this->random->getInt(-14 * $severity, 14 * $severity);
            $length = $this->random->getInt(14, 24 + 18 * $severity);
            imageline(
                $this->image,
                $x + $dx,
                $y + $dy,
                $x + $dx + $length,
                $y + $dy - intdiv($length, 3),
                Tone::on($this->image, $this->tone->by($this->random->getInt(30, 80)), 40),
            );
        }
    }

    private function specks(int $x, int $y, int $count, int $tone, int $widest): void
    {
        for ($i = 0; $i < $count; ++$i) {
            $r = $this->random->getInt(2, $widest);
            imagefilledellipse(
                $this->image,
                $x + $this->random->getInt(-190, 190),
                $y + $this->random->getInt(-110, 110),
                $r,
                $r,
                Tone::on($this->image, $this->tone->by($tone), $this->random->getInt(20, 90)),
            );
        }
    }

    private function gap(int $x, int $y, int $length): void
    {
        imagefilledpolygon(
            $this->image,
            [$x, $y, $x + intdiv($length, 2), $y - 12, $x + $length, $y - 4, $x + intdiv($length, 2), $y + 12],
            Tone::on($this->image, [18, 16, 15]),
        );
    }
}
