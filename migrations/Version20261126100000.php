<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Proof, and return to service. */
final class Version20261126100000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE handover (checks TEXT NOT NULL, stop TEXT NOT NULL, despite TEXT NOT NULL, watch DATE DEFAULT NULL, '
                .'gone_at TIMESTAMP(0) WITH TIME ZONE DEFAULT NULL, by_whom VARCHAR(80) NOT NULL, id UUID NOT NULL, made_at '
                .'TIMESTAMP(0) WITH TIME ZONE NOT NULL, version INT DEFAULT 1 NOT NULL, case_id UUID NOT NULL, PRIMARY KEY (id))'
        );
        $this->addSql('CREATE UNIQUE INDEX UNIQ_8019E0D4CF10D4F5 ON handover (case_id)');
        $this->addSql(
            'CREATE TABLE proof_record (item VARCHAR(40) NOT NULL, outcome VARCHAR(10) NOT NULL, words TEXT NOT NULL, by_whom '
                .'VARCHAR(80) NOT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, case_id UUID NOT NULL, '
                .'PRIMARY KEY (id))'
        );
        $this->addSql('CREATE INDEX IDX_B308B371CF10D4F5 ON proof_record (case_id)');
        $this->addSql('CREATE INDEX IDX_B308B371CF10D4F51F1B251E ON proof_record (case_id, item)');
        $this->addSql(
            'ALTER TABLE handover ADD CONSTRAINT FK_8019E0D4CF10D4F5 FOREIGN KEY (case_id) REFERENCES case_file (id) ON DELETE '
                .'CASCADE NOT DEFERRABLE'
        );
        $this->addSql(
            'ALTER TABLE proof_record ADD CONSTRAINT FK_B308B371CF10D4F5 FOREIGN KEY (case_id) REFERENCES case_file (id) ON '
                .'DELETE CASCADE NOT DEFERRABLE'
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE proof_record');
        $this->addSql('DROP TABLE handover');
    }
}
