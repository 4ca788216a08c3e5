<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The shelf as it was last read; what was taken of late is found without the rest. */
final class Version20261129230000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The shelf as it was last read.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE shelf_shown (id INT NOT NULL, mark VARCHAR(64) NOT NULL, body MEDIUMTEXT NOT NULL, PRIMARY KEY (id)) '
            .'DEFAULT CHARACTER SET utf8mb4');
        $this->addSql('CREATE INDEX IDX_7B12A9386A57FD3C ON lot_move (at)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP INDEX IDX_7B12A9386A57FD3C ON lot_move');
        $this->addSql('DROP TABLE shelf_shown');
    }
}
