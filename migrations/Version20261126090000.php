<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The build, step by step. */
final class Version20261126090000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE build_record (stopped BOOLEAN NOT NULL, typed JSONB NOT NULL, says JSONB NOT NULL, with_whom '
                .'VARCHAR(80) NOT NULL, step VARCHAR(80) NOT NULL, by_whom VARCHAR(80) NOT NULL, id UUID NOT NULL, made_at '
                .'TIMESTAMP(0) WITH TIME ZONE NOT NULL, photo_id UUID DEFAULT NULL, case_id UUID NOT NULL, PRIMARY KEY (id))'
        );
        $this->addSql('CREATE INDEX IDX_CA69E6E7E9E4C8C ON build_record (photo_id)');
        $this->addSql('CREATE INDEX IDX_CA69E6ECF10D4F5 ON build_record (case_id)');
        $this->addSql('CREATE INDEX IDX_CA69E6ECF10D4F543B9FE3C ON build_record (case_id, step)');
        $this->addSql(
            'ALTER TABLE build_record ADD CONSTRAINT FK_CA69E6E7E9E4C8C FOREIGN KEY (photo_id) REFERENCES photo (id) ON DELETE '
                .'SET NULL NOT DEFERRABLE'
        );
        $this->addSql(
            'ALTER TABLE build_record ADD CONSTRAINT FK_CA69E6ECF10D4F5 FOREIGN KEY (case_id) REFERENCES case_file (id) ON '
                .'DELETE CASCADE NOT DEFERRABLE'
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE build_record');
    }
}
