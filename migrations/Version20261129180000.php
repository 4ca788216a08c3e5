<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What is called off, and who signed for what went home. */
final class Version20261129180000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Pieces called off; signatures of who collects.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE piece ADD called_off VARCHAR(20) DEFAULT NULL');
        $this->addSql("ALTER TABLE collection ADD strokes JSON NOT NULL DEFAULT '[]'");
        $this->addSql('ALTER TABLE collection ALTER strokes DROP DEFAULT');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE piece DROP called_off');
        $this->addSql('ALTER TABLE collection DROP strokes');
    }
}
