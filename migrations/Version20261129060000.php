<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What was found says which look before a part came off it answers. */
final class Version20261129060000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Looks before a part comes off have their answers';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE finding ADD asked VARCHAR(500) DEFAULT '' NOT NULL");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE finding DROP asked');
    }
}
