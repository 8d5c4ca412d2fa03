<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What is done and known before a unit is opened is kept. */
final class Version20261129210000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What is done before a unit is opened';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE opening (id UUID NOT NULL, case_id UUID NOT NULL, by_person_id UUID DEFAULT NULL, ticked JSONB NOT NULL, '
                .'instead VARCHAR(500) NOT NULL, liquid VARCHAR(200) NOT NULL, precautions VARCHAR(500) NOT NULL, '
                .'manual VARCHAR(200) NOT NULL, section VARCHAR(120) NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, '
                .'by_whom VARCHAR(80) NOT NULL, PRIMARY KEY (id))',
        );
        $this->addSql('CREATE INDEX IDX_E35D4C3CF10D4F5 ON opening (case_id)');
        $this->addSql('CREATE INDEX IDX_E35D4C3B5BE2AA2 ON opening (by_person_id)');
        $this->addSql(
            'ALTER TABLE opening ADD CONSTRAINT FK_opening_case FOREIGN KEY (case_id) REFERENCES case_file (id) ON DELETE CASCADE '
                .'NOT DEFERRABLE',
        );
        $this->addSql(
            'ALTER TABLE opening ADD CONSTRAINT FK_opening_person FOREIGN KEY (by_person_id) REFERENCES person (id) '
                .'ON DELETE RESTRICT NOT DEFERRABLE',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE opening');
    }
}
