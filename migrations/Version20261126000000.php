<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Clips and sounds, stills taken from them, and the reference collection. */
final class Version20261126000000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        foreach ([
            'CREATE TABLE reference (grade SMALLINT NOT NULL, mode VARCHAR(40) DEFAULT NULL, words VARCHAR(300) NOT NULL, '
                .'by_whom VARCHAR(80) NOT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, photo_id UUID NOT '
                .'NULL, PRIMARY KEY (id))',
            'CREATE UNIQUE INDEX UNIQ_AEA349137E9E4C8C ON reference (photo_id)',
            'CREATE TABLE clip (caption VARCHAR(200) NOT NULL, said TEXT NOT NULL, by_whom VARCHAR(80) NOT NULL, clock_ahead '
                .'SMALLINT NOT NULL, type VARCHAR(30) NOT NULL, seconds DOUBLE PRECISION NOT NULL, width INT NOT NULL, height INT NOT '
                .'NULL, recorded_at TIMESTAMP(0) WITH TIME ZONE DEFAULT NULL, hash CHAR(64) NOT NULL, bytes BIGINT NOT NULL, part '
                .'VARCHAR(60) DEFAULT NULL, stage VARCHAR(10) NOT NULL, original_name VARCHAR(255) NOT NULL, id UUID NOT NULL, '
                .'made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, version INT DEFAULT 1 NOT NULL, finding_id UUID DEFAULT NULL, case_id '
                .'UUID NOT NULL, PRIMARY KEY (id))',
            'CREATE INDEX IDX_AD2014674323B5E7 ON clip (finding_id)',
            'CREATE INDEX IDX_AD201467CF10D4F5 ON clip (case_id)',
            'CREATE UNIQUE INDEX UNIQ_AD201467CF10D4F5D1B862B8 ON clip (case_id, hash)',
            'ALTER TABLE reference ADD CONSTRAINT FK_AEA349137E9E4C8C FOREIGN KEY (photo_id) REFERENCES photo (id) ON DELETE '
                .'CASCADE NOT DEFERRABLE',
            'ALTER TABLE clip ADD CONSTRAINT FK_AD2014674323B5E7 FOREIGN KEY (finding_id) REFERENCES finding (id) ON DELETE SET '
                .'NULL NOT DEFERRABLE',
            'ALTER TABLE clip ADD CONSTRAINT FK_AD201467CF10D4F5 FOREIGN KEY (case_id) REFERENCES case_file (id) ON DELETE '
                .'CASCADE NOT DEFERRABLE',
            'ALTER TABLE photo ADD second DOUBLE PRECISION DEFAULT NULL',
            'ALTER TABLE photo ADD clip_id UUID DEFAULT NULL',
            'ALTER TABLE photo ADD CONSTRAINT FK_14B784183E19EFA5 FOREIGN KEY (clip_id) REFERENCES clip (id) ON DELETE SET NULL '
                .'NOT DEFERRABLE',
            'CREATE INDEX IDX_14B784183E19EFA5 ON photo (clip_id)',
        ] as $sql) {
            $this->addSql($sql);
        }
    }

    public function down(Schema $schema): void
    {
        foreach ([
            'ALTER TABLE photo DROP CONSTRAINT FK_14B784183E19EFA5',
            'ALTER TABLE photo DROP clip_id',
            'ALTER TABLE photo DROP second',
            'DROP TABLE clip',
            'DROP TABLE reference',
        ] as $sql) {
            $this->addSql($sql);
        }
    }
}
