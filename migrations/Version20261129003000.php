<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What still cures is found among hundreds of thousands of steps that never dry: those have no hour of their own either. */
final class Version20261129003000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'An index for the coats that still cure.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('DROP INDEX IDX_566F32CE4FB96E6A ON plan_step');
        $this->addSql('CREATE INDEX IDX_566F32CE4FB96E6A2EE440DF ON plan_step (full_at, drying_family)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP INDEX IDX_566F32CE4FB96E6A2EE440DF ON plan_step');
        $this->addSql('CREATE INDEX IDX_566F32CE4FB96E6A ON plan_step (full_at)');
    }
}
