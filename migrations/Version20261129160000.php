<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Jobs that come again and again, and tickets that are taken in before a day is promised. */
final class Version20261129160000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Usual jobs; a ticket before it is promised.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE usual_job (id INT AUTO_INCREMENT NOT NULL, name VARCHAR(80) NOT NULL, families JSON NOT NULL, '
            .'aim VARCHAR(20) NOT NULL, gloss VARCHAR(20) NOT NULL, patina VARCHAR(20) NOT NULL, material VARCHAR(30) DEFAULT NULL, '
            .'dryness VARCHAR(20) DEFAULT NULL, findings JSON NOT NULL, PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('ALTER TABLE ticket ADD promised TINYINT DEFAULT 1 NOT NULL');
        foreach (self::usual() as $job) {
            $this->addSql('INSERT INTO usual_job (name, families, aim, gloss, patina, material, dryness, findings) VALUES (?, ?, ?, ?, ?, ?, ?, ?)', $job);
        }
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE usual_job');
        $this->addSql('ALTER TABLE ticket DROP promised');
    }

    /** @return list<list<string|null>> what every workshop does each week; each may be dropped, and others kept */
    private static function usual(): array
    {
        $shoes = '["low-shoe", "boot", "tall-boot"]';

        return [
            ['Clean and feed', '[]', 'keep', 'satin', 'keep', null, 'thirsty', '[{"on": "outside", "kind": "ground-in-dirt", "severity": 1}]'],
            ['Polish', $shoes, 'freshen', 'glow', 'keep', null, null, '[{"on": "outside", "kind": "dust", "severity": 1}, '
                .'{"on": "toe", "kind": "scuff", "severity": 1}]'],
            ['Nubuck, clean and protect', '["low-shoe", "boot", "trainer"]', 'freshen', 'matt', 'keep', 'nubuck', null,
                '[{"on": "outside", "kind": "ground-in-dirt", "severity": 1}, {"on": "toe", "kind": "flat-nap", "severity": 2}, '
                .'{"on": "toe-box", "kind": "flat-nap", "severity": 2}]'],
            ['Deep clean trainers', '["trainer"]', 'freshen', 'satin', 'keep', null, null,
                '[{"on": "outside", "kind": "ground-in-dirt", "severity": 2}, {"on": "midsole", "kind": "yellowed-rubber", "severity": 2}, '
                .'{"on": "laces", "kind": "ground-in-dirt", "severity": 2}]'],
        ];
    }
}
