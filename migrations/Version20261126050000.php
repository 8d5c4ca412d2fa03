<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Chains of custody of parts. */
final class Version20261126050000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE part_custody (part VARCHAR(60) NOT NULL, what VARCHAR(10) NOT NULL, day DATE NOT NULL, place '
                .'VARCHAR(200) NOT NULL, by_whom VARCHAR(80) NOT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT '
                .'NULL, case_id UUID NOT NULL, PRIMARY KEY (id))'
        );
        $this->addSql('CREATE INDEX IDX_CD6DA48DCF10D4F5 ON part_custody (case_id)');
        $this->addSql(
            'ALTER TABLE part_custody ADD CONSTRAINT FK_CD6DA48DCF10D4F5 FOREIGN KEY (case_id) REFERENCES case_file (id) ON '
                .'DELETE CASCADE NOT DEFERRABLE'
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE part_custody');
    }
}
