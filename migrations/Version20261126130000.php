<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What was really used of a kit. */
final class Version20261126130000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE kit_tick (part VARCHAR(60) NOT NULL, state VARCHAR(10) NOT NULL, why VARCHAR(300) NOT NULL, by_whom '
                .'VARCHAR(80) NOT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, case_id UUID NOT NULL, '
                .'PRIMARY KEY (id))'
        );
        $this->addSql('CREATE INDEX IDX_EB963AAFCF10D4F5 ON kit_tick (case_id)');
        $this->addSql('CREATE INDEX IDX_EB963AAFCF10D4F5490F70C6 ON kit_tick (case_id, part)');
        $this->addSql(
            'ALTER TABLE kit_tick ADD CONSTRAINT FK_EB963AAFCF10D4F5 FOREIGN KEY (case_id) REFERENCES case_file (id) ON DELETE '
                .'CASCADE NOT DEFERRABLE'
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE kit_tick');
    }
}
