<?php

declare(strict_types=1);

namespace KindHeel\Core\Material;

use KindHeel\Core\Finding\FindingKind;
use KindHeel\Core\Product\FamilyId;
use KindHeel\Core\Product\Remark;

/**
 * All that is particular to a material: how it tells itself apart, what harms it, what it is cleaned, coloured and fed with.
 *
 * Each is one file in Profile/, named as its case of {@see Material}. How often it shows each outcome of a trial is the
 * workshop's table of materials and finishes (§3) in numbers: a main sign has 0.85 to 0.99, what a worn, greased or oddly
 * finished piece may show instead has the rest.
 */
abstract class Profile
{
    /** @var array<string, self> */
    private static array $known = [];
    /** @var array<string, true> by name of the property */
    private readonly array $is;
    /** @var array<string, array<string, float>> by trial and outcome: how often it shows this */
    private readonly array $shown;

    /**
     * @param string                     $sign       how it tells itself apart at the bench, in one line
     * @param list<Property>             $properties every one that it has
     * @param array<string, list<float>> $shows      by trial, a probability for each of its outcomes, adding up to 1
     * @param array<string, float>       $harms      what each trial can do to it on a hidden place, from 0 (a look) to 1 (forbidden)
     * @param list<FindingKind>          $unusual    what is hardly found on it
     * @param array<int, FamilyId>       $cleaners   the rung above a damp cloth, by the severity of the dirt from which on it is needed
     * @param FamilyId|null              $colour     what brings lost colour back; null where nothing holds
     * @param FamilyId|null              $food       what it is fed with
     * @param string|null                $risk       what the work may do to it, to the owner; {parts}, and {one|many} where the number of parts counts
     * @param list<FindingKind>          $creamFor   what a cleaning cream takes off it, beside dirt; stiff leather is cleaned with it too
     * @param Remark|null                $noColour   why it is not coloured, where there is more to say than that nothing holds
     */
    protected function __construct(
        public readonly string $label,
        public readonly string $sign,
        array $properties,
        array $shows,
        public readonly array $harms,
        public readonly array $unusual,
        public readonly array $cleaners,
        public readonly ?FamilyId $colour,
        public readonly ?FamilyId $food,
        private readonly ?string $risk,
        public readonly array $creamFor = [],
        public readonly ?Remark $noColour = null,
    ) {
        $this->is = array_fill_keys(array_column($properties, 'name'), true);
        $shown = [];
        foreach ($shows as $trial => $row) {
            $shown[$trial] = array_combine(array_column(Trial::from($trial)->outcomes(), 'value'), $row);
        }
        $this->shown = $shown;
    }

    public static function of(Material $material): self
    {
        return self::$known[$material->value] ??= self::read($material);
    }

    public function is(Property $property): bool
    {
        return isset($this->is[$property->name]);
    }

    /** How often it shows this, between 0 and 1; 1 where a trial says nothing about materials. */
    public function shows(TrialResult $result): float
    {
        return $this->shown[$result->trial->value][$result->outcome->value] ?? 1.0;
    }

    /** @param int $dirt severity, 0–4 */
    public function cleaner(int $dirt): ?FamilyId
    {
        $needed = null;
        foreach ($this->cleaners as $from => $family) {
            $needed = $dirt >= $from ? $family : $needed;
        }

        return $needed;
    }

    /** What the work may do to parts of this material, as the owner hears it; null when nothing out of the common. */
    public function risk(string $parts, bool $many): ?string
    {
        return null === $this->risk ? null : preg_replace_callback(
            '/\{(?:parts|([^|}]+)\|([^}]+))\}/',
            static fn (array $found): string => isset($found[1]) ? $found[$many ? 2 : 1] : $parts,
            $this->risk,
        );
    }

    private static function read(Material $material): self
    {
        $class = __CLASS__.'\\'.$material->name;

        return new $class();
    }
}
