<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What the book filled in is told from what was read on the unit. All that stands so far was read. */
final class Version20261129050000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What the book knows of a model is filled in, and marked';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE case_file ADD from_book JSON DEFAULT '[]' NOT NULL");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE case_file DROP from_book');
    }
}
