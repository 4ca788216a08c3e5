<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What was learned is read from the newest on: no index leads the database to sort all of it first. */
final class Version20261203090000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What was learned is read from the newest on: no index leads the database to sort all of it first.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('DROP INDEX IDX_C615710F444912F3BC4BCD9 ON evidence');
        $this->addSql('CREATE INDEX IDX_C615710F444912F ON evidence (set_aside)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP INDEX IDX_C615710F444912F ON evidence');
        $this->addSql('CREATE INDEX IDX_C615710F444912F3BC4BCD9 ON evidence (set_aside, kind)');
    }
}
