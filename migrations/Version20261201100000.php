<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** People come, leave, forget their password; where they are signed in; each word of a piece in an index. */
final class Version20261201100000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'People come, leave, forget their password; where they are signed in; each word of a piece in an index.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE sign_in (id INT AUTO_INCREMENT NOT NULL, ended_at DATETIME DEFAULT NULL, device VARCHAR(60) NOT NULL, '
            .'began_at DATETIME NOT NULL, seen_at DATETIME NOT NULL, sure_at DATETIME DEFAULT NULL, person_id INT NOT NULL, '
            .'INDEX IDX_E629950B217BBB471C3D1565 (person_id, ended_at), INDEX IDX_E629950BDE907562 (seen_at), '
            .'INDEX IDX_E629950B217BBB47 (person_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('ALTER TABLE sign_in ADD CONSTRAINT FK_E629950B217BBB47 FOREIGN KEY (person_id) REFERENCES person (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE person ADD version INT DEFAULT 1 NOT NULL, ADD one_time_until DATETIME DEFAULT NULL, '
            .'ADD pin_hash VARCHAR(255) DEFAULT NULL, ADD pin_tries INT DEFAULT 0 NOT NULL, ADD second_factor VARCHAR(64) DEFAULT NULL, '
            .'ADD second_factor_step INT DEFAULT 0 NOT NULL, ADD left_on DATE DEFAULT NULL');
        $this->addSql('ALTER TABLE person ALTER pin_tries DROP DEFAULT, ALTER second_factor_step DROP DEFAULT');
        $this->addSql('CREATE TABLE backup_made (id INT AUTO_INCREMENT NOT NULL, rehearsed_at DATETIME DEFAULT NULL, at DATETIME NOT NULL, '
            .'file VARCHAR(120) NOT NULL, bytes BIGINT NOT NULL, failure VARCHAR(500) DEFAULT NULL, INDEX IDX_654EF3D6A57FD3C (at), '
            .'PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        // Made anew in the background, and before a search.
        $this->addSql('DELETE FROM piece_text');
        $this->addSql('DROP INDEX IDX_3FE39C9E6A57FD3C ON piece_text');
        $this->addSql('ALTER TABLE piece_text DROP at');
        $this->addSql('DELETE FROM piece_mark');
        $this->addSql('ALTER TABLE piece_mark ADD at DATE NOT NULL');
        $this->addSql('CREATE INDEX IDX_64272A69C40FCFA83BAE0AA7 ON ledger_entry (piece_id, event)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE backup_made');
        $this->addSql('DROP INDEX IDX_64272A69C40FCFA83BAE0AA7 ON ledger_entry');
        $this->addSql('DELETE FROM piece_mark');
        $this->addSql('ALTER TABLE piece_mark DROP at');
        $this->addSql('DELETE FROM piece_text');
        $this->addSql('ALTER TABLE piece_text ADD at DATE NOT NULL, ADD INDEX IDX_3FE39C9E6A57FD3C (at)');
        $this->addSql('DROP TABLE sign_in');
        $this->addSql('ALTER TABLE person DROP version, DROP one_time_until, DROP pin_hash, DROP pin_tries, DROP second_factor, DROP second_factor_step, '
            .'DROP left_on');
    }
}
