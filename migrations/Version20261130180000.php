<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Owners are people of their own, and a piece has a passport over all its visits. */
final class Version20261130180000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Owners are people of their own, and a piece has a passport over all its visits.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE owner (id INT AUTO_INCREMENT NOT NULL, version INT DEFAULT 1 NOT NULL, ways JSON NOT NULL, likes VARCHAR(10) DEFAULT NULL, '
            .'language VARCHAR(10) NOT NULL, notes VARCHAR(1000) NOT NULL, may_keep_pictures TINYINT DEFAULT 1 NOT NULL, may_remind TINYINT DEFAULT 0 NOT '
            .'NULL, erased_at DATETIME DEFAULT NULL, name VARCHAR(120) NOT NULL, since DATETIME NOT NULL, INDEX IDX_CF60E67C5E237E06 (name), '
            .'PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE passport (id INT AUTO_INCREMENT NOT NULL, version INT DEFAULT 1 NOT NULL, care_page INT NOT NULL, carried JSON '
            .'DEFAULT NULL, cares JSON NOT NULL, stored_at VARCHAR(80) NOT NULL, stored_until DATE DEFAULT NULL, name VARCHAR(120) NOT NULL, kind '
            .'VARCHAR(40) NOT NULL, code VARCHAR(10) NOT NULL, since DATETIME NOT NULL, owner_id INT NOT NULL, '
            .'UNIQUE INDEX UNIQ_B5A26E0877153098 (code), INDEX IDX_B5A26E087E3C61F9 (owner_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('ALTER TABLE passport ADD CONSTRAINT FK_B5A26E087E3C61F9 FOREIGN KEY (owner_id) REFERENCES owner (id)');
        $this->addSql('ALTER TABLE ticket ADD owner_id INT DEFAULT NULL');
        $this->addSql('ALTER TABLE piece ADD fault VARCHAR(20) DEFAULT NULL, ADD cause VARCHAR(20) DEFAULT NULL, ADD mends_id INT DEFAULT NULL, '
            .'ADD passport_id INT DEFAULT NULL');
        // Who has been here under one name and contact is one owner; what they brought under one name, of one kind, is one piece.
        $this->addSql("INSERT INTO owner (ways, language, notes, name, since)
            SELECT IF(contact = '', '[]', JSON_ARRAY(JSON_OBJECT('by',
                IF(contact LIKE '%_@_%._%', 'email', IF(contact REGEXP '^[0-9 ()+/.-]{5,}$', 'phone', IF(contact REGEXP '[0-9]', 'post', 'other'))),
                'at', contact))), '', '', customer, MIN(opened_at) FROM ticket GROUP BY customer, contact");
        $this->addSql("UPDATE ticket t JOIN owner o ON o.name = t.customer AND COALESCE(JSON_VALUE(o.ways, '$[0].at'), '') = t.contact SET t.owner_id = o.id");
        $this->addSql("INSERT INTO passport (care_page, cares, stored_at, name, kind, code, since, owner_id)
            SELECT 0, '[]', '', p.name, p.kind, LEFT(SHA2(CONCAT(UUID(), p.id, RAND()), 256), 10), MIN(t.opened_at), t.owner_id
            FROM piece p JOIN ticket t ON t.id = p.ticket_id GROUP BY t.owner_id, p.name, p.kind");
        $this->addSql('UPDATE piece p JOIN ticket t ON t.id = p.ticket_id JOIN passport s ON s.owner_id = t.owner_id AND s.name = p.name AND s.kind = p.kind
            SET p.passport_id = s.id');
        $this->addSql('ALTER TABLE ticket CHANGE owner_id owner_id INT NOT NULL');
        $this->addSql('ALTER TABLE piece CHANGE passport_id passport_id INT NOT NULL');
        $this->addSql('ALTER TABLE ticket ADD CONSTRAINT FK_97A0ADA37E3C61F9 FOREIGN KEY (owner_id) REFERENCES owner (id)');
        $this->addSql('CREATE INDEX IDX_97A0ADA37E3C61F9 ON ticket (owner_id)');
        $this->addSql('ALTER TABLE piece ADD CONSTRAINT FK_44CA0B234984A5B6 FOREIGN KEY (mends_id) REFERENCES piece (id) ON DELETE SET NULL');
        $this->addSql('ALTER TABLE piece ADD CONSTRAINT FK_44CA0B23ABF410D0 FOREIGN KEY (passport_id) REFERENCES passport (id)');
        $this->addSql('CREATE INDEX IDX_44CA0B234984A5B6 ON piece (mends_id)');
        $this->addSql('CREATE INDEX IDX_44CA0B23ABF410D0 ON piece (passport_id)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE piece DROP FOREIGN KEY FK_44CA0B234984A5B6');
        $this->addSql('ALTER TABLE piece DROP FOREIGN KEY FK_44CA0B23ABF410D0');
        $this->addSql('ALTER TABLE piece DROP mends_id, DROP passport_id, DROP fault, DROP cause');
        $this->addSql('ALTER TABLE ticket DROP FOREIGN KEY FK_97A0ADA37E3C61F9');
        $this->addSql('ALTER TABLE ticket DROP owner_id');
        $this->addSql('DROP TABLE passport');
        $this->addSql('DROP TABLE owner');
    }
}
