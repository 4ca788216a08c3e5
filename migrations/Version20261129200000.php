<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The shelf: every product, its packs, what was taken from them, what is ordered. */
final class Version20261129200000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Products of every family, lots, what is taken from them, orders.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE lot (id INT AUTO_INCREMENT NOT NULL, opened_at DATETIME DEFAULT NULL, emptied_at DATETIME DEFAULT NULL, left_amount DOUBLE '
            .'PRECISION NOT NULL, amount DOUBLE PRECISION NOT NULL, bought_at DATETIME NOT NULL, place VARCHAR(60) NOT NULL, batch VARCHAR(40) NOT NULL, '
            .'cents INT DEFAULT NULL, product_id INT NOT NULL, INDEX IDX_B81291B4584665A (product_id), INDEX IDX_B81291B4584665A4B1CE4AC '
            .'(product_id, emptied_at), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE lot_move (id INT AUTO_INCREMENT NOT NULL, kind VARCHAR(10) NOT NULL, amount DOUBLE PRECISION NOT NULL, at DATETIME NOT '
            .'NULL, piece_id INT DEFAULT NULL, step_id INT DEFAULT NULL, pot_id INT DEFAULT NULL, note VARCHAR(200) NOT NULL, lot_id INT DEFAULT NULL, '
            .'product_id INT NOT NULL, by_id INT DEFAULT NULL, PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE purchase_order (id INT AUTO_INCREMENT NOT NULL, received_at DATETIME DEFAULT NULL, packs INT NOT NULL, ordered_at DATETIME '
            .'NOT NULL, product_id INT NOT NULL, by_id INT NOT NULL, PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('ALTER TABLE lot ADD CONSTRAINT FK_B81291B4584665A FOREIGN KEY (product_id) REFERENCES product (id)');
        $this->addSql('ALTER TABLE lot_move ADD CONSTRAINT FK_7B12A938A8CBA5F7 FOREIGN KEY (lot_id) REFERENCES lot (id)');
        $this->addSql('ALTER TABLE lot_move ADD CONSTRAINT FK_7B12A9384584665A FOREIGN KEY (product_id) REFERENCES product (id)');
        $this->addSql('ALTER TABLE lot_move ADD CONSTRAINT FK_7B12A938AAE72004 FOREIGN KEY (by_id) REFERENCES person (id)');
        $this->addSql('CREATE INDEX IDX_7B12A9384584665A3BC4BCD96A57FD3C ON lot_move (product_id, kind, at)');
        $this->addSql('CREATE INDEX IDX_7B12A93873B21E9C ON lot_move (step_id)');
        $this->addSql('CREATE INDEX IDX_7B12A938C40FCFA8 ON lot_move (piece_id)');
        $this->addSql('CREATE INDEX IDX_7B12A938A8CBA5F7 ON lot_move (lot_id)');
        $this->addSql('CREATE INDEX IDX_7B12A9384584665A ON lot_move (product_id)');
        $this->addSql('CREATE INDEX IDX_7B12A938AAE72004 ON lot_move (by_id)');
        $this->addSql('ALTER TABLE purchase_order ADD CONSTRAINT FK_21E210B24584665A FOREIGN KEY (product_id) REFERENCES product (id)');
        $this->addSql('ALTER TABLE purchase_order ADD CONSTRAINT FK_21E210B2AAE72004 FOREIGN KEY (by_id) REFERENCES person (id)');
        $this->addSql('CREATE INDEX IDX_21E210B26D4F7F99 ON purchase_order (received_at)');
        $this->addSql('CREATE INDEX IDX_21E210B24584665A ON purchase_order (product_id)');
        $this->addSql('CREATE INDEX IDX_21E210B2AAE72004 ON purchase_order (by_id)');
        $this->addSql('ALTER TABLE product ADD family VARCHAR(30) DEFAULT NULL, ADD shade VARCHAR(20) DEFAULT NULL, '
            .'ADD unit VARCHAR(5) NOT NULL DEFAULT \'ml\', ADD pack DOUBLE PRECISION NOT NULL DEFAULT 100, ADD pack_cents INT DEFAULT '
            .'NULL, ADD supplier VARCHAR(80) NOT NULL DEFAULT \'\', '
            .'ADD lead_days INT NOT NULL DEFAULT 7, ADD empty_pack_g DOUBLE PRECISION DEFAULT NULL, ADD water DOUBLE PRECISION DEFAULT NULL, '
            .'ADD not_on VARCHAR(200) NOT NULL DEFAULT \'\', ADD opened_months INT DEFAULT NULL, '
            .'ADD sheet VARCHAR(64) DEFAULT NULL, ADD retired TINYINT NOT NULL DEFAULT 0');
        $this->addSql("UPDATE product SET pack_cents = cents_per_100_ml, family = CASE WHEN kind <> 'dye' THEN 'paint' WHEN diluent = 'water' THEN 'dye-water' "
            ."ELSE 'dye-spirit' END");
        $this->addSql('INSERT INTO lot (product_id, left_amount, amount, bought_at, opened_at, place, batch) SELECT id, left_ml, left_ml, UTC_TIMESTAMP(), '
            .'UTC_TIMESTAMP(), \'\', \'\' FROM product');
        foreach (['unit', 'pack', 'supplier', 'lead_days', 'not_on', 'retired'] as $column) {
            $this->addSql('ALTER TABLE product ALTER '.$column.' DROP DEFAULT');
        }
        $this->addSql('ALTER TABLE product DROP left_ml, DROP cents_per_100_ml');
        $this->addSql('CREATE INDEX IDX_D34A04ADA5E6215B ON product (family)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE product ADD left_ml DOUBLE PRECISION NOT NULL DEFAULT 0, ADD cents_per_100_ml INT DEFAULT NULL');
        $this->addSql('UPDATE product p SET cents_per_100_ml = ROUND(pack_cents / pack * 100), left_ml = COALESCE((SELECT '
            .'SUM(GREATEST(l.left_amount, 0)) FROM lot l WHERE l.product_id = p.id AND l.emptied_at IS NULL), 0)');
        $this->addSql('ALTER TABLE product ALTER left_ml DROP DEFAULT');
        foreach (['purchase_order', 'lot_move', 'lot'] as $table) {
            $this->addSql('DROP TABLE '.$table);
        }
        $this->addSql("DELETE FROM product WHERE kind = 'plain'");
        $this->addSql('DROP INDEX IDX_D34A04ADA5E6215B ON product');
        $this->addSql('ALTER TABLE product DROP family, DROP shade, DROP unit, DROP pack, DROP pack_cents, DROP supplier, DROP lead_days, DROP empty_pack_g, '
            .'DROP water, DROP not_on, DROP opened_months, DROP sheet, DROP retired');
    }
}
