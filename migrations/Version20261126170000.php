<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The bench as it was last shown to each person. */
final class Version20261126170000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The bench as it was last shown.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE bench_shown (person_id INT NOT NULL, asked INT NOT NULL, until BIGINT NOT NULL, body MEDIUMTEXT NOT NULL, PRIMARY KEY '
            .'(person_id)) DEFAULT CHARACTER SET utf8mb4');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE bench_shown');
    }
}
