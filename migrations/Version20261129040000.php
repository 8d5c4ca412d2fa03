<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** A look that was one of many in one act says so. Looks of before were looks of their own. */
final class Version20261129040000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The rest is clean, in one act';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE finding ADD swept_with SMALLINT DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE finding DROP swept_with');
    }
}
