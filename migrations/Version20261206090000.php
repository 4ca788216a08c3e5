<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** From piece to piece: what was done last is read from the index alone. */
final class Version20261206090000 extends AbstractMigration
{
    private const NAME = 'IDX_566F32CE1C3D15657B00651CB1BDD6CB9740C9D5A06B4AA3C4E34950D46';
    private const COLUMNS = 'ended_at, status, phase, started_by_id, minutes, worked_seconds, started_at';

    public function getDescription(): string
    {
        return 'From piece to piece: what was done last is read from the index alone.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('DROP INDEX '.self::NAME.' ON plan_step');
        $this->addSql('CREATE INDEX '.self::NAME.' ON plan_step ('.self::COLUMNS.', piece_id)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP INDEX '.self::NAME.' ON plan_step');
        $this->addSql('CREATE INDEX '.self::NAME.' ON plan_step ('.self::COLUMNS.')');
    }
}
