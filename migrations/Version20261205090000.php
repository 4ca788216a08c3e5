<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Words to be found by at the counter are marks of their own, made anew in the background; steps of a piece lie in their order. */
final class Version20261205090000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Words to be found by at the counter are marks of their own, made anew in the background; steps of a piece lie in their order.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('DELETE FROM piece_text');
        $this->addSql('CREATE INDEX IDX_566F32CEC40FCFA8462CE4F5 ON plan_step (piece_id, position)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP INDEX IDX_566F32CEC40FCFA8462CE4F5 ON plan_step');
        $this->addSql("DELETE FROM piece_mark WHERE mark LIKE 'counter\\\\_%'");
    }
}
