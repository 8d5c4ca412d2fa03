<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Theories that are scored and answered. */
final class Version20261126010000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE theory (words TEXT NOT NULL, spot VARCHAR(160) NOT NULL, by_whom VARCHAR(80) NOT NULL, id UUID NOT '
                .'NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, case_id UUID NOT NULL, PRIMARY KEY (id))'
        );
        $this->addSql('CREATE INDEX IDX_F3908B38CF10D4F5 ON theory (case_id)');
        $this->addSql(
            'ALTER TABLE theory ADD CONSTRAINT FK_F3908B38CF10D4F5 FOREIGN KEY (case_id) REFERENCES case_file (id) ON DELETE '
                .'CASCADE NOT DEFERRABLE'
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE theory');
    }
}
