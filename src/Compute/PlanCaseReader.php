<?php

declare(strict_types=1);

namespace KindHeel\App\Compute;

use KindHeel\Core\Anatomy\Cut;
use KindHeel\Core\Anatomy\Half;
use KindHeel\Core\Anatomy\Kind;
use KindHeel\Core\Anatomy\PartName;
use KindHeel\Core\Anatomy\PieceFamily;
use KindHeel\Core\Anatomy\Place;
use KindHeel\Core\Anatomy\Size;
use KindHeel\Core\Assessment\Agreed;
use KindHeel\Core\Assessment\Aim;
use KindHeel\Core\Assessment\Finding;
use KindHeel\Core\Assessment\Flag;
use KindHeel\Core\Assessment\Part;
use KindHeel\Core\Assessment\Patina;
use KindHeel\Core\Assessment\Piece;
use KindHeel\Core\Assessment\RecordedTrial;
use KindHeel\Core\Assessment\Wish;
use KindHeel\Core\Colour\Gloss;
use KindHeel\Core\Colour\Shade;
use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Finding\Severity;
use KindHeel\Core\Material\Certainty;
use KindHeel\Core\Material\Dryness;
use KindHeel\Core\Material\Material;
use KindHeel\Core\Material\Outcome;
use KindHeel\Core\Material\Trial;
use KindHeel\Core\Material\TrialResult;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Hazard;
use KindHeel\Core\Treatment\Wish\School;
use KindHeel\Core\Treatment\Wish\Schools;
use KindHeel\Core\Treatment\Wish\Wishes;

/** Reads the input that `plan.build` and `plan.check` share. */
final class PlanCaseReader
{
    public const REQUIRED = ['piece', 'aim'];
    public const OPTIONAL = ['findings', 'trials', 'part_aims', 'gloss', 'patina', 'schools', 'exclude', 'ready_by', 'now', 'new_shade', 'irreplaceable',
        'wishes'];
    private const USUAL_SIZE_EU = 42.0;

    /** @var array<string, Place> that have been read before, by key */
    private array $places = [];

    public function __construct(private readonly Reader $read)
    {
    }

    /**
     * @param array<string, mixed> $fields
     *
     * @throws InputErrors
     */
    public function case(array $fields): PlanCase
    {
        $aim = \array_key_exists('aim', $fields) ? $this->read->choice($fields['aim'], '/aim', Aim::class) : null;
        $gloss = isset($fields['gloss']) ? $this->read->choice($fields['gloss'], '/gloss', Gloss::class) : Gloss::Satin;
        $patina = isset($fields['patina']) ? $this->read->choice($fields['patina'], '/patina', Patina::class) : Patina::Keep;
        $irreplaceable = false;
        if (isset($fields['irreplaceable'])) {
            $irreplaceable = true === $fields['irreplaceable'];
            if (!\is_bool($fields['irreplaceable'])) {
                $this->read->fault('/irreplaceable', 'must be true or false');
            }
        }
        $told = \array_key_exists('piece', $fields) ? $this->read->object($fields['piece'], '/piece', ['family', 'kind', 'parts'], ['size_eu']) : null;
        $kind = null === $told ? null : $this->kind($told);
        $size = isset($told['size_eu']) ? $this->read->number($told['size_eu'], '/piece/size_eu', 15.0, 55.0) : self::USUAL_SIZE_EU;
        $aims = null === $kind ? [] : $this->partAims($kind, $fields['part_aims'] ?? new \stdClass(), $gloss, $patina);
        $parts = null === $kind || !\array_key_exists('parts', $told) ? [] : $this->parts($kind, $told['parts'], $aims, $irreplaceable);
        $parts = $this->wished($parts, $fields['wishes'] ?? []);
        $findings = $this->findings($parts, $fields['findings'] ?? []);
        $trials = $this->trials($parts, $fields['trials'] ?? []);
        $newShade = isset($fields['new_shade']) ? $this->shade($fields['new_shade'], '/new_shade') : null;
        $wishes = new Wishes(
            $this->schools($fields['schools'] ?? new \stdClass()),
            $this->exclude($fields['exclude'] ?? []),
            $this->readyIn($fields),
        );
        $this->read->finish();
        \assert(null !== $kind && null !== $size && null !== $aim && null !== $gloss && null !== $patina);

        return new PlanCase(
            Piece::asTold(
                $kind,
                $kind->family()->isFootwear() ? Size::eu($size) : Size::mm(Cut::usualLengthMm($kind)),
                new Agreed($aim, $gloss, $patina, $newShade),
                array_values($parts),
                $findings,
                $trials,
            ),
            $wishes,
        );
    }

    /** @param array<string, mixed> $told */
    private function kind(array $told): ?Kind
    {
        $family = \array_key_exists('family', $told) ? $this->read->choice($told['family'], '/piece/family', PieceFamily::class) : null;
        if (null === $family || !\array_key_exists('kind', $told)) {
            return null;
        }
        $kind = \is_string($told['kind']) ? Kind::in($family, $told['kind']) : null;
        if (null === $kind) {
            $this->read->fault('/piece/kind', 'must be a kind of '.$family->value.': '.implode(', ', array_map(
                static fn (Kind $k): string => substr($k->value, \strlen($family->value) + 1),
                array_values(array_filter(Kind::cases(), static fn (Kind $k): bool => $k->family() === $family)),
            )));
        }

        return $kind;
    }

    /**
     * How far to go with single parts, by part (`vamp`) or by half and part (`left/vamp`).
     *
     * @return array<string, Agreed>
     */
    private function partAims(Kind $kind, mixed $value, ?Gloss $gloss, ?Patina $patina): array
    {
        if (!$value instanceof \stdClass) {
            $this->read->fault('/part_aims', 'must be an object');

            return [];
        }
        $aims = [];
        foreach (get_object_vars($value) as $key => $told) {
            $names = explode('/', (string) $key);
            $part = PartName::tryFrom((string) end($names));
            $half = 2 === \count($names) ? Half::tryFrom($names[0]) : null;
            if (null === $part || !self::belongs($kind, $part) || \count($names) > 2 || 2 === \count($names) && null === $half) {
                $this->read->fault('/part_aims/'.Reader::escape((string) $key), 'is no part of this family, such as vamp or left/vamp');
                continue;
            }
            $aim = $this->read->choice($told, '/part_aims/'.Reader::escape((string) $key), Aim::class);
            if (null !== $aim) {
                $aims[null === $half ? $part->value : $half->value.'/'.$part->value] = new Agreed($aim, $gloss ?? Gloss::Satin, $patina ?? Patina::Keep);
            }
        }

        return $aims;
    }

    private static function belongs(Kind $kind, PartName $part): bool
    {
        return isset($kind->family()->anatomy()[$part->value]);
    }

    /**
     * @param array<string, Agreed> $aims
     *
     * @return array<string, Part> by place
     */
    private function parts(Kind $kind, mixed $value, array $aims, bool $irreplaceable): array
    {
        $parts = [];
        foreach ($this->read->list($value, '/piece/parts', 1) ?? [] as $i => $told) {
            $path = '/piece/parts/'.$i;
            $fields = $this->read->object($told, $path, ['part', 'half', 'material'], ['certainty', 'dryness', 'flags', 'area_dm2', 'shade']);
            if (null === $fields) {
                continue;
            }
            $at = $this->place($fields, $path);
            $material = \array_key_exists('material', $fields) ? $this->read->choice($fields['material'], $path.'/material', Material::class) : null;
            $certainty = isset($fields['certainty']) ? $this->read->choice($fields['certainty'], $path.'/certainty', Certainty::class) : Certainty::Known;
            $dryness = isset($fields['dryness']) ? $this->read->choice($fields['dryness'], $path.'/dryness', Dryness::class) : Dryness::Supple;
            $area = isset($fields['area_dm2']) ? $this->read->number($fields['area_dm2'], $path.'/area_dm2', 0.0, 1000.0, above: true) : null;
            $shade = isset($fields['shade']) ? $this->shade($fields['shade'], $path.'/shade') : Shade::Chestnut;
            $flags = $irreplaceable ? [Flag::Irreplaceable] : [];
            foreach (isset($fields['flags']) ? $this->read->list($fields['flags'], $path.'/flags') ?? [] : [] as $j => $flag) {
                $flags[] = $this->read->choice($flag, $path.'/flags/'.$j, Flag::class);
            }
            if (null === $at || null === $material || null === $certainty || null === $dryness) {
                continue;
            }
            if (!self::belongs($kind, $at->part)) {
                $this->read->fault($path.'/part', 'is no part of a '.$kind->family()->value);
            } elseif ($kind->isPair() && Kind::Gloves !== $kind && Half::Whole === $at->half || !$kind->isPair() && Half::Whole !== $at->half) {
                $this->read->fault($path.'/half', $kind->isPair() ? 'must be left or right: it is a pair' : 'must be whole: it is no pair');
            } elseif (isset($parts[$at->key])) {
                $this->read->fault($path, 'is given twice');
            } else {
                $parts[$at->key] = new Part(
                    $at,
                    $material,
                    $certainty,
                    $dryness,
                    $shade ?? Shade::Chestnut,
                    flags: array_values(array_unique(array_filter($flags), \SORT_REGULAR)),
                    areaDm2: $area,
                    agreed: $aims[$at->key] ?? ($aims[$at->part->value] ?? null),
                );
            }
        }

        return $parts;
    }

    /** A place told as an object of its own. */
    public function placeAt(mixed $told, string $path): ?Place
    {
        // Nearly all are sound: those are read without a word about where.
        if (
            $told instanceof \stdClass
            && isset($told->part, $told->half)
            && 2 === \count((array) $told)
            && \is_string($told->part)
            && \is_string($told->half)
        ) {
            $key = $told->half.'/'.$told->part;
            if (isset($this->places[$key])) {
                return $this->places[$key];
            }
        }
        $fields = $this->read->object($told, $path, ['part', 'half']);
        $place = null === $fields ? null : $this->place($fields, $path);
        if (null !== $place) {
            $this->places[$place->key] = $place;
        }

        return $place;
    }

    /** @param array<string, mixed> $fields */
    private function place(array $fields, string $path): ?Place
    {
        $part = \array_key_exists('part', $fields) ? $this->read->choice($fields['part'], $path.'/part', PartName::class) : null;
        $half = \array_key_exists('half', $fields) ? $this->read->choice($fields['half'], $path.'/half', Half::class) : null;

        return null === $part || null === $half ? null : new Place($part, $half);
    }

    /**
     * @param array<string, Part> $parts
     *
     * @return list<Finding>
     */
    private function findings(array $parts, mixed $value): array
    {
        $findings = [];
        foreach ($this->read->list($value, '/findings') ?? [] as $i => $told) {
            $path = '/findings/'.$i;
            $fields = $this->read->object($told, $path, ['part', 'half', 'finding', 'severity'], ['length_mm', 'width_mm', 'depth_mm', 'share']);
            if (null === $fields) {
                continue;
            }
            $at = $this->listed($parts, $fields, $path);
            $kind = \array_key_exists('finding', $fields) ? $this->read->choice($fields['finding'], $path.'/finding', FindingKind::class) : null;
            $number = fn (string $key, ?float $max = null): ?float => isset($fields[$key])
                ? $this->read->number($fields[$key], $path.'/'.$key, 0.0, $max)
                : null;
            $sizes = [
                'length_mm' => $number('length_mm'),
                'width_mm' => $number('width_mm'),
                'depth_mm' => $number('depth_mm'),
                'share' => $number('share', 1.0),
            ];
            $severity = $fields['severity'] ?? null;
            if (\array_key_exists('severity', $fields) && (!\is_int($severity) || null === Severity::tryFrom($severity))) {
                $this->read->fault($path.'/severity', 'must be a whole number from 0 to 4');
            } elseif (null !== $at && null !== $kind && \is_int($severity)) {
                $findings[] = new Finding($at, $kind, Severity::from($severity), $sizes['length_mm'], $sizes['width_mm'], $sizes['depth_mm'], $sizes['share']);
            }
        }

        return $findings;
    }

    /**
     * @param array<string, Part>  $parts
     * @param array<string, mixed> $fields
     */
    private function listed(array $parts, array $fields, string $path): ?Place
    {
        $at = $this->place($fields, $path);
        if (null !== $at && [] !== $parts && !isset($parts[$at->key])) {
            $this->read->fault($path, 'is at a part that the piece does not list: '.$at->key);

            return null;
        }

        return $at;
    }

    /**
     * @param array<string, Part> $parts
     *
     * @return list<RecordedTrial>
     */
    private function trials(array $parts, mixed $value): array
    {
        $trials = [];
        foreach ($this->read->list($value, '/trials') ?? [] as $i => $told) {
            $path = '/trials/'.$i;
            $fields = $this->read->object($told, $path, ['part', 'half', 'trial', 'outcome'], ['family']);
            if (null === $fields) {
                continue;
            }
            $at = $this->listed($parts, $fields, $path);
            $trial = \array_key_exists('trial', $fields) ? $this->read->choice($fields['trial'], $path.'/trial', Trial::class) : null;
            $outcome = \array_key_exists('outcome', $fields) ? $this->read->choice($fields['outcome'], $path.'/outcome', Outcome::class) : null;
            $family = isset($fields['family']) ? $this->read->choice($fields['family'], $path.'/family', FamilyId::class) : null;
            if (null === $at || null === $trial || null === $outcome) {
                continue;
            }
            if (!\in_array($outcome, $trial->outcomes(), true)) {
                $this->read->fault(
                    $path.'/outcome',
                    'cannot come of '.$trial->value.': '.implode(', ', array_map(static fn (Outcome $o): string => $o->value, $trial->outcomes())),
                );
                continue;
            }
            $trials[] = new RecordedTrial($at, [], new TrialResult($trial, $outcome), $family);
        }

        return $trials;
    }

    /** The name of a colour, as people call it. */
    private function shade(mixed $value, string $path): ?Shade
    {
        $shade = \is_string($value) ? Shade::named($value) : null;
        if (null === $shade) {
            $this->read->fault($path, 'must be the name of a colour: '.implode(', ', array_map(static fn (Shade $s): string => $s->value, Shade::cases())));
        }

        return $shade;
    }

    /**
     * @param array<string, Part> $parts
     *
     * @return array<string, Part> with what the owner wishes of them
     */
    private function wished(array $parts, mixed $value): array
    {
        foreach ($this->read->list($value, '/wishes') ?? [] as $i => $told) {
            $path = '/wishes/'.$i;
            $fields = $this->read->object($told, $path, ['part', 'half', 'wish']);
            $at = null === $fields ? null : $this->listed($parts, $fields, $path);
            $wish = null !== $fields && \array_key_exists('wish', $fields) ? $this->read->choice($fields['wish'], $path.'/wish', Wish::class) : null;
            if (null !== $at && null !== $wish) {
                $parts[$at->key] = $parts[$at->key]->but(wishes: [...$parts[$at->key]->wishes, $wish]);
            }
        }

        return $parts;
    }

    private function schools(mixed $value): Schools
    {
        $schools = Schools::usual();
        if (!$value instanceof \stdClass) {
            $this->read->fault('/schools', 'must be an object');

            return $schools;
        }
        foreach (get_object_vars($value) as $key => $side) {
            $school = School::tryFrom((string) $key);
            $path = '/schools/'.Reader::escape((string) $key);
            if (null === $school) {
                $this->read->fault($path, 'is not known here');
            } elseif (!\is_string($side) || !$school->isSide($side)) {
                $this->read->fault($path, 'must be one of '.implode(', ', array_keys($school->sides())));
            } else {
                $schools = $schools->with($school, $side);
            }
        }

        return $schools;
    }

    /** @return list<Hazard|FamilyId> */
    private function exclude(mixed $value): array
    {
        $exclude = [];
        foreach ($this->read->list($value, '/exclude') ?? [] as $i => $id) {
            $unwanted = \is_string($id) ? Hazard::tryFrom($id) ?? FamilyId::tryFrom($id) : null;
            if (null === $unwanted) {
                $this->read->fault('/exclude/'.$i, 'must be a hazard or a family of product');
            } else {
                $exclude[] = $unwanted;
            }
        }

        return $exclude;
    }

    /** @param array<string, mixed> $fields */
    private function readyIn(array $fields): ?float
    {
        $now = isset($fields['now']) ? $this->read->time($fields['now'], '/now') : null;
        $by = isset($fields['ready_by']) ? $this->read->time($fields['ready_by'], '/ready_by') : null;
        if (null === $by) {
            return null;
        }
        if (null === $now) {
            if (!isset($fields['now'])) {
                $this->read->fault('/now', 'is missing: ready_by is reckoned from it');
            }

            return null;
        }
        if ($by <= $now) {
            $this->read->fault('/ready_by', 'must be later than now');

            return null;
        }

        return ($by->getTimestamp() - $now->getTimestamp()) / 60.0;
    }
}
