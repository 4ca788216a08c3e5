<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Which machine has the turn, where several stand beside each other. */
final class Version20261203080000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Which machine has the turn, where several stand beside each other.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE lock_keys (key_id VARCHAR(64) NOT NULL, key_token VARCHAR(44) NOT NULL, key_expiration INT UNSIGNED NOT NULL, '
            .'PRIMARY KEY (key_id)) DEFAULT CHARACTER SET utf8mb4');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE lock_keys');
    }
}
