<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What owners are told, and the words by which a piece is found. */
final class Version20261130230000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What owners are told, and the words by which a piece is found.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE piece_text (piece_id INT NOT NULL, words LONGTEXT NOT NULL, upto INT NOT NULL, at DATE NOT NULL, '
            .'FULLTEXT INDEX IDX_3FE39C9E717D1E8C (words), INDEX IDX_3FE39C9E6A57FD3C (at), INDEX IDX_3FE39C9EBF0A27D9 (upto), PRIMARY KEY (piece_id)) DEFAULT '
            .'CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE message (id INT AUTO_INCREMENT NOT NULL, version INT DEFAULT 1 NOT NULL, state VARCHAR(10) NOT NULL, '
            .'tries INT NOT NULL, failure VARCHAR(300) NOT NULL, ended_at DATETIME DEFAULT NULL, occasion VARCHAR(10) NOT NULL, '
            .'by_way VARCHAR(10) NOT NULL, goes_to VARCHAR(200) NOT NULL, subject VARCHAR(200) NOT NULL, body VARCHAR(6000) NOT '
            .'NULL, written_at DATETIME NOT NULL, not_before DATETIME NOT NULL, owner_id INT NOT NULL, written_by_id INT NOT NULL, '
            .'ticket_id INT DEFAULT NULL, INDEX IDX_B6BD307FA393D2FB3B00E8F9 (state, not_before), INDEX IDX_B6BD307F7E3C61F9 '
            .'(owner_id), INDEX IDX_B6BD307FAB69C8EF (written_by_id), INDEX IDX_B6BD307F700047D2 (ticket_id), PRIMARY KEY (id)) '
            .'DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE message_about (id INT AUTO_INCREMENT NOT NULL, what VARCHAR(60) NOT NULL, care VARCHAR(10) DEFAULT NULL, '
            .'message_id INT NOT NULL, passport_id INT DEFAULT NULL, UNIQUE INDEX UNIQ_4A52DD08BAE63262 (what), INDEX '
            .'IDX_4A52DD08537A1329 (message_id), INDEX IDX_4A52DD08ABF410D0 (passport_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET '
            .'utf8mb4');
        $this->addSql('ALTER TABLE message ADD CONSTRAINT FK_B6BD307F7E3C61F9 FOREIGN KEY (owner_id) REFERENCES owner (id)');
        $this->addSql('ALTER TABLE message ADD CONSTRAINT FK_B6BD307FAB69C8EF FOREIGN KEY (written_by_id) REFERENCES person (id)');
        $this->addSql('ALTER TABLE message ADD CONSTRAINT FK_B6BD307F700047D2 FOREIGN KEY (ticket_id) REFERENCES ticket (id)');
        $this->addSql('ALTER TABLE message_about ADD CONSTRAINT FK_4A52DD08537A1329 FOREIGN KEY (message_id) REFERENCES message (id) ON '
            .'DELETE CASCADE');
        $this->addSql('ALTER TABLE message_about ADD CONSTRAINT FK_4A52DD08ABF410D0 FOREIGN KEY (passport_id) REFERENCES passport (id) ON '
            .'DELETE CASCADE');
        $this->addSql('CREATE TABLE piece_mark (mark VARCHAR(60) NOT NULL, piece_id INT NOT NULL, INDEX IDX_621CC928C40FCFA8 (piece_id), '
            .'PRIMARY KEY (mark, piece_id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('ALTER TABLE plan_step ADD gate_rh DOUBLE PRECISION DEFAULT NULL');
        // What is counted over a year stands in the index as a whole.
        $this->addSql('CREATE INDEX IDX_566F32CEC40FCFA87B00651CB1BDD6CBA5E6215B ON plan_step (piece_id, status, phase, family)');
        $this->addSql('DROP INDEX IDX_566F32CEC40FCFA87B00651C ON plan_step');
        $this->addSql('CREATE INDEX IDX_566F32CE1C3D15657B00651CB1BDD6CB9740C9D5A06B4AA3C4E34950D46 ON plan_step '
            .'(ended_at, status, phase, started_by_id, minutes, worked_seconds, started_at)');
        $this->addSql('CREATE INDEX IDX_566F32CEB032CACF ON plan_step (gate_passed_at)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('CREATE INDEX IDX_566F32CEC40FCFA87B00651C ON plan_step (piece_id, status)');
        $this->addSql('DROP INDEX IDX_566F32CEC40FCFA87B00651CB1BDD6CBA5E6215B ON plan_step');
        $this->addSql('DROP INDEX IDX_566F32CE1C3D15657B00651CB1BDD6CB9740C9D5A06B4AA3C4E34950D46 ON plan_step');
        $this->addSql('DROP INDEX IDX_566F32CEB032CACF ON plan_step');
        $this->addSql('ALTER TABLE plan_step DROP gate_rh');
        $this->addSql('DROP TABLE message_about');
        $this->addSql('DROP TABLE message');
        $this->addSql('DROP TABLE piece_mark');
        $this->addSql('DROP TABLE piece_text');
    }
}
