<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Colour: products, swatches, readings, pots with their history, dyed swatches. */
final class Version20261126060000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Products, swatches, readings, pots, dyed swatches.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE pot_event (id INT AUTO_INCREMENT NOT NULL, kind VARCHAR(10) NOT NULL, text VARCHAR(300) NOT NULL, at DATETIME NOT '
            .'NULL, drops JSON DEFAULT NULL, spectrum JSON DEFAULT NULL, laid JSON NOT NULL, pot_id INT NOT NULL, by_id INT NOT NULL, INDEX '
            .'IDX_712D6CCDCDF6717 (pot_id), INDEX IDX_712D6CCAAE72004 (by_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE swatch (id INT AUTO_INCREMENT NOT NULL, code VARCHAR(40) NOT NULL, name VARCHAR(80) NOT NULL, reflectance JSON NOT '
            .'NULL, origin VARCHAR(120) NOT NULL, UNIQUE INDEX UNIQ_AA5D63F777153098 (code), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE pot (id INT AUTO_INCREMENT NOT NULL, version INT DEFAULT 1 NOT NULL, doings INT NOT NULL, state VARCHAR(10) NOT NULL, '
            .'drops JSON NOT NULL, recipe JSON NOT NULL, drop_ml DOUBLE PRECISION NOT NULL, kept_ml DOUBLE PRECISION DEFAULT NULL, kept_where VARCHAR(120) '
            .'NOT NULL, name VARCHAR(120) NOT NULL, finish VARCHAR(10) NOT NULL, applicator VARCHAR(20) NOT NULL, coats INT NOT NULL, area_dm2 DOUBLE '
            .'PRECISION NOT NULL, target_id INT NOT NULL, ground_id INT DEFAULT NULL, INDEX IDX_1EBD730F158E0B66 (target_id), INDEX IDX_1EBD730F1D297B0A '
            .'(ground_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE product (id INT AUTO_INCREMENT NOT NULL, version INT DEFAULT 1 NOT NULL, hex VARCHAR(7) NOT NULL, code VARCHAR(40) NOT '
            .'NULL, name VARCHAR(80) NOT NULL, kind VARCHAR(10) NOT NULL, absorption JSON NOT NULL, scattering JSON NOT NULL, density_g_per_ml DOUBLE '
            .'PRECISION NOT NULL, solids DOUBLE PRECISION DEFAULT NULL, diluent VARCHAR(20) DEFAULT NULL, left_ml DOUBLE PRECISION NOT NULL, '
            .'cents_per_100_ml INT DEFAULT NULL, origin VARCHAR(120) NOT NULL, made_up TINYINT NOT NULL, UNIQUE INDEX UNIQ_D34A04AD77153098 (code), '
            .'PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE dye_swatch (id INT AUTO_INCREMENT NOT NULL, thinner INT NOT NULL, coats INT NOT NULL, applicator VARCHAR(20) NOT NULL, '
            .'uptake DOUBLE PRECISION NOT NULL, factor DOUBLE PRECISION NOT NULL, at DATETIME NOT NULL, dye_id INT NOT NULL, by_id INT NOT NULL, INDEX '
            .'IDX_318F4C27439D7542 (dye_id), INDEX IDX_318F4C27AAE72004 (by_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE reading (id INT AUTO_INCREMENT NOT NULL, half VARCHAR(10) NOT NULL, part VARCHAR(30) NOT NULL, spectrum JSON DEFAULT '
            .'NULL, l DOUBLE PRECISION NOT NULL, a DOUBLE PRECISION NOT NULL, b DOUBLE PRECISION NOT NULL, doubt DOUBLE PRECISION NOT NULL, taken INT NOT '
            .'NULL, left_out JSON NOT NULL, spot VARCHAR(10) NOT NULL, whereabouts VARCHAR(120) NOT NULL, gloss VARCHAR(10) NOT NULL, source VARCHAR(10) '
            .'NOT NULL, at DATETIME NOT NULL, piece_id INT NOT NULL, by_id INT NOT NULL, INDEX IDX_C11AFC41C40FCFA8 (piece_id), INDEX IDX_C11AFC41AAE72004 '
            .'(by_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('ALTER TABLE pot_event ADD CONSTRAINT FK_712D6CCDCDF6717 FOREIGN KEY (pot_id) REFERENCES pot (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE pot_event ADD CONSTRAINT FK_712D6CCAAE72004 FOREIGN KEY (by_id) REFERENCES person (id)');
        $this->addSql('ALTER TABLE pot ADD CONSTRAINT FK_1EBD730F158E0B66 FOREIGN KEY (target_id) REFERENCES reading (id)');
        $this->addSql('ALTER TABLE pot ADD CONSTRAINT FK_1EBD730F1D297B0A FOREIGN KEY (ground_id) REFERENCES reading (id)');
        $this->addSql('ALTER TABLE dye_swatch ADD CONSTRAINT FK_318F4C27439D7542 FOREIGN KEY (dye_id) REFERENCES product (id)');
        $this->addSql('ALTER TABLE dye_swatch ADD CONSTRAINT FK_318F4C27AAE72004 FOREIGN KEY (by_id) REFERENCES person (id)');
        $this->addSql('ALTER TABLE reading ADD CONSTRAINT FK_C11AFC41C40FCFA8 FOREIGN KEY (piece_id) REFERENCES piece (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE reading ADD CONSTRAINT FK_C11AFC41AAE72004 FOREIGN KEY (by_id) REFERENCES person (id)');
    }

    public function down(Schema $schema): void
    {
        foreach (['pot_event', 'pot', 'dye_swatch', 'reading', 'swatch', 'product'] as $table) {
            $this->addSql('DROP TABLE '.$table);
        }
    }
}
