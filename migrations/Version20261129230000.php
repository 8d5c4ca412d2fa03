<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** A user reads what was done in his units, and answers how his unit runs. */
final class Version20261129230000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What a user is told, and what he answers';
    }

    public function up(Schema $schema): void
    {
        $this->evidenceStaysBut("'fitted', 'in-service'");
        $this->addSql("ALTER TABLE handover ADD units VARCHAR(10) DEFAULT 'mm' NOT NULL, ADD pdf VARCHAR(64) DEFAULT NULL");
        $this->addSql(
            'CREATE TABLE user_answer (id UUID NOT NULL, case_id UUID NOT NULL, photo_id UUID DEFAULT NULL, says VARCHAR(10) NOT NULL, '
                .'leaks BOOLEAN NOT NULL, noise BOOLEAN NOT NULL, words VARCHAR(2000) NOT NULL, name VARCHAR(120) NOT NULL, '
                .'made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, PRIMARY KEY (id))',
        );
        $this->addSql('CREATE INDEX IDX_BF8F5118CF10D4F5 ON user_answer (case_id)');
        $this->addSql('CREATE INDEX IDX_BF8F51187E9E4C8C ON user_answer (photo_id)');
        $this->addSql(
            'ALTER TABLE user_answer ADD CONSTRAINT FK_user_answer_case FOREIGN KEY (case_id) REFERENCES case_file (id) '
                .'ON DELETE CASCADE NOT DEFERRABLE',
        );
        $this->addSql(
            'ALTER TABLE user_answer ADD CONSTRAINT FK_user_answer_photo FOREIGN KEY (photo_id) REFERENCES photo (id) '
                .'ON DELETE SET NULL NOT DEFERRABLE',
        );
    }

    public function down(Schema $schema): void
    {
        $this->evidenceStaysBut("'fitted'");
        $this->addSql('DROP TABLE user_answer');
        $this->addSql('ALTER TABLE handover DROP units, DROP pdf');
    }

    /** @param string $stages of pictures that are no evidence of the failure: they are added to a signed case */
    private function evidenceStaysBut(string $stages): void
    {
        $this->addSql(<<<SQL
            CREATE OR REPLACE FUNCTION evidence_stays() RETURNS trigger LANGUAGE plpgsql AS \$\$
            DECLARE of_case uuid; free text[] := string_to_array('version,' || COALESCE(TG_ARGV[0], ''), ','); was jsonb := to_jsonb(OLD); is_now jsonb := to_jsonb(NEW);
            BEGIN
              IF TG_TABLE_NAME IN ('mark', 'photo_measure') THEN
                SELECT case_id INTO of_case FROM photo WHERE id = (COALESCE(is_now, was)->>'photo_id')::uuid AND stage NOT IN ($stages);
              ELSE
                of_case := (COALESCE(was, is_now)->>'case_id')::uuid;
              END IF;
              IF NOT EXISTS (SELECT 1 FROM case_file WHERE id = of_case AND signed_at IS NOT NULL) THEN RETURN COALESCE(NEW, OLD); END IF;
              IF TG_TABLE_NAME = 'photo' AND COALESCE(was->>'stage', 'fitted') IN ($stages) AND COALESCE(is_now->>'stage', 'fitted') IN ($stages) THEN RETURN COALESCE(NEW, OLD); END IF;
              IF TG_TABLE_NAME = 'statement' AND COALESCE(was->>'afterwards', 'true') = 'true' AND COALESCE(is_now->>'afterwards', 'true') = 'true' THEN RETURN COALESCE(NEW, OLD); END IF;
              IF TG_OP = 'UPDATE' AND was - free = is_now - free THEN RETURN NEW; END IF;
              RAISE EXCEPTION 'evidence of a signed case stays as it was signed (% in %)', TG_OP, TG_TABLE_NAME;
            END \$\$
            SQL);
    }
}
