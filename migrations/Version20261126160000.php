<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What lies ahead knows the pace of each person. */
final class Version20261126160000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Paces.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE ahead ADD paces JSON NOT NULL DEFAULT \'[]\'');
        $this->addSql('ALTER TABLE ahead ALTER paces DROP DEFAULT');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE ahead DROP paces');
    }
}
