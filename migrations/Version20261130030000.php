<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What a statement says of the unit, so that the engine can weigh it. */
final class Version20261130030000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What a statement means';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE statement ADD means VARCHAR(60) DEFAULT NULL');
        $this->addSql('ALTER TABLE statement ADD means_not BOOLEAN DEFAULT false NOT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE statement DROP means');
        $this->addSql('ALTER TABLE statement DROP means_not');
    }
}
