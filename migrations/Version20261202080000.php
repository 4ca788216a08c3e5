<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Archives of everything and of one piece, and visits that were in another workshop. */
final class Version20261202080000 extends AbstractMigration
{
    private const TWICE = [
        'agreement' => 'IDX_2E655A24C40FCFA8BF396750', 'ledger_entry' => 'IDX_64272A69C40FCFA8BF396750',
        'measured_outline' => 'IDX_C1166F4DC40FCFA8BF396750', 'offer' => 'IDX_29D6873EC40FCFA8BF396750',
    ];

    public function getDescription(): string
    {
        return 'Archives of everything and of one piece, and visits that were in another workshop.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE ticket ADD elsewhere VARCHAR(120) DEFAULT '' NOT NULL");
        $this->addSql('CREATE TABLE archive_taken (ended_at DATETIME DEFAULT NULL, digest VARCHAR(64) NOT NULL, kind VARCHAR(40) NOT NULL, up_to INT NOT NULL, '
            .'PRIMARY KEY (digest)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE TABLE archive_made (id INT AUTO_INCREMENT NOT NULL, what VARCHAR(20) NOT NULL, done INT NOT NULL, total INT NOT NULL, '
            .'ended_at DATETIME DEFAULT NULL, failure VARCHAR(500) DEFAULT NULL, bytes BIGINT NOT NULL, asked_at DATETIME NOT NULL, by_id INT NOT NULL, '
            .'INDEX IDX_AD71BC3AAAE72004 (by_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('ALTER TABLE archive_made ADD CONSTRAINT FK_AD71BC3AAAE72004 FOREIGN KEY (by_id) REFERENCES person (id)');
        $this->addSql('CREATE TABLE account_note (id INT AUTO_INCREMENT NOT NULL, seen_at DATETIME DEFAULT NULL, what VARCHAR(20) NOT NULL, '
            .'device VARCHAR(60) NOT NULL, at DATETIME NOT NULL, person_id INT NOT NULL, INDEX IDX_432E7DBE217BBB47DE907562 (person_id, seen_at), '
            .'INDEX IDX_432E7DBE217BBB47 (person_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('ALTER TABLE account_note ADD CONSTRAINT FK_432E7DBE217BBB47 FOREIGN KEY (person_id) REFERENCES person (id) ON DELETE CASCADE');
        // The number of a row is at the end of every index anyway.
        foreach (self::TWICE as $table => $index) {
            $this->addSql("ALTER TABLE $table DROP INDEX $index");
        }
    }

    public function down(Schema $schema): void
    {
        foreach (self::TWICE as $table => $index) {
            $this->addSql("CREATE INDEX $index ON $table (piece_id, id)");
        }
        $this->addSql('DROP TABLE account_note');
        $this->addSql('DROP TABLE archive_made');
        $this->addSql('DROP TABLE archive_taken');
        $this->addSql('ALTER TABLE ticket DROP elsewhere');
    }
}
