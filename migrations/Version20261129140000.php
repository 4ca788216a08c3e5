<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What somebody did to a step, and how it was before. */
final class Version20261129140000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Acts on steps, to take back.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE step_act (id INT AUTO_INCREMENT NOT NULL, taken_back TINYINT NOT NULL, stays VARCHAR(120) DEFAULT NULL, '
            .'brought JSON NOT NULL, step_id INT NOT NULL, event VARCHAR(20) NOT NULL, '
            .'at DATETIME NOT NULL, was JSON NOT NULL, evidence_id INT DEFAULT NULL, person_id INT NOT NULL, '
            .'INDEX IDX_3DF2F0A6217BBB47C7082FC76A57FD3C (person_id, taken_back, at), INDEX IDX_3DF2F0A673B21E9CC7082FC7 (step_id, taken_back), '
            .'INDEX IDX_3DF2F0A66A57FD3C (at), INDEX IDX_3DF2F0A6B528FC11 (evidence_id), INDEX IDX_3DF2F0A6217BBB47 (person_id), '
            .'PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('ALTER TABLE step_act ADD CONSTRAINT FK_3DF2F0A6B528FC11 FOREIGN KEY (evidence_id) REFERENCES evidence (id) ON DELETE SET NULL');
        $this->addSql('ALTER TABLE step_act ADD CONSTRAINT FK_3DF2F0A6217BBB47 FOREIGN KEY (person_id) REFERENCES person (id)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE step_act');
    }
}
