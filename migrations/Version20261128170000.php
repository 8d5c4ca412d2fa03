<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * What a signed case rests on cannot be changed by whoever reaches the database as the application does; the audit trail
 * is chained a case at a time, and names of people stand apart from it.
 */
final class Version20261128170000 extends AbstractMigration
{
    /** Tables of evidence, and the columns that the program finds out by itself. */
    private const EVIDENCE = [
        'arrival' => '', 'chain_link' => '', 'chain_node' => '', 'chain_refusal' => '', 'clip' => '', 'complaint' => '',
        'content_check' => '', 'finding' => '', 'kept_figure' => '', 'limit_choice' => '',
        'part_record' => '', 'photo' => 'hints,ruler', 'reading' => '', 'school_pick' => '', 'statement' => '',
        'step_record' => '', 'theory' => '', 'watch_tick' => '',
    ];

    /** Fields of the trail in which a person's name stands. */
    private const NAMES = "'byWhom', 'withWhom', 'signedBy', 'secondBy', 'holder', 'despiteBy', 'answeredBy'";

    public function up(Schema $schema): void
    {
        $this->evidence();
        $this->trail();
    }

    private function evidence(): void
    {
        $this->addSql(<<<'SQL'
            CREATE FUNCTION evidence_stays() RETURNS trigger LANGUAGE plpgsql AS $$
            DECLARE of_case uuid; free text[] := string_to_array('version,' || COALESCE(TG_ARGV[0], ''), ','); was jsonb := to_jsonb(OLD); is_now jsonb := to_jsonb(NEW);
            BEGIN
              IF TG_TABLE_NAME IN ('mark', 'photo_measure') THEN
                SELECT case_id INTO of_case FROM photo WHERE id = (COALESCE(is_now, was)->>'photo_id')::uuid AND stage <> 'fitted';
              ELSE
                of_case := (COALESCE(was, is_now)->>'case_id')::uuid;
              END IF;
              IF NOT EXISTS (SELECT 1 FROM case_file WHERE id = of_case AND signed_at IS NOT NULL) THEN RETURN COALESCE(NEW, OLD); END IF;
              IF TG_TABLE_NAME = 'photo' AND COALESCE(was->>'stage', 'fitted') = 'fitted' AND COALESCE(is_now->>'stage', 'fitted') = 'fitted' THEN RETURN COALESCE(NEW, OLD); END IF;
              IF TG_TABLE_NAME = 'statement' AND COALESCE(was->>'afterwards', 'true') = 'true' AND COALESCE(is_now->>'afterwards', 'true') = 'true' THEN RETURN COALESCE(NEW, OLD); END IF;
              IF TG_OP = 'UPDATE' AND was - free = is_now - free THEN RETURN NEW; END IF;
              RAISE EXCEPTION 'evidence of a signed case stays as it was signed (% in %)', TG_OP, TG_TABLE_NAME;
            END $$
            SQL);
        $this->addSql(
            "CREATE FUNCTION is_never_emptied() RETURNS trigger LANGUAGE plpgsql AS \$\$ BEGIN RAISE EXCEPTION '% is never "
                ."emptied', TG_TABLE_NAME; END \$\$"
        );
        foreach (self::EVIDENCE + ['mark' => '', 'photo_measure' => ''] as $table => $free) {
            $this->addSql(
                "CREATE TRIGGER evidence_stays BEFORE INSERT OR UPDATE OR DELETE ON $table FOR EACH ROW EXECUTE FUNCTION evidence_stays('$free')"
            );
        }
        $this->addSql(<<<'SQL'
            CREATE FUNCTION signed_case_stays() RETURNS trigger LANGUAGE plpgsql AS $$
            DECLARE free text[] := ARRAY['version', 'stage', 'holder_id', 'signed_at'];
            BEGIN
              IF OLD.signed_at IS NULL THEN RETURN COALESCE(NEW, OLD); END IF;
              IF TG_OP = 'UPDATE' AND to_jsonb(OLD) - free = to_jsonb(NEW) - free AND (NEW.signed_at IS NOT NULL OR EXISTS (SELECT 1 FROM verdict WHERE case_id = OLD.id AND second_at IS NULL)) THEN RETURN NEW; END IF;
              RAISE EXCEPTION 'a signed case stays as it was signed; a new revision opens it';
            END $$
            SQL);
        $this->addSql(
            'CREATE TRIGGER signed_case_stays BEFORE UPDATE OR DELETE ON case_file FOR EACH ROW EXECUTE FUNCTION signed_case_stays()'
        );
        $this->addSql(<<<'SQL'
            CREATE FUNCTION picture_stays() RETURNS trigger LANGUAGE plpgsql AS $$
            BEGIN
              IF OLD.hash IS DISTINCT FROM NEW.hash AND EXISTS (SELECT 1 FROM photo p JOIN case_file c ON c.id = p.case_id WHERE p.picture_id = OLD.id AND c.signed_at IS NOT NULL) THEN
                RAISE EXCEPTION 'a picture of a signed case stays the file that it was';
              END IF;
              RETURN NEW;
            END $$
            SQL);
        $this->addSql('CREATE TRIGGER picture_stays BEFORE UPDATE ON picture FOR EACH ROW EXECUTE FUNCTION picture_stays()');
        $this->addSql(<<<'SQL'
            CREATE FUNCTION papers_stay() RETURNS trigger LANGUAGE plpgsql AS $$
            BEGIN
              IF (to_jsonb(OLD)->>TG_ARGV[0]) IS NOT NULL AND (TG_OP = 'DELETE' OR (to_jsonb(OLD)->>TG_ARGV[0]) IS DISTINCT FROM (to_jsonb(NEW)->>TG_ARGV[0])) THEN
                RAISE EXCEPTION 'a paper that was made stays the file that it was (%)', TG_TABLE_NAME;
              END IF;
              RETURN COALESCE(NEW, OLD);
            END $$
            SQL);
        foreach (['report', 'claim_papers', 'stand_recording'] as $table) {
            $this->addSql("CREATE TRIGGER papers_stay BEFORE UPDATE OR DELETE ON $table FOR EACH ROW EXECUTE FUNCTION papers_stay('hash')");
        }
        foreach (
            [
                ...array_keys(self::EVIDENCE), 'mark', 'photo_measure', 'case_file', 'verdict', 'picture', 'report',
                'claim_papers', 'stand_recording', 'audit_entry',
            ] as $table
        ) {
            $this->addSql(
                "CREATE TRIGGER is_never_emptied BEFORE TRUNCATE ON $table FOR EACH STATEMENT EXECUTE FUNCTION is_never_emptied()"
            );
        }
    }

    private function trail(): void
    {
        $this->addSql(
            'CREATE TABLE trail_name (digest VARCHAR(64) NOT NULL, salt VARCHAR(32) NOT NULL, name VARCHAR(80) DEFAULT NULL, '
                .'PRIMARY KEY (digest))'
        );
        $this->addSql('CREATE UNIQUE INDEX trail_name_once ON trail_name (name)');
        $this->addSql(
            'CREATE TABLE trail_head (scope VARCHAR(40) NOT NULL, seq INT NOT NULL, digest VARCHAR(64) NOT NULL, PRIMARY KEY (scope))'
        );
        $this->addSql(
            'CREATE TABLE trail_night (id INT GENERATED ALWAYS AS IDENTITY, at TIMESTAMP(0) WITH TIME ZONE NOT NULL, scopes INT '
                .'NOT NULL, heads VARCHAR(64) NOT NULL, digest VARCHAR(64) NOT NULL, PRIMARY KEY (id))'
        );
        $this->addSql(
            "ALTER TABLE audit_entry ADD seq INT DEFAULT 0 NOT NULL, ADD previous VARCHAR(64) DEFAULT '' NOT NULL, ADD digest "
                ."VARCHAR(64) DEFAULT '' NOT NULL"
        );
        $this->addSql('ALTER TABLE audit_entry DISABLE TRIGGER audit_stays');
        $this->addSql(
            "INSERT INTO trail_name (name, salt, digest) SELECT name, salt, encode(sha256(convert_to(salt || name, 'UTF8')), "
                ."'hex') FROM (SELECT DISTINCT ON (name) name, md5(random()::text || clock_timestamp()::text || name) AS salt FROM "
                .'(SELECT who AS name FROM audit_entry UNION SELECT name FROM person) every) salted'
        );
        $this->addSql('UPDATE audit_entry SET who = n.digest FROM trail_name n WHERE n.name = who');
        foreach (['before', 'after'] as $side) {
            $this->addSql(
                "UPDATE audit_entry SET $side = 'person:' || n.digest FROM trail_name n WHERE n.name = $side AND field IN (".self::NAMES.')'
            );
        }
        $this->addSql(<<<'SQL'
            CREATE FUNCTION audit_digest(e audit_entry) RETURNS text LANGUAGE sql IMMUTABLE AS $$
              SELECT encode(sha256(convert_to(string_agg(octet_length(v)::text || ':' || v, ',' ORDER BY n), 'UTF8')), 'hex')
              FROM unnest(ARRAY[e.previous, e.seq::text, e.id::text, COALESCE(e.case_id::text, ''), to_char(e.made_at AT TIME ZONE 'UTC', 'YYYY-MM-DD HH24:MI:SS'), e.who, e.action, e.what, e.entity::text, e.field,
                CASE WHEN e.before IS NULL THEN '-' ELSE '+' || e.before END, CASE WHEN e.after IS NULL THEN '-' ELSE '+' || e.after END]) WITH ORDINALITY AS u(v, n)
            $$
            SQL);
        // What stands in the trail already is chained as it stands.
        $this->addSql(<<<'SQL'
            DO $$
            DECLARE row audit_entry; scope_now text; last text; n int; was text := '';
            BEGIN
              FOR row IN SELECT * FROM audit_entry ORDER BY COALESCE(case_id::text, 'shop'), id LOOP
                scope_now := COALESCE(row.case_id::text, 'shop');
                IF scope_now <> was THEN n := 0; last := repeat('0', 64); was := scope_now; END IF;
                n := n + 1; row.seq := n; row.previous := last; row.digest := audit_digest(row); last := row.digest;
                UPDATE audit_entry SET seq = row.seq, previous = row.previous, digest = row.digest WHERE id = row.id;
                INSERT INTO trail_head (scope, seq, digest) VALUES (scope_now, n, last) ON CONFLICT (scope) DO UPDATE SET seq = n, digest = last;
              END LOOP;
            END $$
            SQL);
        $this->addSql('ALTER TABLE audit_entry ENABLE TRIGGER audit_stays');
        $this->addSql('ALTER TABLE audit_entry ALTER seq DROP DEFAULT, ALTER previous DROP DEFAULT, ALTER digest DROP DEFAULT');
        // Runs as its owner: the application may add an entry and touches no head.
        $this->addSql(<<<'SQL'
            CREATE FUNCTION audit_chain() RETURNS trigger LANGUAGE plpgsql SECURITY DEFINER SET search_path = public AS $$
            DECLARE head trail_head; of_scope text := COALESCE(NEW.case_id::text, 'shop');
            BEGIN
              INSERT INTO trail_head (scope, seq, digest) VALUES (of_scope, 0, repeat('0', 64)) ON CONFLICT DO NOTHING;
              SELECT * INTO head FROM trail_head WHERE scope = of_scope FOR UPDATE;
              NEW.seq := head.seq + 1; NEW.previous := head.digest; NEW.digest := audit_digest(NEW);
              UPDATE trail_head SET seq = NEW.seq, digest = NEW.digest WHERE scope = of_scope;
              RETURN NEW;
            END $$
            SQL);
        $this->addSql('CREATE TRIGGER audit_chain BEFORE INSERT ON audit_entry FOR EACH ROW EXECUTE FUNCTION audit_chain()');
        $this->addSql('CREATE TRIGGER night_stays BEFORE UPDATE OR DELETE ON trail_night FOR EACH ROW EXECUTE FUNCTION audit_stays()');
    }

    public function down(Schema $schema): void
    {
        foreach (array_keys(self::EVIDENCE + ['mark' => '', 'photo_measure' => '']) as $table) {
            $this->addSql("DROP TRIGGER evidence_stays ON $table");
        }
        foreach (['report', 'claim_papers', 'stand_recording'] as $table) {
            $this->addSql("DROP TRIGGER papers_stay ON $table");
        }
        foreach (
            [
                ...array_keys(self::EVIDENCE), 'mark', 'photo_measure', 'case_file', 'verdict', 'picture', 'report',
                'claim_papers', 'stand_recording', 'audit_entry',
            ] as $table
        ) {
            $this->addSql("DROP TRIGGER is_never_emptied ON $table");
        }
        $this->addSql('DROP TRIGGER signed_case_stays ON case_file');
        $this->addSql('DROP TRIGGER picture_stays ON picture');
        $this->addSql('DROP TRIGGER audit_chain ON audit_entry');
        $this->addSql(
            'DROP FUNCTION evidence_stays, is_never_emptied, signed_case_stays, picture_stays, papers_stay, audit_chain, audit_digest'
        );
        $this->addSql('ALTER TABLE audit_entry DISABLE TRIGGER audit_stays');
        $this->addSql('UPDATE audit_entry SET who = COALESCE(n.name, \'somebody\') FROM trail_name n WHERE n.digest = who');
        foreach (['before', 'after'] as $side) {
            $this->addSql(
                "UPDATE audit_entry SET $side = COALESCE(n.name, 'somebody') FROM trail_name n WHERE $side = 'person:' || n.digest"
            );
        }
        $this->addSql('ALTER TABLE audit_entry ENABLE TRIGGER audit_stays');
        $this->addSql('ALTER TABLE audit_entry DROP seq, DROP previous, DROP digest');
        $this->addSql('DROP TABLE trail_night, trail_head, trail_name');
    }
}
