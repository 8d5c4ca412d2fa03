<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Test stands, runs as they come, and what is read in the proof. */
final class Version20261126120000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE live_lot (number INT NOT NULL, lines TEXT NOT NULL, points JSONB NOT NULL, id UUID NOT NULL, made_at '
                .'TIMESTAMP(0) WITH TIME ZONE NOT NULL, run_id UUID NOT NULL, PRIMARY KEY (id))'
        );
        $this->addSql('CREATE INDEX IDX_174F9AB784E3FEC4 ON live_lot (run_id)');
        $this->addSql('CREATE UNIQUE INDEX UNIQ_174F9AB784E3FEC496901F54 ON live_lot (run_id, number)');
        $this->addSql(
            'CREATE TABLE live_run (head TEXT NOT NULL, units JSONB NOT NULL, first_row DOUBLE PRECISION NOT NULL, last_row '
                .'DOUBLE PRECISION NOT NULL, nr_of_rows INT NOT NULL, heard_at TIMESTAMP(0) WITH TIME ZONE DEFAULT NULL, by_whom '
                .'VARCHAR(80) NOT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, case_id UUID NOT NULL, '
                .'stand_id UUID NOT NULL, PRIMARY KEY (id))'
        );
        $this->addSql('CREATE INDEX IDX_4CB8176CCF10D4F5 ON live_run (case_id)');
        $this->addSql('CREATE UNIQUE INDEX UNIQ_4CB8176C9734D487 ON live_run (stand_id)');
        $this->addSql(
            'CREATE TABLE test_stand (expanded JSONB NOT NULL, token_hash VARCHAR(64) DEFAULT NULL, name VARCHAR(80) NOT NULL, '
                .'id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, version INT DEFAULT 1 NOT NULL, PRIMARY KEY (id))'
        );
        $this->addSql('CREATE UNIQUE INDEX UNIQ_6F67BEBDB3BC57DA ON test_stand (token_hash)');
        $this->addSql('CREATE UNIQUE INDEX UNIQ_6F67BEBD5E237E06 ON test_stand (name)');
        $this->addSql(
            'ALTER TABLE live_lot ADD CONSTRAINT FK_174F9AB784E3FEC4 FOREIGN KEY (run_id) REFERENCES live_run (id) ON DELETE '
                .'CASCADE NOT DEFERRABLE'
        );
        $this->addSql(
            'ALTER TABLE live_run ADD CONSTRAINT FK_4CB8176CCF10D4F5 FOREIGN KEY (case_id) REFERENCES case_file (id) ON DELETE '
                .'CASCADE NOT DEFERRABLE'
        );
        $this->addSql(
            'ALTER TABLE live_run ADD CONSTRAINT FK_4CB8176C9734D487 FOREIGN KEY (stand_id) REFERENCES test_stand (id) ON DELETE '
                .'CASCADE NOT DEFERRABLE'
        );
        $this->addSql("ALTER TABLE stand_recording ADD stand VARCHAR(80) DEFAULT '' NOT NULL");
        $this->addSql('ALTER TABLE stand_recording ADD flow_u DOUBLE PRECISION DEFAULT 0 NOT NULL');
        $this->addSql("ALTER TABLE proof_record ADD readings JSONB DEFAULT '[]' NOT NULL");
        $this->addSql("ALTER TABLE proof_record ADD stand VARCHAR(80) DEFAULT '' NOT NULL");
        $this->addSql('ALTER TABLE stand_recording ALTER stand DROP DEFAULT');
        $this->addSql('ALTER TABLE stand_recording ALTER flow_u DROP DEFAULT');
        $this->addSql('ALTER TABLE proof_record ALTER readings DROP DEFAULT');
        $this->addSql('ALTER TABLE proof_record ALTER stand DROP DEFAULT');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE live_lot');
        $this->addSql('DROP TABLE live_run');
        $this->addSql('DROP TABLE test_stand');
        $this->addSql('ALTER TABLE stand_recording DROP stand');
        $this->addSql('ALTER TABLE stand_recording DROP flow_u');
        $this->addSql('ALTER TABLE proof_record DROP readings');
        $this->addSql('ALTER TABLE proof_record DROP stand');
    }
}
