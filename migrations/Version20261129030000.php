<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** How far up each ladder looks have asked to go; pieces in the workshop have not been asked yet. */
final class Version20261129030000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Ladders that are climbed by looking.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE piece ADD terms_climbed JSON NOT NULL');
        $this->addSql("UPDATE piece SET terms_climbed = '[]'");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE piece DROP terms_climbed');
    }
}
