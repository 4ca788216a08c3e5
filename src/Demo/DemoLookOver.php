<?php

declare(strict_types=1);

namespace KindHeel\App\Demo;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\StoredPiece;
use KindHeel\App\OwnerPage\Sign;
use KindHeel\App\OwnerPage\SignatureInput;
use KindHeel\App\People\Person;
use KindHeel\App\Picture\Moment;
use KindHeel\App\Picture\Picture;
use KindHeel\App\Picture\PictureStore;
use KindHeel\App\Picture\Side;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\RecordedTrial;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Finding\Severity;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Material\Outcome;
use KindHeel\Core\Material\Trial;
use KindHeel\Core\Material\TrialResult;

/** Looks a made-up piece over as the counter does: parts, findings, trials, pictures, a signature. */
final readonly class DemoLookOver
{
    public function __construct(private EntityManagerInterface $entities, private Connection $connection, private PictureStore $pictures, private Sign $sign)
    {
    }

    public function see(StoredPiece $stored, DemoPiece $demo): void
    {
        $parts = [];
        foreach ($demo->kind->halves() as $half) {
            foreach ($demo->kind->parts() as $name) {
                $parts[] = $this->part($stored, new Place($name, $half), $demo);
            }
        }
        $stored->lookOver(...$parts);
        foreach ($demo->findings as $finding) {
            [$half, $part, $kind, $severity] = $finding;
            $stored->mark(
                new Finding(
                    new Place(PartName::from($part), Half::from($half)),
                    FindingKind::from($kind),
                    Severity::from($severity),
                    $finding[4] ?? null,
                    $finding[5] ?? null,
                ),
            );
        }
    }

    public function try(StoredPiece $stored, DemoPiece $demo, Person $by, \DateTimeImmutable $at): void
    {
        $outer = [];
        foreach ($demo->kind->halves() as $half) {
            foreach ($demo->kind->parts() as $name) {
                if ($name->isOuter() && !isset($demo->made[$name->value])) {
                    $outer[] = new Place($name, $half);
                }
            }
        }
        foreach ($demo->trials as [$trial, $outcome]) {
            $stored->tried(new RecordedTrial($outer[0], \array_slice($outer, 1), new TrialResult(Trial::from($trial), Outcome::from($outcome))), $by, $at);
        }
    }

    /** The set before anything is touched, of each half; after the work, from the first side of each. */
    public function photograph(StoredPiece $stored, DemoPiece $demo, Moment $moment, Person $by, \DateTimeImmutable $at): void
    {
        foreach ($demo->kind->halves() as $half) {
            foreach (Moment::Before === $moment ? Side::set($demo->kind) : [Side::set($demo->kind)[0]] as $side) {
                $seen = [];
                foreach ($demo->findings as [$where, , $kind, $severity]) {
                    if ($where === $half->value) {
                        // What was mended is gone; a fold of the leather was eased and stays.
                        $seen[] = [FindingKind::from($kind), Moment::Before === $moment || 'crease' === $kind ? $severity : 0];
                    }
                }
                $this->keep($stored, Leather::photographed(crc32($demo->name.$half->value.$side->value), $demo->shade, $seen), $moment, $half, $side, $by, $at);
            }
        }
    }

    public function sign(StoredPiece $stored, string $name, Person $witness): void
    {
        $stroke = [];
        foreach (range(0, 60) as $i) {
            $stroke[] = [60 + 8 * $i, (int) round(110 + 34 * sin($i * 0.9 + (crc32($name) % 7)) * exp(-$i / 70) + 12 * sin($i * 0.31))];
        }
        $version = Row::first($this->connection, 'SELECT version FROM piece WHERE id = ?', [$stored->id()])?->int('version') ?? 0;
        ($this->sign)($stored->id(), new SignatureInput($version, $name, [$stroke, [[70, 150], [300, 140], [520, 148]]]), $witness);
    }

    private function part(StoredPiece $stored, Place $at, DemoPiece $demo): Part
    {
        $name = $at->part;
        $known = $stored->partAt($at) ?? throw new \LogicException('A part is missing.');
        $made = $demo->made[$name->value] ?? null;

        return new Part(
            $at,
            $made ?? ($name->isOuter() ? $demo->material : $known->material),
            null === $made && $name->isOuter() ? $demo->certainty : $known->certainty,
            \in_array($name->value, $demo->thirsty, true) ? $demo->dryness : Dryness::Supple,
            $demo->second[$name->value] ?? match (true) {
                $name->isEdge(), PartName::Outsole === $name => $demo->edge,
                $name->isInside(),
                \in_array($name, [PartName::Welt, PartName::Midsole, PartName::Foxing, PartName::Badges, PartName::Marks], true) => Shade::Natural,
                \in_array($name, [PartName::Hardware, PartName::Buckle, PartName::Hooks, PartName::Zip, PartName::Zips], true) => Shade::Grey,
                default => $known->shade,
            },
        );
    }

    private function keep(StoredPiece $stored, string $jpeg, Moment $moment, Half $half, Side $side, Person $by, \DateTimeImmutable $at): void
    {
        $file = tempnam(sys_get_temp_dir(), 'leather');
        if (false === $file) {
            throw new \RuntimeException('No room for a picture.');
        }
        try {
            file_put_contents($file, $jpeg);
            $kept = $this->pictures->keep($file);
        } finally {
            unlink($file);
        }
        $this->entities->persist(new Picture(
            piece: $stored,
            moment: $moment,
            half: $half,
            part: null,
            side: $side,
            digest: $kept['digest'],
            width: $kept['width'],
            height: $kept['height'],
            by: $by,
            at: $at,
        ));
    }
}
