<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The steps and parts of a piece have a mark, which is another as soon as one of them is. */
final class Version20261208090000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The steps and parts of a piece have a mark, which is another as soon as one of them is.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE plan_mark (piece_id INT NOT NULL, mark VARCHAR(16) NOT NULL, PRIMARY KEY (piece_id)) DEFAULT CHARACTER SET utf8mb4');
        $this->addSql(
            'INSERT INTO plan_mark SELECT p.id, SUBSTRING(MD5(RAND()), 1, 16) FROM piece p WHERE p.finished_at IS NULL AND EXISTS (SELECT 1 FROM plan_step s '
                .'WHERE s.piece_id = p.id)',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE plan_mark');
    }
}
