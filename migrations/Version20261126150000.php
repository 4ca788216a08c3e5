<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** A ticket may be taken before everything else. */
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
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE ticket DROP rush');
    }
}
