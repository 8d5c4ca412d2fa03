<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What was tried before, what a book's question was answered, how a complaint ends that is no failure; how sure a find is. */
final class Version20261130070000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What was tried, what was asked, how a complaint ends';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE attempt (what VARCHAR(60) DEFAULT NULL, changed VARCHAR(15) DEFAULT NULL, words VARCHAR(300) NOT NULL, '
                .'id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, case_id UUID NOT NULL, PRIMARY KEY (id))'
        );
        $this->addSql('CREATE INDEX IDX_18EC0266CF10D4F5 ON attempt (case_id)');
        $this->addSql(
            'ALTER TABLE attempt ADD CONSTRAINT FK_18EC0266CF10D4F5 FOREIGN KEY (case_id) REFERENCES case_file (id) ON DELETE CASCADE '
                .'NOT DEFERRABLE'
        );
        $this->addSql('ALTER TABLE finding ADD how_sure VARCHAR(10) DEFAULT NULL');
        $this->addSql('ALTER TABLE finding ADD how_as VARCHAR(10) DEFAULT NULL');
        $this->addSql('ALTER TABLE finding ADD how_not_in_picture BOOLEAN DEFAULT false NOT NULL');
        $this->addSql("ALTER TABLE complaint ADD answer TEXT DEFAULT '' NOT NULL");
        $this->addSql('ALTER TABLE complaint ADD ends VARCHAR(15) DEFAULT NULL');
        $this->addSql("ALTER TABLE complaint ADD ends_because TEXT DEFAULT '' NOT NULL");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE attempt');
        foreach (['sure', 'as', 'not_in_picture'] as $column) {
            $this->addSql('ALTER TABLE finding DROP how_'.$column);
        }
        foreach (['answer', 'ends', 'ends_because'] as $column) {
            $this->addSql('ALTER TABLE complaint DROP '.$column);
        }
    }
}
