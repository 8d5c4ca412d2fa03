<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Measuring in photos: rulers, measures, marks that show a finding, what is wrong with a picture. */
final class Version20261125230000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        foreach ([
            'ALTER TABLE photo ADD ruler JSONB DEFAULT NULL',
            "ALTER TABLE photo ADD hints JSONB DEFAULT '[]' NOT NULL",
            'ALTER TABLE photo ALTER hints DROP DEFAULT',
            'ALTER TABLE photo ADD clock_ahead SMALLINT DEFAULT 0 NOT NULL',
            'ALTER TABLE photo ALTER clock_ahead DROP DEFAULT',
            'ALTER TABLE mark ADD finding_id UUID DEFAULT NULL',
            'ALTER TABLE mark ADD CONSTRAINT FK_6674F2714323B5E7 FOREIGN KEY (finding_id) REFERENCES finding (id) ON DELETE SET '
                .'NULL NOT DEFERRABLE',
            'CREATE INDEX IDX_6674F2714323B5E7 ON mark (finding_id)',
            'CREATE TABLE photo_measure (value DOUBLE PRECISION NOT NULL, standard DOUBLE PRECISION NOT NULL, unit VARCHAR(5) '
                .'NOT NULL, holds_for VARCHAR(200) NOT NULL, more JSONB NOT NULL, kind VARCHAR(10) NOT NULL, points JSONB NOT NULL, '
                .'inside JSONB NOT NULL, note VARCHAR(200) NOT NULL, by_whom VARCHAR(80) NOT NULL, id UUID NOT NULL, made_at '
                .'TIMESTAMP(0) WITH TIME ZONE NOT NULL, photo_id UUID NOT NULL, PRIMARY KEY (id))',
            'ALTER TABLE photo_measure ADD CONSTRAINT FK_B5E70EA87E9E4C8C FOREIGN KEY (photo_id) REFERENCES photo (id) ON DELETE '
                .'CASCADE NOT DEFERRABLE',
            'CREATE TABLE phone_pass (until TIMESTAMP(0) WITH TIME ZONE NOT NULL, revoked_at TIMESTAMP(0) WITH TIME ZONE DEFAULT '
                .'NULL, token_hash CHAR(64) NOT NULL, by_whom VARCHAR(80) NOT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME '
                .'ZONE NOT NULL, case_id UUID NOT NULL, PRIMARY KEY (id))',
            'CREATE UNIQUE INDEX UNIQ_2D748636B3BC57DA ON phone_pass (token_hash)',
            'CREATE INDEX IDX_2D748636CF10D4F5 ON phone_pass (case_id)',
            'ALTER TABLE phone_pass ADD CONSTRAINT FK_2D748636CF10D4F5 FOREIGN KEY (case_id) REFERENCES case_file (id) ON DELETE '
                .'CASCADE NOT DEFERRABLE',
            'CREATE INDEX IDX_B5E70EA87E9E4C8C ON photo_measure (photo_id)',
        ] as $sql) {
            $this->addSql($sql);
        }
    }

    public function down(Schema $schema): void
    {
        foreach ([
            'DROP TABLE phone_pass',
            'DROP TABLE photo_measure',
            'ALTER TABLE mark DROP CONSTRAINT FK_6674F2714323B5E7',
            'DROP INDEX IDX_6674F2714323B5E7',
            'ALTER TABLE mark DROP finding_id',
            "UPDATE photo SET stage = 'as-found' WHERE stage = 'unsorted'",
            'ALTER TABLE photo DROP clock_ahead',
            'ALTER TABLE photo DROP hints',
            'ALTER TABLE photo DROP ruler',
        ] as $sql) {
            $this->addSql($sql);
        }
    }
}
