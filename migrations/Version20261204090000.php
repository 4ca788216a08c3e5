<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** In which colours pieces are drawn is read from an index alone: the counter asks it of fifty pieces at once. */
final class Version20261204090000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'In which colours pieces are drawn is read from an index alone: the counter asks it of fifty pieces at once.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE INDEX drawn ON piece_part (piece_id, half, part, shade)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP INDEX drawn ON piece_part');
    }
}
