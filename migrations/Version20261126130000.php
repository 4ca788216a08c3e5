<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What was learned, air by place, where pieces stand, and the calendars that people take with them. */
final class Version20261126130000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Learning, air by place, calendars.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE evidence (id INT AUTO_INCREMENT NOT NULL, kind VARCHAR(10) NOT NULL, what VARCHAR(60) NOT NULL, ratio DOUBLE PRECISION '
            .'NOT NULL, at DATETIME NOT NULL, set_aside TINYINT NOT NULL, person_id INT NOT NULL, INDEX IDX_C615710217BBB47 (person_id), INDEX '
            .'IDX_C615710F444912F3BC4BCD9 (set_aside, kind), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('ALTER TABLE evidence ADD CONSTRAINT FK_C615710217BBB47 FOREIGN KEY (person_id) REFERENCES person (id)');
        $this->addSql('ALTER TABLE plan_step ADD not_yet_at DATETIME DEFAULT NULL');
        $this->addSql('CREATE TABLE calendar_feed (id INT AUTO_INCREMENT NOT NULL, secret_hash VARCHAR(64) NOT NULL, made_at DATETIME NOT NULL, revoked_at '
            .'DATETIME DEFAULT NULL, person_id INT NOT NULL, UNIQUE INDEX UNIQ_71D6C7FFB390A88D (secret_hash), INDEX IDX_71D6C7FF217BBB47 (person_id), '
            .'PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('ALTER TABLE calendar_feed ADD CONSTRAINT FK_71D6C7FF217BBB47 FOREIGN KEY (person_id) REFERENCES person (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE air_reading ADD place VARCHAR(10) NOT NULL DEFAULT \'bench\'');
        $this->addSql('ALTER TABLE air_reading ALTER place DROP DEFAULT');
        $this->addSql('CREATE INDEX IDX_D90AFEA8741D53CD6A57FD3C ON air_reading (place, at)');
        $this->addSql('CREATE TABLE air_fault (place VARCHAR(10) NOT NULL, fault VARCHAR(10) NOT NULL, since DATETIME NOT NULL, PRIMARY KEY (place)) '
            .'DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE piece_move (id INT AUTO_INCREMENT NOT NULL, place VARCHAR(10) NOT NULL, at DATETIME NOT NULL, piece_id INT NOT NULL, '
            .'INDEX IDX_EB560C21C40FCFA86A57FD3C (piece_id, at), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('ALTER TABLE piece_move ADD CONSTRAINT FK_EB560C21C40FCFA8 FOREIGN KEY (piece_id) REFERENCES piece (id) ON DELETE CASCADE');
    }

    public function down(Schema $schema): void
    {
        foreach (['evidence', 'calendar_feed', 'air_fault', 'piece_move'] as $table) {
            $this->addSql('DROP TABLE '.$table);
        }
        $this->addSql('DROP INDEX IDX_D90AFEA8741D53CD6A57FD3C ON air_reading');
        $this->addSql('ALTER TABLE air_reading DROP place');
        $this->addSql('ALTER TABLE plan_step DROP not_yet_at');
    }
}
