<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** A spoiled coat stays on the piece, and another is laid in its place. */
final class Version20261129120000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Spoiled coats, and those laid in their place.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE plan_step ADD instead_of VARCHAR(8) DEFAULT NULL, ADD spoiled TINYINT(1) DEFAULT 0 NOT NULL');
        $this->addSql('ALTER TABLE plan_step ALTER spoiled DROP DEFAULT');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE plan_step DROP instead_of, DROP spoiled');
    }
}
