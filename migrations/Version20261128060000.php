<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The timetable is called what it is. */
final class Version20261128060000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The timetable has a table of its name.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('RENAME TABLE ahead TO timetable');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('RENAME TABLE timetable TO ahead');
    }
}
