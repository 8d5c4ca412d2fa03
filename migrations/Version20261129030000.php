<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What a request did to a case, so that it can be taken back and done again, and a case that is withdrawn. What was done stays done. */
final class Version20261129030000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What was done can be taken back';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE undo_step (id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, case_id UUID NOT NULL, '
            .'by_whom VARCHAR(80) NOT NULL, by_person_id UUID DEFAULT NULL, says VARCHAR(200) NOT NULL, changes JSONB NOT NULL, '
            .'undone_at TIMESTAMP(0) WITH TIME ZONE DEFAULT NULL, PRIMARY KEY (id))'
        );
        $this->addSql(
            'ALTER TABLE undo_step ADD CONSTRAINT FK_C7B98CFEB5BE2AA2 FOREIGN KEY (by_person_id) REFERENCES person (id) ON DELETE RESTRICT'
        );
        $this->addSql(
            'ALTER TABLE case_file ADD withdrawn_at TIMESTAMP(0) WITH TIME ZONE DEFAULT NULL, '
            ."ADD withdrawn_because VARCHAR(400) DEFAULT '' NOT NULL"
        );
        $this->addSql('CREATE INDEX IDX_C7B98CFEB5BE2AA2 ON undo_step (by_person_id)');
        $this->addSql('CREATE INDEX IDX_C7B98CFECF10D4F598817E56 ON undo_step (case_id, made_at)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE undo_step');
        $this->addSql('ALTER TABLE case_file DROP withdrawn_at, DROP withdrawn_because');
    }
}
