<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The whole craft: schools of the workshop, terms of a plan, what a step needs besides its product, what was overridden. */
final class Version20261126030000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Schools, terms of a plan, supplies and overrides of its steps.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE workshop_school (school VARCHAR(20) NOT NULL, side VARCHAR(30) NOT NULL, PRIMARY KEY (school)) DEFAULT CHARACTER SET '
            .'utf8mb4');
        $this->addSql('ALTER TABLE piece ADD terms_schools JSON NOT NULL, ADD terms_exclude JSON NOT NULL, ADD terms_ready_by DATETIME DEFAULT NULL, ADD '
            .'terms_by_hand TINYINT NOT NULL');
        $this->addSql("UPDATE piece SET terms_schools = '[]', terms_exclude = '[]'");
        $this->addSql('ALTER TABLE plan_step ADD tries JSON NOT NULL, ADD supplies JSON NOT NULL, ADD station VARCHAR(10) NOT NULL, ADD cautions JSON NOT '
            .'NULL, ADD overrides JSON NOT NULL, CHANGE how how VARCHAR(600) NOT NULL, CHANGE why why VARCHAR(600) NOT NULL, CHANGE title title '
            .'VARCHAR(250) NOT NULL');
        $this->addSql("UPDATE plan_step SET tries = '[]', supplies = '[]', station = 'bench', cautions = '[]', overrides = '[]'");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE workshop_school');
        $this->addSql('ALTER TABLE piece DROP terms_schools, DROP terms_exclude, DROP terms_ready_by, DROP terms_by_hand');
        $this->addSql('ALTER TABLE plan_step DROP tries, DROP supplies, DROP station, DROP cautions, DROP overrides, CHANGE how how VARCHAR(400) NOT NULL, '
            .'CHANGE why why VARCHAR(400) NOT NULL, CHANGE title title VARCHAR(160) NOT NULL');
    }
}
