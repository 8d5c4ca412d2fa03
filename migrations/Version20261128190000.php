<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Work reports: what was done after the failure report, signed by who did it. */
final class Version20261128190000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE work_report (digest VARCHAR(64) NOT NULL, nr SMALLINT NOT NULL, body TEXT NOT NULL, id UUID NOT NULL, '
                .'made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, state VARCHAR(10) NOT NULL, doing VARCHAR(120) NOT NULL, percent '
                .'SMALLINT NOT NULL, hash VARCHAR(64) DEFAULT NULL, bytes INT DEFAULT NULL, error TEXT NOT NULL, touched_at '
                .'TIMESTAMP(0) WITH TIME ZONE NOT NULL, case_id UUID NOT NULL, signed_by_id UUID NOT NULL, PRIMARY KEY (id))'
        );
        $this->addSql('CREATE INDEX IDX_6FD6B1A6CF10D4F5 ON work_report (case_id)');
        $this->addSql('CREATE INDEX IDX_6FD6B1A6D2EDD3FB ON work_report (signed_by_id)');
        $this->addSql('CREATE UNIQUE INDEX UNIQ_6FD6B1A6CF10D4F54AC44C6 ON work_report (case_id, nr)');
        $this->addSql(
            'ALTER TABLE work_report ADD CONSTRAINT FK_6FD6B1A6CF10D4F5 FOREIGN KEY (case_id) REFERENCES case_file (id) ON '
                .'DELETE RESTRICT NOT DEFERRABLE'
        );
        $this->addSql(
            'ALTER TABLE work_report ADD CONSTRAINT FK_6FD6B1A6D2EDD3FB FOREIGN KEY (signed_by_id) REFERENCES person (id) NOT DEFERRABLE'
        );
        $this->addSql(<<<'SQL'
            CREATE FUNCTION work_report_stays() RETURNS trigger LANGUAGE plpgsql AS $$
            DECLARE making text[] := ARRAY['state', 'doing', 'percent', 'hash', 'bytes', 'error', 'touched_at'];
            BEGIN
              IF TG_OP = 'UPDATE' AND OLD.hash IS NULL AND to_jsonb(OLD) - making = to_jsonb(NEW) - making THEN RETURN NEW; END IF;
              RAISE EXCEPTION 'a work report stays as it was signed; what is done later makes the next one';
            END $$
            SQL);
        $this->addSql(
            'CREATE TRIGGER work_report_stays BEFORE UPDATE OR DELETE ON work_report FOR EACH ROW EXECUTE FUNCTION work_report_stays()'
        );
        $this->addSql(
            'CREATE TRIGGER is_never_emptied BEFORE TRUNCATE ON work_report FOR EACH STATEMENT EXECUTE FUNCTION is_never_emptied()'
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE work_report');
        $this->addSql('DROP FUNCTION work_report_stays');
    }
}
