<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Claims, their life and their papers. */
final class Version20261126070000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE claim (addressee TEXT NOT NULL, their_reference VARCHAR(80) NOT NULL, statement TEXT NOT NULL, costs '
                .'JSONB NOT NULL, answers JSONB NOT NULL, answer_by DATE DEFAULT NULL, nr SMALLINT NOT NULL, policy VARCHAR(60) NOT '
                .'NULL, by_whom VARCHAR(80) NOT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, version INT '
                .'DEFAULT 1 NOT NULL, case_id UUID NOT NULL, PRIMARY KEY (id))'
        );
        $this->addSql('CREATE INDEX IDX_A769DE27CF10D4F5 ON claim (case_id)');
        $this->addSql('CREATE UNIQUE INDEX UNIQ_A769DE27CF10D4F54AC44C6 ON claim (case_id, nr)');
        $this->addSql(
            'CREATE TABLE claim_move (state VARCHAR(16) NOT NULL, day DATE NOT NULL, words TEXT NOT NULL, amount VARCHAR(40) NOT '
                .'NULL, by_whom VARCHAR(80) NOT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, papers_id UUID '
                .'DEFAULT NULL, claim_id UUID NOT NULL, PRIMARY KEY (id))'
        );
        $this->addSql('CREATE INDEX IDX_A131A05CDD229963 ON claim_move (papers_id)');
        $this->addSql('CREATE INDEX IDX_A131A05C7096A49F ON claim_move (claim_id)');
        $this->addSql(
            'CREATE TABLE claim_papers (version INT NOT NULL, bundle VARCHAR(64) DEFAULT NULL, bundle_bytes INT DEFAULT NULL, '
                .'base VARCHAR(200) NOT NULL, by_whom VARCHAR(80) NOT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT '
                .'NULL, state VARCHAR(10) NOT NULL, doing VARCHAR(120) NOT NULL, percent SMALLINT NOT NULL, hash VARCHAR(64) DEFAULT '
                .'NULL, bytes INT DEFAULT NULL, error TEXT NOT NULL, touched_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, claim_id UUID '
                .'NOT NULL, PRIMARY KEY (id))'
        );
        $this->addSql('CREATE INDEX IDX_7017C9747096A49F ON claim_papers (claim_id)');
        $this->addSql(
            'ALTER TABLE claim ADD CONSTRAINT FK_A769DE27CF10D4F5 FOREIGN KEY (case_id) REFERENCES case_file (id) ON DELETE '
                .'CASCADE NOT DEFERRABLE'
        );
        $this->addSql(
            'ALTER TABLE claim_move ADD CONSTRAINT FK_A131A05CDD229963 FOREIGN KEY (papers_id) REFERENCES claim_papers (id) NOT DEFERRABLE'
        );
        $this->addSql(
            'ALTER TABLE claim_move ADD CONSTRAINT FK_A131A05C7096A49F FOREIGN KEY (claim_id) REFERENCES claim (id) ON DELETE '
                .'CASCADE NOT DEFERRABLE'
        );
        $this->addSql(
            'ALTER TABLE claim_papers ADD CONSTRAINT FK_7017C9747096A49F FOREIGN KEY (claim_id) REFERENCES claim (id) ON DELETE '
                .'CASCADE NOT DEFERRABLE'
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE claim_move');
        $this->addSql('DROP TABLE claim_papers');
        $this->addSql('DROP TABLE claim');
    }
}
