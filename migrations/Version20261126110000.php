<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Recordings of the stand. */
final class Version20261126110000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE stand_recording (nr_of_rows INT NOT NULL, seconds DOUBLE PRECISION NOT NULL, units JSONB NOT NULL, '
                .'gaps JSONB NOT NULL, drawn JSONB NOT NULL, expected JSONB NOT NULL, judged JSONB DEFAULT NULL, name VARCHAR(200) '
                .'NOT NULL, hash VARCHAR(64) NOT NULL, by_whom VARCHAR(80) NOT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME '
                .'ZONE NOT NULL, case_id UUID NOT NULL, PRIMARY KEY (id))'
        );
        $this->addSql('CREATE INDEX IDX_D47F3423CF10D4F5 ON stand_recording (case_id)');
        $this->addSql(
            'ALTER TABLE stand_recording ADD CONSTRAINT FK_D47F3423CF10D4F5 FOREIGN KEY (case_id) REFERENCES case_file (id) ON '
                .'DELETE CASCADE NOT DEFERRABLE'
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE stand_recording');
    }
}
