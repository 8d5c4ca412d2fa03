<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** A report is made whole, or as a copy for the customer or the supplier. */
final class Version20261130180000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Copies of a report for the customer and the supplier';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE report ADD made_for VARCHAR(10) DEFAULT 'whole' NOT NULL");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE report DROP made_for');
    }
}
