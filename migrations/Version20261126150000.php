<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** A ticket may be taken before everything else; what lies ahead knows the pace of each person. */
final class Version20261126150000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Rush.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE ticket ADD rush TINYINT NOT NULL DEFAULT 0');
        $this->addSql('ALTER TABLE ticket ALTER rush DROP DEFAULT');
        $this->addSql('ALTER TABLE ahead ADD paces JSON NOT NULL DEFAULT \'[]\'');
        $this->addSql('ALTER TABLE ahead ALTER paces DROP DEFAULT');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE ticket DROP rush');
        $this->addSql('ALTER TABLE ahead DROP paces');
    }
}
