<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What a person may do by his papers, and what was found beyond what was complained of. */
final class Version20261129260000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Certificates of people; findings beyond the complaint';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE person ADD certificates VARCHAR(500) DEFAULT '' NOT NULL");
        $this->addSql('ALTER TABLE finding ADD beyond BOOLEAN DEFAULT false NOT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE finding DROP beyond');
        $this->addSql('ALTER TABLE person DROP certificates');
    }
}
