<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Where a damage lies and whether its twins are sound, what debris is like, and what was seen of the fluid as the unit came. */
final class Version20261130060000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Side and twins of a find, and the fluid on arrival';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE finding ADD lies VARCHAR(20) DEFAULT NULL');
        $this->addSql('ALTER TABLE finding ADD twins VARCHAR(5) DEFAULT NULL');
        $this->addSql('ALTER TABLE finding ADD lay_amount VARCHAR(10) DEFAULT NULL');
        $this->addSql('ALTER TABLE finding ADD lay_shape VARCHAR(20) DEFAULT NULL');
        $this->addSql('ALTER TABLE finding ADD lay_magnetic BOOLEAN DEFAULT NULL');
        $this->addSql("ALTER TABLE finding ADD lay_size VARCHAR(40) DEFAULT '' NOT NULL");
        $this->addSql("ALTER TABLE finding ADD lay_sample VARCHAR(200) DEFAULT '' NOT NULL");
        $this->addSql("ALTER TABLE arrival ADD fluid JSONB DEFAULT '[]' NOT NULL");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE finding DROP lies');
        $this->addSql('ALTER TABLE finding DROP twins');
        foreach (['amount', 'shape', 'magnetic', 'size', 'sample'] as $column) {
            $this->addSql('ALTER TABLE finding DROP lay_'.$column);
        }
        $this->addSql('ALTER TABLE arrival DROP fluid');
    }
}
