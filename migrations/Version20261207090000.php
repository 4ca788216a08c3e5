<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What is still to be laid is read from the index alone. */
final class Version20261207090000 extends AbstractMigration
{
    private const BEFORE = 'IDX_566F32CEC40FCFA87B00651CB1BDD6CBA5E6215B';
    private const AFTER = 'IDX_566F32CEC40FCFA87B00651CB1BDD6CBA5E6215BF39E288DB02F17718EA';
    private const COLUMNS = 'piece_id, status, phase, family';

    public function getDescription(): string
    {
        return 'What is still to be laid is read from the index alone.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE INDEX '.self::AFTER.' ON plan_step ('.self::COLUMNS.', shade, applicator, amount)');
        $this->addSql('DROP INDEX '.self::BEFORE.' ON plan_step');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('CREATE INDEX '.self::BEFORE.' ON plan_step ('.self::COLUMNS.')');
        $this->addSql('DROP INDEX '.self::AFTER.' ON plan_step');
    }
}
