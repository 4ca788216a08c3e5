<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What the timetable was reckoned from, so that only what has changed since is placed anew; pots of any size, for the coats of a plan, judged by eye too. */
final class Version20261130000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What the timetable was reckoned from; pots of any size, for the coats of a plan, judged by eye too.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE timetable ADD marks JSON NOT NULL DEFAULT '[]', ADD hours VARCHAR(64) NOT NULL DEFAULT ''");
        $this->addSql("ALTER TABLE pot ADD places JSON NOT NULL DEFAULT '[]', ADD planned TINYINT(1) NOT NULL DEFAULT 0, ADD plan_ml DOUBLE PRECISION NOT NULL "
            .'DEFAULT 0, ADD plan_coats INT NOT NULL DEFAULT 0, ADD room INT DEFAULT NULL, ADD laid_ml DOUBLE PRECISION NOT NULL DEFAULT 0');
        $this->addSql("ALTER TABLE piece ADD terms_dyes JSON NOT NULL DEFAULT '[]'");
        $this->addSql('ALTER TABLE product ADD shown JSON DEFAULT NULL');
        $this->addSql('ALTER TABLE pot_event ADD eye JSON DEFAULT NULL, ADD ml DOUBLE PRECISION NOT NULL DEFAULT 0, ADD step_id INT DEFAULT NULL');
        $this->addSql('CREATE INDEX IDX_712D6CC73B21E9C ON pot_event (step_id)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP INDEX IDX_712D6CC73B21E9C ON pot_event');
        $this->addSql('ALTER TABLE product DROP shown');
        $this->addSql('ALTER TABLE piece DROP terms_dyes');
        $this->addSql('ALTER TABLE pot_event DROP eye, DROP ml, DROP step_id');
        $this->addSql('ALTER TABLE pot DROP places, DROP planned, DROP plan_ml, DROP plan_coats, DROP room, DROP laid_ml');
        $this->addSql('ALTER TABLE timetable DROP marks, DROP hours');
    }
}
