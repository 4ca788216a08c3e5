<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The colour itself that a part is to have, so that two of one shade are two; how what darkens comes back. */
final class Version20261130120000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The colour itself that a part is to have; how what darkens comes back.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE piece_part ADD new_colour JSON DEFAULT NULL');
        $this->addSql('CREATE TABLE settling (id INT AUTO_INCREMENT NOT NULL, piece_id INT NOT NULL, before_id INT NOT NULL, by_id INT NOT NULL, half '
            .'VARCHAR(10) NOT NULL, part VARCHAR(30) NOT NULL, material VARCHAR(20) NOT NULL, family VARCHAR(30) NOT NULL, dye VARCHAR(40) DEFAULT NULL, '
            .'laid_at DATETIME NOT NULL, stayed DOUBLE PRECISION DEFAULT NULL, deepened DOUBLE PRECISION DEFAULT NULL, INDEX IDX_1CCC2946C40FCFA8 (piece_id), '
            .'INDEX IDX_1CCC2946BB97FBF (before_id), INDEX IDX_1CCC2946AAE72004 (by_id), INDEX IDX_1CCC2946A5E6215B7CBE7595 (family, material), '
            .'PRIMARY KEY(id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('ALTER TABLE settling ADD CONSTRAINT FK_1CCC2946C40FCFA8 FOREIGN KEY (piece_id) REFERENCES piece (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE settling ADD CONSTRAINT FK_1CCC2946BB97FBF FOREIGN KEY (before_id) REFERENCES reading (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE settling ADD CONSTRAINT FK_1CCC2946AAE72004 FOREIGN KEY (by_id) REFERENCES person (id)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE settling');
        $this->addSql('ALTER TABLE piece_part DROP new_colour');
    }
}
