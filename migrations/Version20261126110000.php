<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Time: hours of people, days that are otherwise, places of stations, what lies ahead, and steps that are interrupted. */
final class Version20261126110000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Hours, days, stations, what lies ahead.';
    }

    public function up(Schema $schema): void
    {
        $week = json_encode(array_fill(1, 6, [['09:00', '12:30'], ['13:15', '17:30']]), \JSON_THROW_ON_ERROR);
        $this->addSql('ALTER TABLE person ADD week JSON NOT NULL DEFAULT \'[]\', ADD skills JSON NOT NULL DEFAULT \'[]\'');
        $this->addSql('UPDATE person SET week = ?', [$week]);
        $this->addSql('ALTER TABLE person ALTER week DROP DEFAULT, ALTER skills DROP DEFAULT');
        $this->addSql('CREATE TABLE other_day (id INT AUTO_INCREMENT NOT NULL, day DATE NOT NULL, shifts JSON NOT NULL, why VARCHAR(120) NOT NULL, '
            .'person_id INT DEFAULT NULL, INDEX IDX_A7340503217BBB47 (person_id), INDEX IDX_A7340503E5A02990 (day), PRIMARY KEY (id)) DEFAULT CHARACTER '
            .'SET utf8mb4');
        $this->addSql('ALTER TABLE other_day ADD CONSTRAINT FK_A7340503217BBB47 FOREIGN KEY (person_id) REFERENCES person (id) ON DELETE CASCADE');
        $this->addSql('CREATE TABLE workshop_setting (name VARCHAR(40) NOT NULL, value JSON NOT NULL, PRIMARY KEY (name)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE ahead (id INT NOT NULL, asked INT NOT NULL, solved INT NOT NULL, at DATETIME NOT NULL, blocks JSON NOT NULL, ends JSON '
            .'NOT NULL, changes INT NOT NULL, PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('INSERT INTO ahead (id, asked, solved, at, blocks, ends, changes) VALUES (1, 1, 0, \'2000-01-01 00:00:00\', \'[]\', \'[]\', 0)');
        $this->addSql('ALTER TABLE plan_step ADD worked_seconds INT NOT NULL DEFAULT 0');
        $this->addSql('ALTER TABLE plan_step ALTER worked_seconds DROP DEFAULT');
    }

    public function down(Schema $schema): void
    {
        foreach (['other_day', 'workshop_setting', 'ahead'] as $table) {
            $this->addSql('DROP TABLE '.$table);
        }
        $this->addSql('ALTER TABLE person DROP week, DROP skills');
        $this->addSql('ALTER TABLE plan_step DROP worked_seconds');
    }
}
