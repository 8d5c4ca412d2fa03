<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** A complaint may have an origin of its own, and a claim be about that one. */
final class Version20261128180000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE own_answer (cause_not_found BOOLEAN NOT NULL, responsibility VARCHAR(20) DEFAULT NULL, statement TEXT '
                .'NOT NULL, shares JSON NOT NULL, shares_for VARCHAR(64) NOT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME '
                .'ZONE NOT NULL, version INT DEFAULT 1 NOT NULL, case_id UUID NOT NULL, verdict_id UUID NOT NULL, complaint_id UUID '
                .'NOT NULL, origin_id UUID DEFAULT NULL, PRIMARY KEY (id))'
        );
        $this->addSql('CREATE INDEX IDX_2C4759C6CF10D4F5 ON own_answer (case_id)');
        $this->addSql('CREATE INDEX IDX_2C4759C61391DFBF ON own_answer (verdict_id)');
        $this->addSql('CREATE INDEX IDX_2C4759C6EDAE188E ON own_answer (complaint_id)');
        $this->addSql('CREATE INDEX IDX_2C4759C656A273CC ON own_answer (origin_id)');
        $this->addSql('CREATE UNIQUE INDEX UNIQ_2C4759C61391DFBFEDAE188E ON own_answer (verdict_id, complaint_id)');
        $this->addSql(
            'ALTER TABLE own_answer ADD CONSTRAINT FK_2C4759C6CF10D4F5 FOREIGN KEY (case_id) REFERENCES case_file (id) ON DELETE '
                .'RESTRICT NOT DEFERRABLE'
        );
        $this->addSql(
            'ALTER TABLE own_answer ADD CONSTRAINT FK_2C4759C61391DFBF FOREIGN KEY (verdict_id) REFERENCES verdict (id) ON '
                .'DELETE CASCADE NOT DEFERRABLE'
        );
        $this->addSql(
            'ALTER TABLE own_answer ADD CONSTRAINT FK_2C4759C6EDAE188E FOREIGN KEY (complaint_id) REFERENCES complaint (id) ON '
                .'DELETE CASCADE NOT DEFERRABLE'
        );
        $this->addSql(
            'ALTER TABLE own_answer ADD CONSTRAINT FK_2C4759C656A273CC FOREIGN KEY (origin_id) REFERENCES chain_node (id) ON '
                .'DELETE SET NULL NOT DEFERRABLE'
        );
        $this->addSql('ALTER TABLE claim ADD complaint_id UUID DEFAULT NULL');
        $this->addSql(
            'ALTER TABLE claim ADD CONSTRAINT FK_A769DE27EDAE188E FOREIGN KEY (complaint_id) REFERENCES complaint (id) ON DELETE '
                .'SET NULL NOT DEFERRABLE'
        );
        $this->addSql('CREATE INDEX IDX_A769DE27EDAE188E ON claim (complaint_id)');
        $this->addSql(<<<'SQL'
            CREATE FUNCTION own_answer_stays() RETURNS trigger LANGUAGE plpgsql AS $$
            BEGIN
              IF TG_OP = 'UPDATE' AND NEW.origin_id IS NULL AND to_jsonb(OLD) - 'origin_id' = to_jsonb(NEW) - 'origin_id' THEN RETURN NEW; END IF;
              IF EXISTS (SELECT 1 FROM verdict WHERE second_at IS NOT NULL AND id IN ((to_jsonb(OLD)->>'verdict_id')::uuid, (to_jsonb(NEW)->>'verdict_id')::uuid)) THEN
                RAISE EXCEPTION 'a signed verdict is superseded, never changed';
              END IF;
              RETURN COALESCE(NEW, OLD);
            END $$
            SQL);
        // An origin may leave the chain of a later revision: what was signed is told by its document.
        $this->addSql(
            self::signedStays(
                "IF TG_OP = 'UPDATE' AND NEW.origin_id IS NULL AND to_jsonb(OLD) - 'origin_id' = to_jsonb(NEW) - 'origin_id' "
                    .'THEN RETURN NEW; END IF; '
            )
        );
        $this->addSql(
            'CREATE TRIGGER own_answer_stays BEFORE INSERT OR UPDATE OR DELETE ON own_answer FOR EACH ROW EXECUTE FUNCTION '
                .'own_answer_stays()'
        );
        $this->addSql(
            'CREATE TRIGGER is_never_emptied BEFORE TRUNCATE ON own_answer FOR EACH STATEMENT EXECUTE FUNCTION is_never_emptied()'
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql(self::signedStays(''));
        $this->addSql('DROP TABLE own_answer');
        $this->addSql('DROP FUNCTION own_answer_stays');
        $this->addSql('ALTER TABLE claim DROP complaint_id');
    }

    private static function signedStays(string $but): string
    {
        return "CREATE OR REPLACE FUNCTION signed_stays_signed() RETURNS trigger LANGUAGE plpgsql AS \$\$ BEGIN {$but}IF OLD.second_at IS NOT NULL THEN RAISE EXCEPTION 'a signed verdict is superseded, never changed'; END IF; RETURN COALESCE(NEW, OLD); END \$\$";
    }
}
