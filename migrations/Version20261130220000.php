<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * The memory of the shop: what cases are found by, compared with and counted under. It follows from the cases and can be made anew at any
 * time; what has changed stands in `memory_due`, put there in the transaction of the change.
 */
final class Version20261130220000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The memory of the shop';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(<<<'SQL'
            CREATE TABLE memory_case (
                case_id UUID PRIMARY KEY REFERENCES case_file (id) ON DELETE CASCADE,
                number VARCHAR(20) NOT NULL, family VARCHAR(60) NOT NULL, customer VARCHAR(120) NOT NULL, unit_name VARCHAR(120) NOT NULL,
                model VARCHAR(170) NOT NULL, serial VARCHAR(80) NOT NULL, serial_key VARCHAR(80) NOT NULL,
                taken_at TIMESTAMPTZ NOT NULL, signed_at TIMESTAMPTZ, stage VARCHAR(20) NOT NULL, waits VARCHAR(20) NOT NULL,
                stands VARCHAR(60) NOT NULL, holder_id UUID, holder VARCHAR(80) NOT NULL, is_comeback BOOLEAN NOT NULL,
                is_withdrawn BOOLEAN NOT NULL, hours DOUBLE PRECISION, since_repair DOUBLE PRECISION, complains TEXT NOT NULL,
                found TEXT NOT NULL, claim VARCHAR(20), claimed BIGINT, offered BIGINT, out_at TIMESTAMPTZ, cure VARCHAR(10), ran_until TIMESTAMPTZ,
                worst SMALLINT NOT NULL, strip JSONB NOT NULL
            )
            SQL);
        $this->addSql('CREATE INDEX memory_case_taken ON memory_case (taken_at DESC, case_id DESC)');
        $this->addSql("CREATE INDEX memory_case_open ON memory_case (waits, taken_at DESC) WHERE waits <> 'out'");
        $this->addSql('CREATE INDEX memory_case_family ON memory_case (family, taken_at DESC)');
        $this->addSql('CREATE INDEX memory_case_customer ON memory_case USING gin (lower(customer) gin_trgm_ops)');
        $this->addSql('CREATE INDEX memory_case_model ON memory_case USING gin (lower(model) gin_trgm_ops)');
        $this->addSql('CREATE INDEX memory_case_serial ON memory_case USING gin (serial_key gin_trgm_ops)');
        $this->addSql('CREATE INDEX memory_case_number ON memory_case (number)');
        $of = 'case_id UUID NOT NULL REFERENCES memory_case (case_id) ON DELETE CASCADE';
        $this->addSql("CREATE TABLE memory_find ($of, part VARCHAR(60) NOT NULL, surface VARCHAR(60), mode VARCHAR(40), grade SMALLINT NOT NULL)");
        $this->addSql("CREATE TABLE memory_reading ($of, part VARCHAR(60) NOT NULL, field VARCHAR(60) NOT NULL, verdict VARCHAR(20), size DOUBLE PRECISION)");
        $this->addSql("CREATE TABLE memory_complaint ($of, what VARCHAR(60) NOT NULL, conditions TEXT[] NOT NULL)");
        $this->addSql(<<<SQL
            CREATE TABLE memory_origin ($of, origin VARCHAR(60) NOT NULL, kind VARCHAR(20) NOT NULL, name VARCHAR(200) NOT NULL,
                place VARCHAR(125), who VARCHAR(20), counts BOOLEAN NOT NULL)
            SQL);
        $this->addSql(<<<SQL
            CREATE TABLE memory_text ($of, source VARCHAR(20) NOT NULL, body TEXT NOT NULL,
                words TSVECTOR NOT NULL GENERATED ALWAYS AS (to_tsvector('english', body)) STORED)
            SQL);
        $this->addSql("CREATE TABLE memory_claim ($of, number VARCHAR(30) NOT NULL, ordinal SMALLINT NOT NULL, what VARCHAR(200) NOT NULL, due DATE NOT NULL)");
        $this->addSql(
            "CREATE TABLE memory_batch ($of, part VARCHAR(60) NOT NULL, mark VARCHAR(60) NOT NULL, supplier VARCHAR(120) NOT NULL, "
                .'had BOOLEAN NOT NULL)'
        );
        $this->addSql('CREATE INDEX memory_batch_mark ON memory_batch (lower(mark), case_id)');
        $this->addSql('CREATE INDEX memory_claim_due ON memory_claim (due)');
        $this->addSql("CREATE TABLE memory_trait ($of, trait VARCHAR(200) NOT NULL, weight REAL NOT NULL)");
        $this->addSql('CREATE INDEX memory_trait_what ON memory_trait (trait, case_id) INCLUDE (weight)');
        $this->addSql(
            'CREATE TABLE memory_rate (family VARCHAR(60) NOT NULL, level VARCHAR(10) NOT NULL, value VARCHAR(170) NOT NULL, '
                .'origin VARCHAR(60) NOT NULL, cases INT NOT NULL, PRIMARY KEY (family, level, value, origin))'
        );
        $this->addSql('CREATE TABLE memory_trait_count (trait VARCHAR(200) PRIMARY KEY, cases INT NOT NULL)');
        foreach (['find', 'reading', 'complaint', 'origin', 'text', 'trait', 'claim', 'batch'] as $table) {
            $this->addSql("CREATE INDEX memory_{$table}_case ON memory_$table (case_id)");
        }
        $this->addSql('CREATE INDEX memory_find_what ON memory_find (mode, grade, part, case_id)');
        $this->addSql('CREATE INDEX memory_find_part ON memory_find (part, grade, case_id)');
        $this->addSql('CREATE INDEX memory_reading_what ON memory_reading (field, verdict, case_id)');
        $this->addSql('CREATE INDEX memory_complaint_what ON memory_complaint (what, case_id)');
        $this->addSql('CREATE INDEX memory_origin_what ON memory_origin (origin, case_id)');
        $this->addSql('CREATE INDEX memory_origin_kind ON memory_origin (kind, case_id)');
        $this->addSql('CREATE INDEX memory_text_words ON memory_text USING gin (words)');
        $this->addSql('CREATE INDEX memory_text_letters ON memory_text USING gin (lower(body) gin_trgm_ops)');
        // Cases are found by their memory.
        $this->addSql('DROP INDEX case_file_told');
        $this->addSql('DROP INDEX case_file_serial_letters');
        $this->due();
        $this->addSql(<<<'SQL'
            CREATE TABLE saved_ask (
                id UUID PRIMARY KEY, owner_id UUID REFERENCES person (id) ON DELETE CASCADE, name VARCHAR(80) NOT NULL,
                line VARCHAR(500) NOT NULL, made_at TIMESTAMPTZ NOT NULL
            )
            SQL);
        $this->addSql('CREATE INDEX IDX_8C5CCDE87E3C61F9 ON saved_ask (owner_id)');
        $this->addSql(<<<'SQL'
            CREATE TABLE fitted_part (
                id UUID PRIMARY KEY, case_id UUID NOT NULL REFERENCES case_file (id) ON DELETE CASCADE, part VARCHAR(60) NOT NULL,
                supplier VARCHAR(120) NOT NULL, batch VARCHAR(60) NOT NULL, date_code VARCHAR(60) NOT NULL, by_whom VARCHAR(80) NOT NULL,
                by_person_id UUID REFERENCES person (id) ON DELETE RESTRICT, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL
            )
            SQL);
        $this->addSql('CREATE INDEX IDX_E3A21650CF10D4F5 ON fitted_part (case_id)');
        $this->addSql('CREATE INDEX IDX_E3A21650F80B52D4 ON fitted_part (batch)');
        $this->addSql('CREATE INDEX IDX_E3A21650B5BE2AA2 ON fitted_part (by_person_id)');
        $this->addSql(<<<'SQL'
            CREATE TABLE shop_warning (
                id UUID PRIMARY KEY, family VARCHAR(60) NOT NULL, group_by VARCHAR(10) NOT NULL, value VARCHAR(170) NOT NULL,
                what VARCHAR(10) NOT NULL, thing VARCHAR(60) NOT NULL, recent INT NOT NULL, of_recent INT NOT NULL, before INT NOT NULL,
                of_before INT NOT NULL, chance DOUBLE PRECISION NOT NULL, is_taken BOOLEAN NOT NULL, reason VARCHAR(500) NOT NULL,
                settled_by VARCHAR(80) NOT NULL, settled_at TIMESTAMP(0) WITH TIME ZONE DEFAULT NULL,
                made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL
            )
            SQL);
        $this->addSql('CREATE INDEX IDX_437DDCECA5E6215B ON shop_warning (family)');
    }

    /** What has changed is due in the same transaction; where two change the same case, the second waits for the first. */
    private function due(): void
    {
        $this->addSql('CREATE TABLE memory_due (case_id UUID PRIMARY KEY, since TIMESTAMPTZ NOT NULL DEFAULT clock_timestamp())');
        $this->addSql(<<<'SQL'
            CREATE FUNCTION memory_note(cases UUID[]) RETURNS void LANGUAGE sql SECURITY DEFINER AS $$
                INSERT INTO memory_due (case_id) SELECT DISTINCT one FROM unnest(cases) one WHERE one IS NOT NULL ORDER BY one
                ON CONFLICT (case_id) DO UPDATE SET since = clock_timestamp()
            $$
            SQL);
        $this->addSql(<<<'SQL'
            CREATE FUNCTION memory_of_audit() RETURNS trigger LANGUAGE plpgsql AS $$
                BEGIN PERFORM memory_note(ARRAY(SELECT DISTINCT case_id FROM fresh)); RETURN NULL; END $$
            SQL);
        $this->addSql(<<<'SQL'
            CREATE FUNCTION memory_of_case() RETURNS trigger LANGUAGE plpgsql AS $$
                BEGIN PERFORM memory_note(ARRAY(SELECT id FROM fresh)); RETURN NULL; END $$
            SQL);
        $this->addSql(<<<'SQL'
            CREATE FUNCTION memory_of_family() RETURNS trigger LANGUAGE plpgsql AS $$
                BEGIN
                    PERFORM memory_note(ARRAY(SELECT c.id FROM case_file c JOIN fresh f ON f.family = c.family WHERE c.signed_at IS NULL));
                    RETURN NULL;
                END $$
            SQL);
        // What a policy says of its days holds for all claims that are open.
        $this->addSql(<<<'SQL'
            CREATE FUNCTION memory_of_policy() RETURNS trigger LANGUAGE plpgsql AS $$
                BEGIN PERFORM memory_note(ARRAY(SELECT DISTINCT case_id FROM memory_claim)); RETURN NULL; END $$
            SQL);
        $noted = ['audit_entry' => 'audit', 'case_file' => 'case', 'shop_limit' => 'family', 'shop_policy' => 'policy'];
        foreach ($noted as $table => $of) {
            foreach ('audit_entry' === $table ? ['INSERT'] : ['INSERT', 'UPDATE'] as $act) {
                $this->addSql(\sprintf(
                    'CREATE TRIGGER memory_%1$s AFTER %2$s ON %3$s REFERENCING NEW TABLE AS fresh FOR EACH STATEMENT EXECUTE FUNCTION memory_of_%4$s()',
                    strtolower($act), $act, $table, $of,
                ));
            }
        }
        $this->addSql('SELECT memory_note(ARRAY(SELECT id FROM case_file))');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('CREATE INDEX case_file_serial_letters ON case_file USING gin (serial_key gin_trgm_ops)');
        $this->addSql('DROP TABLE shop_warning');
        $this->addSql('DROP TABLE fitted_part');
        $this->addSql('DROP TABLE saved_ask');
        $this->addSql(
            "CREATE INDEX case_file_told ON case_file USING gin ((lower(number || ' ' || unit_name || ' ' || maker || ' ' || model || ' ' "
                ."|| customer || ' ' || serial)) gin_trgm_ops)"
        );
        foreach (['audit_entry', 'case_file', 'shop_limit', 'shop_policy'] as $table) {
            $this->addSql("DROP TRIGGER IF EXISTS memory_insert ON $table");
            $this->addSql("DROP TRIGGER IF EXISTS memory_update ON $table");
        }
        foreach (['memory_of_audit()', 'memory_of_case()', 'memory_of_family()', 'memory_of_policy()', 'memory_note(uuid[])'] as $function) {
            $this->addSql("DROP FUNCTION $function");
        }
        foreach (['due', 'rate', 'trait_count', 'claim', 'batch', 'trait', 'text', 'origin', 'complaint', 'reading', 'find', 'case'] as $table) {
            $this->addSql("DROP TABLE memory_$table");
        }
    }
}
