<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Responsibility in shares. */
final class Version20261126040000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE verdict ADD shares JSON DEFAULT '[]' NOT NULL");
        $this->addSql('ALTER TABLE verdict ALTER shares DROP DEFAULT');
        $this->addSql("ALTER TABLE verdict ADD shares_for VARCHAR(64) DEFAULT '' NOT NULL");
        $this->addSql('ALTER TABLE verdict ALTER shares_for DROP DEFAULT');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE verdict DROP shares');
        $this->addSql('ALTER TABLE verdict DROP shares_for');
    }
}
