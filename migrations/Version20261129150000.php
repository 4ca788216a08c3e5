<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What is done waits on a shelf until it is collected. */
final class Version20261129150000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The ready shelf, and collecting.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE collection (id INT AUTO_INCREMENT NOT NULL, pieces JSON NOT NULL, taken_by VARCHAR(120) NOT NULL, '
            .'paid VARCHAR(10) NOT NULL, amount_cents INT DEFAULT NULL, how VARCHAR(40) NOT NULL, note VARCHAR(400) NOT NULL, '
            .'at DATETIME NOT NULL, ticket_id INT NOT NULL, '
            .'person_id INT NOT NULL, INDEX IDX_FC4D6532700047D2 (ticket_id), INDEX IDX_FC4D6532217BBB47 (person_id), PRIMARY KEY (id)) '
            .'DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('ALTER TABLE collection ADD CONSTRAINT FK_FC4D6532700047D2 FOREIGN KEY (ticket_id) REFERENCES ticket (id)');
        $this->addSql('ALTER TABLE collection ADD CONSTRAINT FK_FC4D6532217BBB47 FOREIGN KEY (person_id) REFERENCES person (id)');
        $this->addSql('ALTER TABLE piece ADD collected_at DATETIME DEFAULT NULL, ADD shelf VARCHAR(40) NOT NULL');
        $this->addSql('ALTER TABLE ticket ADD told_at DATETIME DEFAULT NULL');
        // What was done until now was handed over with it.
        $this->addSql('UPDATE piece SET collected_at = finished_at');
        $this->addSql('CREATE INDEX IDX_44CA0B238DA72570 ON piece (collected_at)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE collection');
        $this->addSql('DROP INDEX IDX_44CA0B238DA72570 ON piece');
        $this->addSql('ALTER TABLE piece DROP collected_at, DROP shelf');
        $this->addSql('ALTER TABLE ticket DROP told_at');
    }
}
