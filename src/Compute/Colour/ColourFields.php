<?php

declare(strict_types=1);

namespace KindHeel\App\Compute\Colour;

use KindHeel\App\Compute\Reader;
use KindHeel\Core\Colour\Illuminant;
use KindHeel\Core\Colour\Lab;
use KindHeel\Core\Colour\Light;
use KindHeel\Core\Colour\Observer;
use KindHeel\Core\Colour\Paint;
use KindHeel\Core\Colour\Recipe\Layer;
use KindHeel\Core\Colour\Recipe\Target;
use KindHeel\Core\Colour\Spectrum;

/** Reads what the computations of colour share: spectra, paints, drops, lights, films, targets. */
final readonly class ColourFields
{
    public const THICKEST = 10000.0;
    private const MOST_PAINTS = 40;

    /** @param array<string, mixed> $fields of the whole input */
    private function __construct(public Reader $read, private array $fields)
    {
    }

    /**
     * @param list<string> $required
     * @param list<string> $optional
     */
    public static function of(mixed $input, array $required, array $optional): self
    {
        $read = new Reader();
        $fields = $read->object($input, '', $required, $optional);
        if (null === $fields) {
            $read->finish();
        }

        return new self($read, $fields ?? []);
    }

    public function has(string $key): bool
    {
        return \array_key_exists($key, $this->fields);
    }

    public function raw(string $key): mixed
    {
        return $this->fields[$key] ?? null;
    }

    public function number(string $key, float $default, float $min, float $max): ?float
    {
        return $this->has($key) ? $this->read->number($this->fields[$key], '/'.$key, $min, $max) : $default;
    }

    public function whole(string $key, int $default, int $min, int $max): ?int
    {
        return $this->has($key) ? $this->read->whole($this->fields[$key], '/'.$key, $min, $max) : $default;
    }

    public function flag(string $key): bool
    {
        return $this->has($key) && true === $this->read->boolean($this->fields[$key], '/'.$key);
    }

    public function observer(): ?Observer
    {
        return $this->has('observer') ? $this->read->choice($this->fields['observer'], '/observer', Observer::class) : Observer::TwoDegrees;
    }

    public function light(): ?Light
    {
        $illuminant = $this->has('illuminant') ? $this->read->choice($this->fields['illuminant'], '/illuminant', Illuminant::class) : Illuminant::D65;
        $observer = $this->observer();

        return null === $illuminant || null === $observer ? null : Light::of($illuminant, $observer);
    }

    public function lab(mixed $value, string $path): ?Lab
    {
        $fields = $this->read->object($value, $path, ['L', 'a', 'b']);

        return null === $fields ? null : $this->labOf($fields, $path);
    }

    /** A spectrum at any even steps. */
    public function spectrum(mixed $value, string $path, float $limit = 1.0): ?Spectrum
    {
        $fields = $this->read->object($value, $path, ['values'], ['start', 'step']);
        if (null === $fields) {
            return null;
        }
        $start = Spectrum::START_NM;
        $step = Spectrum::STEP_NM;
        $gridded = \array_key_exists('start', $fields) || \array_key_exists('step', $fields);
        if ($gridded) {
            foreach (['start', 'step'] as $key) {
                if (!\array_key_exists($key, $fields)) {
                    $this->read->fault($path.'/'.$key, 'is missing');
                }
            }
            $start = \array_key_exists('start', $fields) ? $this->read->whole($fields['start'], $path.'/start', 360, 420) : null;
            $step = \array_key_exists('step', $fields) ? $this->read->whole($fields['step'], $path.'/step', 1, 20) : null;
            if (null !== $step && !\in_array($step, Spectrum::STEPS, true)) {
                $this->read->fault($path.'/step', 'must be 1, 2, 5, 10 or 20');
                $step = null;
            }
        }
        $values = $gridded
            ? $this->numbers($fields['values'] ?? null, $path.'/values', null, $limit, \array_key_exists('values', $fields))
            : $this->numbers($fields['values'] ?? null, $path.'/values', Spectrum::BANDS, $limit, \array_key_exists('values', $fields));
        if (null === $values || null === $start || null === $step) {
            return null;
        }
        if ($start + $step * (\count($values) - 1) < 680) {
            $this->read->fault($path.'/values', 'must reach to 680 nm or later');

            return null;
        }

        return Spectrum::of($start, $step, $values, $limit);
    }

    /** A spectrum on the grid of films. */
    public function grid(mixed $value, string $path): ?Spectrum
    {
        $spectrum = $this->spectrum($value, $path);
        if (null !== $spectrum && !$spectrum->isOnGrid()) {
            $this->read->fault($path, 'must have 31 bands, 400 to 700 nm by 10 nm');

            return null;
        }

        return $spectrum;
    }

    /** @return array<string, Paint> by id */
    public function paints(int $atLeast = 0): array
    {
        $paints = [];
        $list = $this->has('paints') ? $this->read->list($this->fields['paints'], '/paints', $atLeast) ?? [] : [];
        if (\count($list) > self::MOST_PAINTS) {
            $this->read->fault('/paints', 'must be at most 40');

            return [];
        }
        foreach ($list as $i => $value) {
            $paint = $this->paint($value, '/paints/'.$i);
            if (null !== $paint && isset($paints[$paint->id])) {
                $this->read->fault('/paints/'.$i.'/id', 'is there twice');
            }
            if (null !== $paint) {
                $paints[$paint->id] = $paint;
            }
        }

        return $paints;
    }

    public function paint(mixed $value, string $path): ?Paint
    {
        $fields = $this->read->object($value, $path, ['id', 'K', 'S']);
        if (null === $fields) {
            return null;
        }
        $id = $this->id($fields, $path);
        $k = $this->numbers($fields['K'] ?? null, $path.'/K', Spectrum::BANDS, \PHP_FLOAT_MAX, \array_key_exists('K', $fields));
        $s = $this->numbers($fields['S'] ?? null, $path.'/S', Spectrum::BANDS, \PHP_FLOAT_MAX, \array_key_exists('S', $fields));
        if (null === $id || null === $k || null === $s) {
            return null;
        }
        if (Paint::CLEAR_BINDER === $id) {
            foreach (['K' => $k, 'S' => $s] as $key => $values) {
                if (array_sum($values) > 0.0) {
                    $this->read->fault($path.'/'.$key, 'must be 0 in every band of clear-binder');
                    $id = null;
                }
            }
        }

        return null === $id ? null : Paint::of($id, $k, $s);
    }

    /** @param array<string, mixed> $fields */
    public function id(array $fields, string $path): ?string
    {
        if (!\array_key_exists('id', $fields)) {
            return null;
        }
        if (!\is_string($fields['id']) || '' === $fields['id']) {
            $this->read->fault($path.'/id', 'must be a text');

            return null;
        }

        return $fields['id'];
    }

    /**
     * @param array<string, Paint> $paints
     *
     * @return array<string, float>|null by paint; null when it is no object at all
     */
    public function drops(string $key, array $paints, bool $whole): ?array
    {
        if (!$this->has($key)) {
            return null;
        }
        $value = $this->fields[$key];
        if (!$value instanceof \stdClass) {
            $this->read->fault('/'.$key, 'must be an object');

            return null;
        }
        $drops = [];
        foreach (get_object_vars($value) as $id => $count) {
            $id = (string) $id;
            $path = '/'.$key.'/'.Reader::escape($id);
            if (!isset($paints[$id]) && Paint::CLEAR_BINDER !== $id) {
                $this->read->fault($path, 'is not among the paints');
            }
            $number = $whole ? $this->read->whole($count, $path, 0, 1_000_000) : $this->read->number($count, $path, 0.0);
            if (null !== $number) {
                $drops[$id] = (float) $number;
            }
        }

        return $drops;
    }

    /** A thickness in coats of 20 µm dry; null for an opaque film, false when it is wrong. */
    public function thickness(string $key): float|false|null
    {
        if (!isset($this->fields[$key])) {
            return null;
        }

        return $this->read->number($this->fields[$key], '/'.$key, 0.0, self::THICKEST) ?? false;
    }

    public function ground(): ?Spectrum
    {
        return $this->has('ground') ? $this->grid($this->fields['ground'], '/ground') : null;
    }

    /** Ground and thickness, that come together or not at all. */
    public function layer(): Layer
    {
        $thickness = $this->thickness('thickness');
        $ground = $this->ground();
        if (\is_float($thickness) && !$this->has('ground')) {
            $this->read->fault('/ground', 'is missing where there is a thickness');
        }
        if ($this->has('ground') && !$this->has('thickness')) {
            $this->read->fault('/thickness', 'is missing where there is a ground');
        }

        return \is_float($thickness) && null !== $ground ? Layer::over($ground, $thickness) : Layer::opaque();
    }

    public function target(): ?Target
    {
        $observer = $this->observer();
        $fields = $this->has('target') ? $this->read->object($this->fields['target'], '/target', [], ['spectrum', 'lab']) : null;
        $weights = $this->weights();
        if (null === $fields) {
            return null;
        }
        if (\array_key_exists('spectrum', $fields) === \array_key_exists('lab', $fields)) {
            $this->read->fault('/target', 'needs either a spectrum or a lab');

            return null;
        }
        if (\array_key_exists('spectrum', $fields)) {
            $spectrum = $this->spectrum($fields['spectrum'], '/target/spectrum');

            return null === $spectrum || null === $observer || null === $weights ? null : Target::spectrum($spectrum, $weights, $observer);
        }
        $lab = $this->read->object($fields['lab'], '/target/lab', ['L', 'a', 'b'], ['illuminant', 'observer']);
        if (null === $lab) {
            return null;
        }
        $illuminant = \array_key_exists('illuminant', $lab)
            ? $this->read->choice($lab['illuminant'], '/target/lab/illuminant', Illuminant::class)
            : Illuminant::D65;
        $own = \array_key_exists('observer', $lab) ? $this->read->choice($lab['observer'], '/target/lab/observer', Observer::class) : Observer::TwoDegrees;
        foreach (array_keys($this->has('illuminants') ? $weights ?? [] : []) as $id) {
            if (null !== $illuminant && (string) $id !== $illuminant->value) {
                $this->read->fault('/illuminants/'.$id, 'is not the light of the target; a target known as L*a*b* is matched under its own');
            }
        }
        $colour = $this->labOf($lab, '/target/lab');

        return null === $colour || null === $illuminant || null === $own ? null : Target::lab($colour, Light::of($illuminant, $own));
    }

    /** @return array<string, float>|null by illuminant; null when one is wrong */
    private function weights(): ?array
    {
        if (!$this->has('illuminants')) {
            return [Illuminant::D65->value => 1.0];
        }
        $value = $this->fields['illuminants'];
        if (!$value instanceof \stdClass) {
            $this->read->fault('/illuminants', 'must be an object');

            return null;
        }
        $weights = [];
        $sound = true;
        foreach (get_object_vars($value) as $id => $weight) {
            $path = '/illuminants/'.Reader::escape((string) $id);
            if (null === Illuminant::tryFrom((string) $id)) {
                $this->read->fault($path, 'is not a light that is known');
                $sound = false;

                continue;
            }
            $number = $this->read->number($weight, $path, 0.0);
            $sound = $sound && null !== $number;
            $weights[(string) $id] = $number ?? 0.0;
        }
        if ($sound && array_sum($weights) <= 0.0) {
            $this->read->fault('/illuminants', 'must hold a weight above 0');
            $sound = false;
        }

        return $sound ? $weights : null;
    }

    /** @param array<string, mixed> $fields */
    private function labOf(array $fields, string $path): ?Lab
    {
        $numbers = [];
        foreach (['L', 'a', 'b'] as $key) {
            $numbers[] = \array_key_exists($key, $fields) ? $this->read->number($fields[$key], $path.'/'.$key) : null;
        }
        [$l, $a, $b] = $numbers;

        return null === $l || null === $a || null === $b ? null : Lab::computed($l, $a, $b);
    }

    /** @return list<float>|null */
    public function numbers(mixed $value, string $path, ?int $count, float $limit, bool $given = true): ?array
    {
        if (!$given) {
            return null;
        }
        $list = $this->read->list($value, $path);
        if (null === $list) {
            return null;
        }
        if (null !== $count && \count($list) !== $count) {
            $this->read->fault($path, \sprintf('must have %d bands', $count));

            return null;
        }
        $numbers = [];
        foreach ($list as $i => $entry) {
            $number = $this->read->number($entry, $path.'/'.$i, 0.0, \PHP_FLOAT_MAX === $limit ? null : $limit);
            if (null !== $number) {
                $numbers[] = $number;
            }
        }

        return \count($numbers) === \count($list) ? $numbers : null;
    }
}
