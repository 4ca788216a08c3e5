<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What is looked up daily is found without walking through years; health has a row to write. */
final class Version20261128210000 extends AbstractMigration
{
    private const INDEXES = [
        'IDX_16DB4F89D12A0B2' => ['picture', 'digest'],
        'IDX_566F32CE4FB96E6A' => ['plan_step', 'full_at'],
        'IDX_44CA0B2335CE7A2D' => ['piece', 'finished_at'],
        'IDX_97A0ADA381398E09' => ['ticket', 'customer'],
        'IDX_97A0ADA3F533DEEF' => ['ticket', 'rush'],
    ];

    public function getDescription(): string
    {
        return 'Indexes for what is looked up daily, and the row that health writes.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE write_probe (id INT NOT NULL, at DATETIME NOT NULL, PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4');
        foreach (self::INDEXES as $name => [$table, $column]) {
            $this->addSql("CREATE INDEX $name ON $table ($column)");
        }
    }

    public function down(Schema $schema): void
    {
        foreach (self::INDEXES as $name => [$table]) {
            $this->addSql("DROP INDEX $name ON $table");
        }
        $this->addSql('DROP TABLE write_probe');
    }
}
