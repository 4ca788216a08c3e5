<?php

declare(strict_types=1);

namespace KindHeel\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What an owner wishes of a part beside aim, shine and patina, and the colour that a recolour is to bring. */
final class Version20261129060000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Wishes for a part, and the new colour of a recolour.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE piece ADD new_shade VARCHAR(20) DEFAULT NULL, ADD terms_one_half_only TINYINT(1) DEFAULT 0 NOT NULL');
        $this->addSql('ALTER TABLE piece ALTER terms_one_half_only DROP DEFAULT');
        $this->addSql('ALTER TABLE piece_part ADD new_shade VARCHAR(20) DEFAULT NULL, ADD wishes JSON NOT NULL');
        $this->addSql("UPDATE piece_part SET wishes = '[]'");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE piece DROP new_shade, DROP terms_one_half_only');
        $this->addSql('ALTER TABLE piece_part DROP new_shade, DROP wishes');
    }
}
