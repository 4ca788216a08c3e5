<?php

declare(strict_types=1);

namespace KindHeel\App\Colour;

use Doctrine\ORM\Mapping as ORM;
use KindHeel\Core\Colour\Spectrum;

/** A sample of a known colour: a leather, a card. */
#[ORM\Entity]
#[ORM\Table(name: 'swatch')]
class Swatch
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    private ?int $id = null;

    /** @param list<float> $reflectance 31 bands */
    public function __construct(
        #[ORM\Column(length: 40, unique: true)]
        private string $code,
        #[ORM\Column(length: 80)]
        private string $name,
        #[ORM\Column(type: 'json')]
        private array $reflectance,
        #[ORM\Column(length: 120)]
        private string $origin,
    ) {
    }

    public function id(): int
    {
        return $this->id ?? 0;
    }

    public function code(): string
    {
        return $this->code;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function origin(): string
    {
        return $this->origin;
    }

    public function spectrum(): Spectrum
    {
        return Spectrum::grid(array_map(floatval(...), $this->reflectance));
    }
}
