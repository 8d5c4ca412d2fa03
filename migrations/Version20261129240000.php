<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What lies on the shelf by size. */
final class Version20261129240000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Selective parts on the shelf';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE shelf_size (id UUID NOT NULL, by_person_id UUID DEFAULT NULL, family VARCHAR(60) NOT NULL, '
                .'selective VARCHAR(60) NOT NULL, size VARCHAR(20) NOT NULL, pieces SMALLINT NOT NULL, '
                .'made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, by_whom VARCHAR(80) NOT NULL, PRIMARY KEY (id), '
                .'CONSTRAINT shelf_size_not_below_nothing CHECK (pieces >= 0))',
        );
        $this->addSql('CREATE UNIQUE INDEX UNIQ_7F38B234A5E6215B9A777C47F7C0246A ON shelf_size (family, selective, size)');
        $this->addSql('CREATE INDEX IDX_7F38B234B5BE2AA2 ON shelf_size (by_person_id)');
        $this->addSql(
            'ALTER TABLE shelf_size ADD CONSTRAINT FK_shelf_size_person FOREIGN KEY (by_person_id) REFERENCES person (id) '
                .'ON DELETE RESTRICT NOT DEFERRABLE',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE shelf_size');
    }
}
