<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * After the years that the law asks for, the names of people go out of a case: its technical content and the digests of what was signed
 * stay. What may do so is one function that runs as the owner of the tables; the application still cannot change what was signed.
 */
final class Version20261201100000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Names of people go out of a case after the years';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE shop_settings ADD keep_years SMALLINT DEFAULT 10 NOT NULL CHECK (keep_years BETWEEN 1 AND 99)');
        $this->addSql('ALTER TABLE case_file ADD people_out_at TIMESTAMP(0) WITH TIME ZONE DEFAULT NULL');
        $this->addSql('ALTER TABLE audit_entry ADD taken_out BOOLEAN DEFAULT false NOT NULL');
        $this->addSql('ALTER TABLE work_report ALTER signed_by_id DROP NOT NULL');
        // Whoever adds an entry cannot excuse it from the chain.
        $this->addSql(<<<'SQL'
            CREATE FUNCTION audit_is_whole() RETURNS trigger LANGUAGE plpgsql AS $$
            BEGIN NEW.taken_out := false; RETURN NEW; END $$
            SQL);
        $this->addSql('CREATE TRIGGER audit_whole BEFORE INSERT ON audit_entry FOR EACH ROW EXECUTE FUNCTION audit_is_whole()');
        // A name in a text, as a word of its own; "person 1" is the same person wherever it stands in the case.
        $this->addSql(<<<'SQL'
            CREATE FUNCTION without_names(said text, names text[]) RETURNS text LANGUAGE plpgsql IMMUTABLE AS $$
            DECLARE i int; name text;
            BEGIN
              FOR i IN 1 .. coalesce(array_length(names, 1), 0) LOOP
                name := names[i];
                IF strpos(said, name) > 0 THEN
                  said := regexp_replace(said, '(^|[^[:alnum:]])' || regexp_replace(name, '([][(){}.*+?^$|\\-])', '\\\1', 'g')
                    || '(?=$|[^[:alnum:]])', '\1person ' || i, 'g');
                END IF;
              END LOOP;
              RETURN said;
            END $$
            SQL);
        $this->addSql($this->forget());
    }

    private function forget(): string
    {
        return <<<'SQL'
            CREATE FUNCTION take_people_out(of_case uuid) RETURNS TABLE (area text, hash text)
            LANGUAGE plpgsql SECURITY DEFINER SET search_path = public AS $$
            DECLARE
              signatures text[] := ARRAY['by_whom', 'with_whom', 'despite_by', 'answered_by', 'agreed_by', 'retired_by', 'lent_by',
                'of_whom', 'sensed_by', 'signed_as', 'second_as', 'addressee', 'customer', 'repaired_by', 'who', 'name'];
              c case_file; years int; t record; col record; names text[] := '{}'; found text[]; sets text; wheres text; rows_of text;
            BEGIN
              SELECT * INTO c FROM case_file WHERE id = of_case FOR UPDATE;
              SELECT keep_years INTO years FROM shop_settings LIMIT 1;
              -- By the signatures, which nobody can move; the day in the case may be written by the application.
              IF c.id IS NULL OR c.people_out_at IS NOT NULL OR c.signed_at IS NULL OR coalesce((SELECT max(second_at) FROM verdict
                  WHERE case_id = of_case), now()) > now() - make_interval(years => years) THEN
                RAISE EXCEPTION 'names stay in a case for % years after it was signed', years;
              END IF;

              -- The tables of the case, and which of their rows are its own.
              CREATE TEMPORARY TABLE of_this_case ON COMMIT DROP AS
                SELECT k.relname::text AS name, CASE k.relname
                    WHEN 'case_file' THEN 'id = $1'
                    WHEN 'mark' THEN 'photo_id IN (SELECT id FROM photo WHERE case_id = $1)'
                    WHEN 'photo_measure' THEN 'photo_id IN (SELECT id FROM photo WHERE case_id = $1)'
                    WHEN 'claim_move' THEN 'claim_id IN (SELECT id FROM claim WHERE case_id = $1)'
                    WHEN 'claim_papers' THEN 'claim_id IN (SELECT id FROM claim WHERE case_id = $1)'
                    WHEN 'offer_question' THEN 'offer_id IN (SELECT id FROM offer WHERE case_id = $1)'
                    ELSE 'case_id = $1' END AS own
                FROM pg_class k
                WHERE k.relkind = 'r' AND k.relnamespace = 'public'::regnamespace
                  AND k.relname !~ '^(memory_|case_change$|undo_step$|phone_pass$)'
                  AND (k.relname IN ('case_file', 'mark', 'photo_measure', 'claim_move', 'claim_papers', 'offer_question')
                    OR EXISTS (SELECT FROM pg_attribute a
                      WHERE a.attrelid = k.oid AND a.attname = 'case_id' AND NOT a.attisdropped));

              -- Who is named: beside what they did, as whose it is, as who said so, and by the people of the shop who stand behind rows.
              FOR t IN SELECT o.name, o.own, i.column_name::text AS col FROM of_this_case o
                  JOIN information_schema.columns i ON i.table_schema = 'public' AND i.table_name = o.name
                  WHERE i.column_name = ANY (signatures) AND i.data_type IN ('character varying', 'text')
                    AND NOT (i.column_name = 'name' AND o.name <> 'user_answer') AND o.name <> 'audit_entry' ORDER BY 1, 3 LOOP
                EXECUTE format('SELECT coalesce(array_agg(DISTINCT %I), ''{}'') FROM %I WHERE %s', t.col, t.name, t.own)
                  INTO found USING of_case;
                names := names || found;
              END LOOP;
              names := names || ARRAY(SELECT p.name FROM person p WHERE p.id IN (
                SELECT c.holder_id UNION SELECT signed_by_id FROM verdict WHERE case_id = of_case
                UNION SELECT second_by_id FROM verdict WHERE case_id = of_case));
              -- The longest first, so that a part of a name is not taken for it. A role in small letters is no name.
              names := ARRAY(SELECT n FROM (SELECT DISTINCT btrim(n) AS n FROM unnest(names) AS n) AS every
                WHERE length(n) >= 3 AND n ~ '[[:upper:]]|[0-9]|[[:space:]]' ORDER BY length(n) DESC, n);

              FOR t IN SELECT DISTINCT k.relname, g.tgname FROM pg_trigger g JOIN pg_class k ON k.oid = g.tgrelid
                  JOIN of_this_case o ON o.name = k.relname
                  WHERE g.tgname ~ '(_stays|_stay|stays_signed)$' LOOP
                EXECUTE format('ALTER TABLE %I DISABLE TRIGGER %I', t.relname, t.tgname);
              END LOOP;

              FOR t IN SELECT * FROM of_this_case LOOP
                sets := ''; wheres := '';
                FOR col IN SELECT i.column_name::text AS name, i.data_type, i.character_maximum_length AS most
                    FROM information_schema.columns i
                    WHERE i.table_schema = 'public' AND i.table_name = t.name
                      AND i.data_type IN ('character varying', 'text', 'json', 'jsonb')
                      AND i.column_name NOT IN ('hash', 'digest', 'previous', 'bundle', 'pdf', 'snapshot_hash', 'report_hash',
                        'shares_for', 'number', 'state') LOOP
                  -- Within JSON a name is written as JSON writes it; none of these letters is escaped there.
                  rows_of := CASE
                    WHEN col.data_type IN ('json', 'jsonb') THEN format('without_names(%I::jsonb::text, $2)::%s', col.name, col.data_type)
                    WHEN col.most IS NULL THEN format('without_names(%I, $2)', col.name)
                    ELSE format('left(without_names(%I, $2), %s)', col.name, col.most) END;
                  sets := sets || format(', %I = %s', col.name, rows_of);
                  wheres := wheres || format(' OR %I::text IS DISTINCT FROM (%s)::text', col.name, rows_of);
                END LOOP;
                IF t.name = 'audit_entry' THEN
                  -- Persons stand in it by a digest beside their names, which are those of other cases too.
                  UPDATE audit_entry SET taken_out = true, who = 'a person', what = left(without_names(what, names), 200),
                    before = CASE WHEN before ~ '^person:' THEN 'a person' ELSE without_names(before, names) END,
                    after = CASE WHEN after ~ '^person:' THEN 'a person' ELSE without_names(after, names) END
                  WHERE case_id = of_case;
                ELSIF sets <> '' THEN
                  EXECUTE format('UPDATE %I SET %s WHERE (%s) AND (%s)', t.name, substr(sets, 3), t.own, substr(wheres, 5))
                    USING of_case, names;
                END IF;
                -- What is no name by its letters goes from where somebody stands beside the work; who said something may be a role.
                FOR col IN SELECT i.column_name::text AS name FROM information_schema.columns i
                    WHERE i.table_schema = 'public' AND i.table_name = t.name AND i.column_name = ANY (signatures)
                      AND t.name <> 'audit_entry' AND i.data_type IN ('character varying', 'text')
                      AND (i.column_name NOT IN ('who', 'name') OR t.name = 'user_answer') LOOP
                  EXECUTE format('UPDATE %I SET %I = ''a person'' WHERE (%s) AND %I !~ ''^(|person [0-9]+|a person|the program)$''',
                    t.name, col.name, t.own, col.name) USING of_case;
                END LOOP;
                -- Nobody of the shop stands behind them any more.
                FOR col IN SELECT a.attname::text AS name FROM pg_constraint f
                    JOIN pg_attribute a ON a.attrelid = f.conrelid AND a.attnum = f.conkey[1]
                    WHERE f.contype = 'f' AND f.confrelid = 'person'::regclass AND f.conrelid = t.name::regclass LOOP
                  EXECUTE format('UPDATE %I SET %I = NULL WHERE (%s) AND %I IS NOT NULL', t.name, col.name, t.own, col.name)
                    USING of_case;
                END LOOP;
              END LOOP;
              UPDATE case_file SET people_out_at = now(), repaired_by = '' WHERE id = of_case;
              DELETE FROM undo_step WHERE case_id = of_case;
              DELETE FROM phone_pass WHERE case_id = of_case;

              FOR t IN SELECT DISTINCT k.relname, g.tgname FROM pg_trigger g JOIN pg_class k ON k.oid = g.tgrelid
                  JOIN of_this_case o ON o.name = k.relname
                  WHERE g.tgname ~ '(_stays|_stay|stays_signed)$' LOOP
                EXECUTE format('ALTER TABLE %I ENABLE TRIGGER %I', t.relname, t.tgname);
              END LOOP;

              -- Papers and voices go: they were made of names. Their digests stay in their rows.
              RETURN QUERY
                SELECT 'reports', r.hash::text FROM report r WHERE r.case_id = of_case AND r.hash IS NOT NULL
                UNION SELECT 'work', w.hash::text FROM work_report w WHERE w.case_id = of_case AND w.hash IS NOT NULL
                UNION SELECT 'offers', o.pdf::text FROM offer o WHERE o.case_id = of_case AND o.pdf IS NOT NULL
                UNION SELECT 'handovers', h.pdf::text FROM handover h WHERE h.case_id = of_case AND h.pdf IS NOT NULL
                UNION SELECT 'clips', l.hash::text FROM clip l WHERE l.case_id = of_case
                UNION SELECT 'claims', kept::text FROM claim_papers p JOIN claim m ON m.id = p.claim_id,
                    unnest(ARRAY[p.hash, p.bundle]) kept
                  WHERE m.case_id = of_case AND kept IS NOT NULL;
            END $$
            SQL;
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP FUNCTION take_people_out(uuid)');
        $this->addSql('DROP FUNCTION without_names(text, text[])');
        $this->addSql('DROP TRIGGER audit_whole ON audit_entry');
        $this->addSql('DROP FUNCTION audit_is_whole()');
        $this->addSql('ALTER TABLE audit_entry DROP taken_out');
        $this->addSql('ALTER TABLE case_file DROP people_out_at');
        $this->addSql('ALTER TABLE shop_settings DROP keep_years');
    }
}
