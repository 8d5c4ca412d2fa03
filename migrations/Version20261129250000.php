<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What tells a unit from others of its family. */
final class Version20261129250000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Version and year of a unit';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            "ALTER TABLE case_file ADD version_index VARCHAR(20) DEFAULT '' NOT NULL, ADD built VARCHAR(4) DEFAULT '' NOT NULL",
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE case_file DROP version_index, DROP built');
    }
}
