<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What was searched for at a strip step, and books that the shop wrote itself. */
final class Version20261125210000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE step_record ADD searched JSONB DEFAULT '[]' NOT NULL");
        $this->addSql('ALTER TABLE step_record ALTER searched DROP DEFAULT');
        $this->addSql(
            'CREATE TABLE shop_book (ended_at TIMESTAMP(0) WITH TIME ZONE DEFAULT NULL, book VARCHAR(60) NOT NULL, text TEXT NOT '
                .'NULL, content JSON NOT NULL, by_whom VARCHAR(80) NOT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE '
                .'NOT NULL, PRIMARY KEY (id))'
        );
        // Two people who save the same book at once do not both stand on the shelf.
        $this->addSql('CREATE UNIQUE INDEX shop_book_in_force ON shop_book (book) WHERE ended_at IS NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE shop_book');
        $this->addSql('ALTER TABLE step_record DROP searched');
    }
}
