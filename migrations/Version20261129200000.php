<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** A shop keeps its own limits of the proof. */
final class Version20261129200000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Own limits of the proof';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE proof_limit (id UUID NOT NULL, ended_at TIMESTAMP(0) WITH TIME ZONE DEFAULT NULL, family VARCHAR(60) NOT NULL, '
                .'step VARCHAR(80) NOT NULL, what VARCHAR(120) NOT NULL, least VARCHAR(40) NOT NULL, most VARCHAR(40) NOT NULL, '
                .'source VARCHAR(200) NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, by_whom VARCHAR(80) NOT NULL, '
                .'by_person_id UUID DEFAULT NULL, PRIMARY KEY (id))',
        );
        $this->addSql('CREATE INDEX IDX_41029658A5E6215B ON proof_limit (family)');
        $this->addSql('CREATE INDEX IDX_41029658B5BE2AA2 ON proof_limit (by_person_id)');
        $this->addSql(
            'ALTER TABLE proof_limit ADD CONSTRAINT FK_41029658B5BE2AA2 FOREIGN KEY (by_person_id) REFERENCES person (id) '
                .'ON DELETE RESTRICT NOT DEFERRABLE',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE proof_limit');
    }
}
