<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The first tables: people, tickets, pieces as they were looked over, plans, the ledger, the air. */
final class Version20261125000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'People, tickets, pieces, plans, ledger, air.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE air_reading (id INT AUTO_INCREMENT NOT NULL, temp_c DOUBLE PRECISION NOT NULL, rh DOUBLE PRECISION NOT NULL, speed_ms '
            .'DOUBLE PRECISION NOT NULL, at DATETIME NOT NULL, source VARCHAR(12) NOT NULL, INDEX IDX_D90AFEA86A57FD3C (at), PRIMARY KEY (id)) DEFAULT '
            .'CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE finding (id INT AUTO_INCREMENT NOT NULL, half VARCHAR(10) NOT NULL, part VARCHAR(30) NOT NULL, kind VARCHAR(30) NOT '
            .'NULL, severity INT NOT NULL, length_mm DOUBLE PRECISION DEFAULT NULL, width_mm DOUBLE PRECISION DEFAULT NULL, depth_mm DOUBLE PRECISION '
            .'DEFAULT NULL, share DOUBLE PRECISION DEFAULT NULL, piece_id INT NOT NULL, INDEX IDX_A7191336C40FCFA8 (piece_id), PRIMARY KEY (id)) DEFAULT '
            .'CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE ledger_entry (id INT AUTO_INCREMENT NOT NULL, temp_c DOUBLE PRECISION DEFAULT NULL, rh DOUBLE PRECISION DEFAULT NULL, '
            .'step_key VARCHAR(8) DEFAULT NULL, halves VARCHAR(8) DEFAULT NULL, planned_minutes DOUBLE PRECISION DEFAULT NULL, at DATETIME NOT NULL, event '
            .'VARCHAR(20) NOT NULL, text VARCHAR(600) NOT NULL, real_minutes INT DEFAULT NULL, person_id INT NOT NULL, piece_id INT NOT NULL, INDEX '
            .'IDX_64272A69C40FCFA8BF396750 (piece_id, id), INDEX IDX_64272A69217BBB47 (person_id), INDEX IDX_64272A69C40FCFA8 (piece_id), PRIMARY KEY '
            .'(id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE person (id INT AUTO_INCREMENT NOT NULL, password_hash VARCHAR(255) NOT NULL, login VARCHAR(60) NOT NULL, name '
            .'VARCHAR(80) NOT NULL, role VARCHAR(20) NOT NULL, UNIQUE INDEX UNIQ_34DCD176AA08CB10 (login), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE piece (id INT AUTO_INCREMENT NOT NULL, version INT DEFAULT 1 NOT NULL, assessed INT NOT NULL, planned_from INT DEFAULT '
            .'NULL, remarks JSON NOT NULL, elapsed_minutes DOUBLE PRECISION NOT NULL, finished_at DATETIME DEFAULT NULL, name VARCHAR(120) NOT NULL, kind '
            .'VARCHAR(20) NOT NULL, size_eu DOUBLE PRECISION NOT NULL, aim VARCHAR(20) NOT NULL, gloss VARCHAR(20) NOT NULL, ticket_id INT NOT NULL, INDEX '
            .'IDX_44CA0B23700047D2 (ticket_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE piece_part (id INT AUTO_INCREMENT NOT NULL, half VARCHAR(10) NOT NULL, part VARCHAR(30) NOT NULL, material VARCHAR(30) '
            .'NOT NULL, certainty VARCHAR(10) NOT NULL, dryness VARCHAR(10) NOT NULL, shade VARCHAR(20) NOT NULL, flags JSON NOT NULL, piece_id INT NOT '
            .'NULL, UNIQUE INDEX UNIQ_4D674B9FC40FCFA8FB5A4121490F70C6 (piece_id, half, part), INDEX IDX_4D674B9FC40FCFA8 (piece_id), PRIMARY KEY (id)) '
            .'DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE plan_step (id INT AUTO_INCREMENT NOT NULL, version INT DEFAULT 1 NOT NULL, step_key VARCHAR(8) NOT NULL, phase '
            .'VARCHAR(20) NOT NULL, action VARCHAR(20) NOT NULL, family VARCHAR(30) DEFAULT NULL, drying_family VARCHAR(30) DEFAULT NULL, applicator '
            .'VARCHAR(20) NOT NULL, places JSON NOT NULL, coat INT NOT NULL, coats INT NOT NULL, title VARCHAR(160) NOT NULL, place_words VARCHAR(200) NOT '
            .'NULL, why VARCHAR(400) NOT NULL, how VARCHAR(400) NOT NULL, minutes DOUBLE PRECISION NOT NULL, waits JSON NOT NULL, amount DOUBLE PRECISION '
            .'DEFAULT NULL, unit VARCHAR(5) DEFAULT NULL, gate VARCHAR(160) DEFAULT NULL, gate_from VARCHAR(20) DEFAULT NULL, rules JSON NOT NULL, hazards '
            .'JSON NOT NULL, shade VARCHAR(20) DEFAULT NULL, brush VARCHAR(20) NOT NULL, status VARCHAR(10) NOT NULL, started_at DATETIME DEFAULT NULL, '
            .'ended_at DATETIME DEFAULT NULL, touch_at DATETIME DEFAULT NULL, recoat_from_at DATETIME DEFAULT NULL, recoat_until_at DATETIME DEFAULT NULL, '
            .'next_at DATETIME DEFAULT NULL, full_at DATETIME DEFAULT NULL, air_warnings JSON NOT NULL, added_minutes INT NOT NULL, gate_passed_at '
            .'DATETIME DEFAULT NULL, position INT NOT NULL, started_by_id INT DEFAULT NULL, piece_id INT NOT NULL, INDEX IDX_566F32CEC40FCFA87B00651C '
            .'(piece_id, status), INDEX IDX_566F32CE7B00651C2EE440DF (status, drying_family), UNIQUE INDEX UNIQ_566F32CEC40FCFA8188EAE4B (piece_id, '
            .'step_key), INDEX IDX_566F32CE9740C9D5 (started_by_id), INDEX IDX_566F32CEC40FCFA8 (piece_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE remembered_answer (request VARCHAR(64) NOT NULL, body LONGTEXT NOT NULL, status INT NOT NULL, at DATETIME NOT NULL, '
            .'INDEX IDX_2E6F16296A57FD3C (at), PRIMARY KEY (request)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE sessions (sess_id VARBINARY(128) NOT NULL, sess_data MEDIUMBLOB NOT NULL, sess_lifetime INT NOT NULL, sess_time INT '
            .'NOT NULL, PRIMARY KEY (sess_id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE sign_in_failure (id INT AUTO_INCREMENT NOT NULL, who VARCHAR(64) NOT NULL, address VARCHAR(64) NOT NULL, at DATETIME '
            .'NOT NULL, INDEX IDX_327EC1F0DED63AA16A57FD3C (who, at), INDEX IDX_327EC1F0D4E6F816A57FD3C (address, at), PRIMARY KEY (id)) DEFAULT CHARACTER '
            .'SET utf8mb4');
        $this->addSql('CREATE TABLE ticket (id INT AUTO_INCREMENT NOT NULL, customer VARCHAR(120) NOT NULL, contact VARCHAR(160) NOT NULL, promised_at '
            .'DATETIME NOT NULL, wish VARCHAR(1000) NOT NULL, opened_at DATETIME NOT NULL, opened_by_id INT NOT NULL, INDEX IDX_97A0ADA3954D25DB '
            .'(promised_at), INDEX IDX_97A0ADA3AB159F5 (opened_by_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('ALTER TABLE finding ADD CONSTRAINT FK_A7191336C40FCFA8 FOREIGN KEY (piece_id) REFERENCES piece (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE ledger_entry ADD CONSTRAINT FK_64272A69217BBB47 FOREIGN KEY (person_id) REFERENCES person (id)');
        $this->addSql('ALTER TABLE ledger_entry ADD CONSTRAINT FK_64272A69C40FCFA8 FOREIGN KEY (piece_id) REFERENCES piece (id)');
        $this->addSql('ALTER TABLE piece ADD CONSTRAINT FK_44CA0B23700047D2 FOREIGN KEY (ticket_id) REFERENCES ticket (id)');
        $this->addSql('ALTER TABLE piece_part ADD CONSTRAINT FK_4D674B9FC40FCFA8 FOREIGN KEY (piece_id) REFERENCES piece (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE plan_step ADD CONSTRAINT FK_566F32CE9740C9D5 FOREIGN KEY (started_by_id) REFERENCES person (id)');
        $this->addSql('ALTER TABLE plan_step ADD CONSTRAINT FK_566F32CEC40FCFA8 FOREIGN KEY (piece_id) REFERENCES piece (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE ticket ADD CONSTRAINT FK_97A0ADA3AB159F5 FOREIGN KEY (opened_by_id) REFERENCES person (id)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE finding DROP FOREIGN KEY FK_A7191336C40FCFA8');
        $this->addSql('ALTER TABLE ledger_entry DROP FOREIGN KEY FK_64272A69217BBB47');
        $this->addSql('ALTER TABLE ledger_entry DROP FOREIGN KEY FK_64272A69C40FCFA8');
        $this->addSql('ALTER TABLE piece DROP FOREIGN KEY FK_44CA0B23700047D2');
        $this->addSql('ALTER TABLE piece_part DROP FOREIGN KEY FK_4D674B9FC40FCFA8');
        $this->addSql('ALTER TABLE plan_step DROP FOREIGN KEY FK_566F32CE9740C9D5');
        $this->addSql('ALTER TABLE plan_step DROP FOREIGN KEY FK_566F32CEC40FCFA8');
        $this->addSql('ALTER TABLE ticket DROP FOREIGN KEY FK_97A0ADA3AB159F5');
        $this->addSql('DROP TABLE air_reading');
        $this->addSql('DROP TABLE finding');
        $this->addSql('DROP TABLE ledger_entry');
        $this->addSql('DROP TABLE person');
        $this->addSql('DROP TABLE piece');
        $this->addSql('DROP TABLE piece_part');
        $this->addSql('DROP TABLE plan_step');
        $this->addSql('DROP TABLE remembered_answer');
        $this->addSql('DROP TABLE sessions');
        $this->addSql('DROP TABLE sign_in_failure');
        $this->addSql('DROP TABLE ticket');
    }
}
