<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Looking a piece over: trials, pictures, what the owner was told and signed. */
final class Version20261125234639 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Every family of pieces; trials, pictures, agreements; a kind is named within its family.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE agreement (id INT AUTO_INCREMENT NOT NULL, assessed INT NOT NULL, told JSON NOT NULL, strokes JSON NOT NULL, signed_by '
            .'VARCHAR(120) NOT NULL, at DATETIME NOT NULL, piece_id INT NOT NULL, witness_id INT NOT NULL, INDEX IDX_2E655A24C40FCFA8BF396750 (piece_id, '
            .'id), INDEX IDX_2E655A24C40FCFA8 (piece_id), INDEX IDX_2E655A24F28D7E1C (witness_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE picture (id INT AUTO_INCREMENT NOT NULL, moment VARCHAR(10) NOT NULL, half VARCHAR(10) DEFAULT NULL, part VARCHAR(30) '
            .'DEFAULT NULL, side VARCHAR(20) DEFAULT NULL, digest VARCHAR(64) NOT NULL, width INT NOT NULL, height INT NOT NULL, at DATETIME NOT NULL, '
            .'piece_id INT NOT NULL, by_id INT NOT NULL, INDEX IDX_16DB4F89C40FCFA8358C88A2 (piece_id, moment), INDEX IDX_16DB4F89C40FCFA8 (piece_id), '
            .'INDEX IDX_16DB4F89AAE72004 (by_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE trial (id INT AUTO_INCREMENT NOT NULL, half VARCHAR(10) NOT NULL, part VARCHAR(30) NOT NULL, speaks_for JSON NOT NULL, '
            .'trial VARCHAR(10) NOT NULL, outcome VARCHAR(30) NOT NULL, product VARCHAR(30) DEFAULT NULL, lab_before JSON DEFAULT NULL, lab_after JSON '
            .'DEFAULT NULL, at DATETIME NOT NULL, piece_id INT NOT NULL, by_id INT NOT NULL, INDEX IDX_74A25E3FC40FCFA8 (piece_id), INDEX '
            .'IDX_74A25E3FAAE72004 (by_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('ALTER TABLE agreement ADD CONSTRAINT FK_2E655A24C40FCFA8 FOREIGN KEY (piece_id) REFERENCES piece (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE agreement ADD CONSTRAINT FK_2E655A24F28D7E1C FOREIGN KEY (witness_id) REFERENCES person (id)');
        $this->addSql('ALTER TABLE picture ADD CONSTRAINT FK_16DB4F89C40FCFA8 FOREIGN KEY (piece_id) REFERENCES piece (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE picture ADD CONSTRAINT FK_16DB4F89AAE72004 FOREIGN KEY (by_id) REFERENCES person (id)');
        $this->addSql('ALTER TABLE trial ADD CONSTRAINT FK_74A25E3FC40FCFA8 FOREIGN KEY (piece_id) REFERENCES piece (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE trial ADD CONSTRAINT FK_74A25E3FAAE72004 FOREIGN KEY (by_id) REFERENCES person (id)');
        $this->addSql('ALTER TABLE piece ADD length_mm DOUBLE PRECISION DEFAULT NULL, ADD patina VARCHAR(20) NOT NULL, ADD unwanted VARCHAR(500) NOT NULL, '
            .'ADD value_cents INT DEFAULT NULL, ADD replace_cents INT DEFAULT NULL, CHANGE kind kind VARCHAR(40) NOT NULL, CHANGE size_eu size_eu DOUBLE '
            .'PRECISION DEFAULT NULL');
        $this->addSql('ALTER TABLE piece_part ADD area_dm2 DOUBLE PRECISION DEFAULT NULL, ADD aim VARCHAR(20) DEFAULT NULL, ADD gloss VARCHAR(20) DEFAULT '
            .'NULL, ADD patina VARCHAR(20) DEFAULT NULL, ADD overruled TINYINT NOT NULL, ADD is_off TINYINT NOT NULL');
        $this->addSql("UPDATE piece SET kind = CONCAT('low-shoe/', kind), patina = 'keep' WHERE kind NOT LIKE '%/%'");
    }

    public function down(Schema $schema): void
    {
        $this->addSql("DELETE FROM piece WHERE kind NOT LIKE 'low-shoe/%'");
        $this->addSql('UPDATE piece SET kind = SUBSTRING(kind, 10)');
        $this->addSql('ALTER TABLE agreement DROP FOREIGN KEY FK_2E655A24C40FCFA8');
        $this->addSql('ALTER TABLE agreement DROP FOREIGN KEY FK_2E655A24F28D7E1C');
        $this->addSql('ALTER TABLE picture DROP FOREIGN KEY FK_16DB4F89C40FCFA8');
        $this->addSql('ALTER TABLE picture DROP FOREIGN KEY FK_16DB4F89AAE72004');
        $this->addSql('ALTER TABLE trial DROP FOREIGN KEY FK_74A25E3FC40FCFA8');
        $this->addSql('ALTER TABLE trial DROP FOREIGN KEY FK_74A25E3FAAE72004');
        $this->addSql('DROP TABLE agreement');
        $this->addSql('DROP TABLE picture');
        $this->addSql('DROP TABLE trial');
        $this->addSql('ALTER TABLE piece DROP length_mm, DROP patina, DROP unwanted, DROP value_cents, DROP replace_cents, CHANGE size_eu size_eu DOUBLE '
            .'PRECISION NOT NULL, CHANGE kind kind VARCHAR(20) NOT NULL');
        $this->addSql('ALTER TABLE piece_part DROP area_dm2, DROP aim, DROP gloss, DROP patina, DROP overruled, DROP is_off');
    }
}
