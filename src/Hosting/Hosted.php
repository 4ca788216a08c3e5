<?php

declare(strict_types=1);

namespace KindHeel\App\Hosting;

use KindHeel\App\Files\SafeFile;

/** One workshop of several on a machine, each with a database of its own: the name by which browsers reach it, and what the application is told for it. */
final readonly class Hosted
{
    /** As the names of hosts are (RFC 1123). */
    public const NAME = '/^(?=.{1,100}$)[a-z0-9](?:[a-z0-9-]{0,61}[a-z0-9])?(?:\.[a-z0-9](?:[a-z0-9-]{0,61}[a-z0-9])?)*$/D';
    /** Says which one an application works for. */
    public const VARIABLE = 'WORKSHOP';

    /**
     * @param string                $closed   why nobody may enter just now; empty while it is open
     * @param array<string, string> $settings variables of the environment
     */
    public function __construct(public string $name, public array $settings, public string $closed = '')
    {
    }

    /** @param string $host as a browser asks for it, with or without a port */
    public static function read(string $folder, string $host): ?self
    {
        $name = strtolower((string) preg_replace('/:\d+$/D', '', $host));
        if (1 !== preg_match(self::NAME, $name)) {
            return null;
        }
        $said = json_decode((string) @file_get_contents(self::file($folder, $name)), true);
        if (!\is_array($said) || !\is_array($said['settings'] ?? null)) {
            return null;
        }
        $settings = [];
        foreach ($said['settings'] as $variable => $value) {
            $settings[(string) $variable] = \is_string($value) ? $value : '';
        }

        return new self($name, $settings, \is_string($said['closed'] ?? null) ? $said['closed'] : '');
    }

    /** @return list<self> by name */
    public static function all(string $folder): array
    {
        $read = static fn (string $file): ?self => self::read($folder, basename($file, '.json'));

        return array_values(array_filter(array_map($read, glob($folder.'/*.json') ?: [])));
    }

    public function keep(string $folder): void
    {
        $before = umask(0o077);
        try {
            $said = ['closed' => $this->closed, 'settings' => $this->settings];
            SafeFile::write(self::file($folder, $this->name), json_encode($said, \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR));
        } finally {
            umask($before);
        }
    }

    /** @param array<string, string> $settings that change */
    public function with(array $settings): self
    {
        return new self($this->name, $settings + $this->settings, $this->closed);
    }

    /** @param string $why empty to open it */
    public function closed(string $why): self
    {
        return new self($this->name, $this->settings, $why);
    }

    public function setting(string $variable): string
    {
        return $this->settings[$variable] ?? '';
    }

    /** @return array<string, string> what a command of its own is told by its environment */
    public function told(): array
    {
        return [...$this->settings, self::VARIABLE => $this->name, 'WORKSHOPS_DIR' => ''];
    }

    /** From here on the application works for this workshop: told as by the environment, for this request or command alone. */
    public function enter(): void
    {
        foreach ([...$this->settings, self::VARIABLE => $this->name] as $variable => $value) {
            $_ENV[$variable] = $_SERVER[$variable] = $value;
        }
    }

    private static function file(string $folder, string $name): string
    {
        return $folder.'/'.$name.'.json';
    }
}
