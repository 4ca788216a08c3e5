<?php

declare(strict_types=1);

namespace KindHeel\App\Archive;

use KindHeel\App\Console\GeneratedFile;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Style\SymfonyStyle;

/** Once a version has been given out its schema stays as it is: whoever changes what is kept makes another version, and says in {@see Older} what leads on. */
#[AsCommand('archive:schema', 'Writes the JSON Schema of the present version of the archive.')]
final readonly class ArchiveSchemaCommand
{
    public function __construct(private ArchiveSchema $schema)
    {
    }

    public function __invoke(SymfonyStyle $io, #[Option('Fail when the file is stale instead of writing it.')] bool $check = false): int
    {
        return (new GeneratedFile(\sprintf(Format::SCHEMA, Format::VERSION), $this->schema->json()))->write($io, $check, 'archive:schema');
    }
}
