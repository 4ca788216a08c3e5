<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Offers with the terms they were reckoned by, what was found beside, invoices. */
final class Version20261129210000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Price terms, offers, supplements, invoices.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE price_terms (id INT AUTO_INCREMENT NOT NULL, terms JSON NOT NULL, at DATETIME NOT NULL, by_id INT NOT NULL, '
            .'INDEX IDX_A36B3711AAE72004 (by_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE offer (id INT AUTO_INCREMENT NOT NULL, chosen VARCHAR(20) DEFAULT NULL, left_alone TINYINT NOT NULL, chosen_at '
            .'DATETIME DEFAULT NULL, gross_cents INT DEFAULT NULL, net_cents INT DEFAULT NULL, minutes INT DEFAULT NULL, assessed INT NOT NULL, '
            .'meaning VARCHAR(10) NOT NULL, ways JSON NOT NULL, at DATETIME NOT NULL, piece_id INT NOT NULL, terms_id INT DEFAULT NULL, by_id INT NOT NULL, '
            .'INDEX IDX_29D6873EC40FCFA8BF396750 (piece_id, id), INDEX IDX_29D6873EC40FCFA8 (piece_id), INDEX IDX_29D6873E53742F27 '
            .'(terms_id), INDEX IDX_29D6873EAAE72004 (by_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE invoice (id INT AUTO_INCREMENT NOT NULL, paid_at DATETIME DEFAULT NULL, how VARCHAR(40) NOT NULL, number INT '
            .'NOT NULL, customer VARCHAR(120) NOT NULL, currency VARCHAR(3) NOT NULL, tax_share VARCHAR(8) NOT NULL, written JSON NOT '
            .'NULL, net_cents INT NOT NULL, tax_cents INT NOT NULL, gross_cents INT NOT NULL, at DATETIME NOT NULL, ticket_id INT NOT '
            .'NULL, by_id INT NOT NULL, UNIQUE INDEX UNIQ_9065174496901F54 (number), UNIQUE INDEX UNIQ_90651744700047D2 (ticket_id), INDEX '
            .'IDX_90651744AAE72004 (by_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE supplement (id INT AUTO_INCREMENT NOT NULL, agreed TINYINT DEFAULT NULL, answered_by VARCHAR(120) NOT NULL, how '
            .'VARCHAR(40) NOT NULL, answered_at DATETIME DEFAULT NULL, strokes JSON NOT NULL, what VARCHAR(300) NOT NULL, minutes INT NOT '
            .'NULL, gross_cents INT NOT NULL, ready_at DATETIME DEFAULT NULL, at DATETIME NOT NULL, piece_id INT NOT NULL, by_id INT NOT '
            .'NULL, INDEX IDX_15A73C9C40FCFA8 (piece_id), INDEX IDX_15A73C9AAE72004 (by_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET '
            .'utf8mb4');
        $this->addSql('ALTER TABLE offer ADD CONSTRAINT FK_29D6873EC40FCFA8 FOREIGN KEY (piece_id) REFERENCES piece (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE offer ADD CONSTRAINT FK_29D6873E53742F27 FOREIGN KEY (terms_id) REFERENCES price_terms (id)');
        $this->addSql('ALTER TABLE offer ADD CONSTRAINT FK_29D6873EAAE72004 FOREIGN KEY (by_id) REFERENCES person (id)');
        $this->addSql('ALTER TABLE price_terms ADD CONSTRAINT FK_A36B3711AAE72004 FOREIGN KEY (by_id) REFERENCES person (id)');
        $this->addSql('ALTER TABLE invoice ADD CONSTRAINT FK_90651744700047D2 FOREIGN KEY (ticket_id) REFERENCES ticket (id)');
        $this->addSql('ALTER TABLE invoice ADD CONSTRAINT FK_90651744AAE72004 FOREIGN KEY (by_id) REFERENCES person (id)');
        $this->addSql('ALTER TABLE supplement ADD CONSTRAINT FK_15A73C9C40FCFA8 FOREIGN KEY (piece_id) REFERENCES piece (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE supplement ADD CONSTRAINT FK_15A73C9AAE72004 FOREIGN KEY (by_id) REFERENCES person (id)');
        $this->addSql('ALTER TABLE piece ADD usual_job_id INT DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        foreach (['invoice', 'supplement', 'offer', 'price_terms'] as $table) {
            $this->addSql('DROP TABLE '.$table);
        }
        $this->addSql('ALTER TABLE piece DROP usual_job_id');
    }
}
