<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Outlines of parts, measured on pictures. */
final class Version20261129220000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Measured outlines.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE measured_outline (id INT AUTO_INCREMENT NOT NULL, part VARCHAR(30) NOT NULL, half VARCHAR(10) NOT NULL, '
            .'picture_id INT NOT NULL, card JSON NOT NULL, outline JSON NOT NULL, area_dm2 DOUBLE PRECISION NOT NULL, at DATETIME NOT NULL, '
            .'piece_id INT NOT NULL, by_id INT NOT NULL, INDEX IDX_C1166F4DC40FCFA8BF396750 (piece_id, id), INDEX IDX_C1166F4DC40FCFA8 (piece_id), '
            .'INDEX IDX_C1166F4DAAE72004 (by_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('ALTER TABLE measured_outline ADD CONSTRAINT FK_C1166F4DC40FCFA8 FOREIGN KEY (piece_id) REFERENCES piece (id) '
            .'ON DELETE CASCADE');
        $this->addSql('ALTER TABLE measured_outline ADD CONSTRAINT FK_C1166F4DAAE72004 FOREIGN KEY (by_id) REFERENCES person (id)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE measured_outline');
    }
}
