<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The first whole case: people, cases, strip, evidence, readings, chain, verdict, report, audit trail. */
final class Version20261125000000 extends AbstractMigration
{
    private const TABLES = [
        'arrival', 'audit_entry', 'case_file', 'chain_link', 'chain_node', 'complaint', 'finding', 'gauge', 'mark',
        'part_record', 'person', 'photo', 'picture', 'reading', 'report', 'statement', 'step_record', 'verdict',
    ];

    public function up(Schema $schema): void
    {
        foreach ([
            'CREATE TABLE arrival (shaft VARCHAR(20) DEFAULT NULL, end_float VARCHAR(20) DEFAULT NULL, side_play VARCHAR(20) '
                .'DEFAULT NULL, filling VARCHAR(20) DEFAULT NULL, oil_colour VARCHAR(120) NOT NULL, oil_smell VARCHAR(120) NOT NULL, '
                .'water VARCHAR(10) DEFAULT NULL, metal VARCHAR(10) DEFAULT NULL, seals_intact VARCHAR(10) DEFAULT NULL, missing '
                .'VARCHAR(400) NOT NULL, opened_before TEXT NOT NULL, pumped VARCHAR(400) NOT NULL, id UUID NOT NULL, made_at '
                .'TIMESTAMP(0) WITH TIME ZONE NOT NULL, version INT DEFAULT 1 NOT NULL, case_id UUID NOT NULL, PRIMARY KEY (id))',
            'CREATE UNIQUE INDEX UNIQ_5BE55CB4CF10D4F5 ON arrival (case_id)',
            'CREATE TABLE audit_entry (case_id UUID DEFAULT NULL, who VARCHAR(80) NOT NULL, action VARCHAR(10) NOT NULL, what '
                .'VARCHAR(200) NOT NULL, entity UUID NOT NULL, field VARCHAR(60) NOT NULL, before TEXT DEFAULT NULL, after TEXT '
                .'DEFAULT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, PRIMARY KEY (id))',
            'CREATE INDEX IDX_2C6AF987CF10D4F598817E56 ON audit_entry (case_id, made_at)',
            'CREATE TABLE case_file (number VARCHAR(20) NOT NULL, stage VARCHAR(20) NOT NULL, customer VARCHAR(120) NOT NULL, '
                .'unit_name VARCHAR(120) NOT NULL, maker VARCHAR(80) NOT NULL, model VARCHAR(80) NOT NULL, serial VARCHAR(80) NOT '
                .'NULL, serial_key VARCHAR(80) NOT NULL, tag VARCHAR(200) NOT NULL, identified_by VARCHAR(400) NOT NULL, rotation '
                .'VARCHAR(10) DEFAULT NULL, drive VARCHAR(120) NOT NULL, displacement VARCHAR(60) NOT NULL, service_since_new '
                .'VARCHAR(60) NOT NULL, service_since_repair VARCHAR(60) NOT NULL, repaired_by VARCHAR(200) NOT NULL, replaced_then '
                .'TEXT NOT NULL, earlier_origin_dealt TEXT NOT NULL, family VARCHAR(60) NOT NULL, id UUID NOT NULL, made_at '
                .'TIMESTAMP(0) WITH TIME ZONE NOT NULL, version INT DEFAULT 1 NOT NULL, holder_id UUID DEFAULT NULL, comeback_of_id '
                .'UUID DEFAULT NULL, PRIMARY KEY (id))',
            'CREATE UNIQUE INDEX UNIQ_D87ECA396901F54 ON case_file (number)',
            'CREATE INDEX IDX_D87ECA3DEEE62D0 ON case_file (holder_id)',
            'CREATE INDEX IDX_D87ECA3B7D29B6C ON case_file (comeback_of_id)',
            'CREATE INDEX IDX_D87ECA3618E2621 ON case_file (serial_key)',
            'CREATE TABLE chain_link (mechanism VARCHAR(60) NOT NULL, carrier VARCHAR(10) DEFAULT NULL, why TEXT NOT NULL, '
                .'by_whom VARCHAR(80) NOT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, from_id UUID NOT '
                .'NULL, to_id UUID NOT NULL, case_id UUID NOT NULL, PRIMARY KEY (id))',
            'CREATE INDEX IDX_A3DB2D7778CED90B ON chain_link (from_id)',
            'CREATE INDEX IDX_A3DB2D7730354A65 ON chain_link (to_id)',
            'CREATE INDEX IDX_A3DB2D77CF10D4F5 ON chain_link (case_id)',
            'CREATE UNIQUE INDEX UNIQ_A3DB2D7778CED90B30354A65 ON chain_link (from_id, to_id)',
            'CREATE TABLE chain_node (name VARCHAR(160) NOT NULL, place VARCHAR(125) DEFAULT NULL, origin VARCHAR(20) DEFAULT '
                .'NULL, step SMALLINT DEFAULT NULL, evidence TEXT NOT NULL, by_whom VARCHAR(80) NOT NULL, kind VARCHAR(12) NOT NULL, '
                .'id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, version INT DEFAULT 1 NOT NULL, finding_id UUID '
                .'DEFAULT NULL, complaint_id UUID DEFAULT NULL, case_id UUID NOT NULL, PRIMARY KEY (id))',
            'CREATE INDEX IDX_10085CC34323B5E7 ON chain_node (finding_id)',
            'CREATE INDEX IDX_10085CC3EDAE188E ON chain_node (complaint_id)',
            'CREATE INDEX IDX_10085CC3CF10D4F5 ON chain_node (case_id)',
            'CREATE TABLE complaint (what VARCHAR(60) NOT NULL, warmth VARCHAR(10) DEFAULT NULL, after VARCHAR(40) NOT NULL, '
                .'at_speed VARCHAR(10) DEFAULT NULL, under_load VARCHAR(10) DEFAULT NULL, extent VARCHAR(10) DEFAULT NULL, onset '
                .'VARCHAR(10) DEFAULT NULL, since VARCHAR(120) NOT NULL, words TEXT NOT NULL, theory TEXT NOT NULL, tried TEXT NOT '
                .'NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, version INT DEFAULT 1 NOT NULL, case_id UUID '
                .'NOT NULL, PRIMARY KEY (id))',
            'CREATE INDEX IDX_5F2732B5CF10D4F5 ON complaint (case_id)',
            'CREATE TABLE finding (kind VARCHAR(12) NOT NULL, surface VARCHAR(60) DEFAULT NULL, mode VARCHAR(40) DEFAULT NULL, '
                .'grade SMALLINT NOT NULL, feel VARCHAR(12) DEFAULT NULL, note TEXT NOT NULL, by_whom VARCHAR(80) NOT NULL, part '
                .'VARCHAR(60) NOT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, version INT DEFAULT 1 NOT '
                .'NULL, case_id UUID NOT NULL, PRIMARY KEY (id))',
            'CREATE INDEX IDX_A7191336CF10D4F5 ON finding (case_id)',
            'CREATE INDEX IDX_A7191336CF10D4F5490F70C6 ON finding (case_id, part)',
            'CREATE TABLE gauge (version INT DEFAULT 1 NOT NULL, name VARCHAR(80) NOT NULL, method VARCHAR(10) NOT NULL, '
                .'resolution VARCHAR(40) NOT NULL, expanded VARCHAR(40) NOT NULL, calibrated_on DATE DEFAULT NULL, id UUID NOT NULL, '
                .'made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, PRIMARY KEY (id))',
            'CREATE UNIQUE INDEX UNIQ_2BF40E2A5E237E06 ON gauge (name)',
            'CREATE TABLE mark (shape VARCHAR(10) NOT NULL, points JSONB NOT NULL, mode VARCHAR(40) DEFAULT NULL, grade SMALLINT '
                .'NOT NULL, note VARCHAR(300) NOT NULL, by_whom VARCHAR(80) NOT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH '
                .'TIME ZONE NOT NULL, photo_id UUID NOT NULL, PRIMARY KEY (id))',
            'CREATE INDEX IDX_6674F2717E9E4C8C ON mark (photo_id)',
            'CREATE TABLE part_record (feel VARCHAR(12) DEFAULT NULL, play SMALLINT DEFAULT NULL, sound SMALLINT DEFAULT NULL, '
                .'smell SMALLINT DEFAULT NULL, hardness SMALLINT DEFAULT NULL, note TEXT NOT NULL, disposition VARCHAR(20) DEFAULT '
                .'NULL, disposition_reason TEXT NOT NULL, part VARCHAR(60) NOT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME '
                .'ZONE NOT NULL, version INT DEFAULT 1 NOT NULL, case_id UUID NOT NULL, PRIMARY KEY (id))',
            'CREATE INDEX IDX_A2A45F04CF10D4F5 ON part_record (case_id)',
            'CREATE UNIQUE INDEX UNIQ_A2A45F04CF10D4F5490F70C6 ON part_record (case_id, part)',
            'CREATE TABLE person (password VARCHAR(255) NOT NULL, units VARCHAR(10) NOT NULL, username VARCHAR(60) NOT NULL, '
                .'name VARCHAR(80) NOT NULL, role VARCHAR(20) NOT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT '
                .'NULL, PRIMARY KEY (id))',
            'CREATE UNIQUE INDEX UNIQ_34DCD176F85E0677 ON person (username)',
            'CREATE TABLE photo (caption VARCHAR(200) NOT NULL, by_whom VARCHAR(80) NOT NULL, part VARCHAR(60) DEFAULT NULL, '
                .'stage VARCHAR(10) NOT NULL, original_name VARCHAR(255) NOT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME '
                .'ZONE NOT NULL, version INT DEFAULT 1 NOT NULL, case_id UUID NOT NULL, picture_id UUID NOT NULL, PRIMARY KEY (id))',
            'CREATE INDEX IDX_14B78418CF10D4F5 ON photo (case_id)',
            'CREATE INDEX IDX_14B78418EE45BDBF ON photo (picture_id)',
            'CREATE UNIQUE INDEX UNIQ_14B78418CF10D4F5EE45BDBF ON photo (case_id, picture_id)',
            'CREATE TABLE picture (hash CHAR(64) NOT NULL, type VARCHAR(30) NOT NULL, bytes INT NOT NULL, width INT NOT NULL, '
                .'height INT NOT NULL, taken_at VARCHAR(40) DEFAULT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT '
                .'NULL, PRIMARY KEY (id))',
            'CREATE UNIQUE INDEX UNIQ_16DB4F89D1B862B8 ON picture (hash)',
            'CREATE TABLE reading (gauge_name VARCHAR(80) NOT NULL, gauge_resolution VARCHAR(40) NOT NULL, gauge_expanded '
                .'VARCHAR(40) NOT NULL, gauge_calibrated_on DATE DEFAULT NULL, typed JSONB NOT NULL, zero VARCHAR(40) NOT NULL, note '
                .'VARCHAR(300) NOT NULL, by_whom VARCHAR(80) NOT NULL, at TIMESTAMP(0) WITH TIME ZONE NOT NULL, part VARCHAR(60) NOT '
                .'NULL, field VARCHAR(60) NOT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, version INT '
                .'DEFAULT 1 NOT NULL, gauge_id UUID DEFAULT NULL, case_id UUID NOT NULL, PRIMARY KEY (id))',
            'CREATE INDEX IDX_C11AFC4177C81DA6 ON reading (gauge_id)',
            'CREATE INDEX IDX_C11AFC41CF10D4F5 ON reading (case_id)',
            'CREATE UNIQUE INDEX UNIQ_C11AFC41CF10D4F5490F70C65BF54558 ON reading (case_id, part, field)',
            'CREATE TABLE report (state VARCHAR(10) NOT NULL, doing VARCHAR(120) NOT NULL, percent SMALLINT NOT NULL, hash '
                .'VARCHAR(64) DEFAULT NULL, bytes INT DEFAULT NULL, error TEXT NOT NULL, touched_at TIMESTAMP(0) WITH TIME ZONE NOT '
                .'NULL, by_whom VARCHAR(80) NOT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, case_id UUID '
                .'NOT NULL, verdict_id UUID DEFAULT NULL, PRIMARY KEY (id))',
            'CREATE INDEX IDX_C42F7784CF10D4F5 ON report (case_id)',
            'CREATE INDEX IDX_C42F77841391DFBF ON report (verdict_id)',
            'CREATE INDEX IDX_C42F7784CF10D4F598817E56 ON report (case_id, made_at)',
            'CREATE TABLE statement (words TEXT NOT NULL, who VARCHAR(120) NOT NULL, source VARCHAR(20) NOT NULL, id UUID NOT '
                .'NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, contradicts_id UUID DEFAULT NULL, case_id UUID NOT NULL, '
                .'PRIMARY KEY (id))',
            'CREATE INDEX IDX_C0DB5176168F0DA7 ON statement (contradicts_id)',
            'CREATE INDEX IDX_C0DB5176CF10D4F5 ON statement (case_id)',
            'CREATE TABLE step_record (state VARCHAR(10) NOT NULL, reason TEXT NOT NULL, facing TEXT NOT NULL, fasteners '
                .'VARCHAR(20) DEFAULT NULL, fastener_note VARCHAR(120) NOT NULL, counted JSONB NOT NULL, marked BOOLEAN NOT NULL, '
                .'note TEXT NOT NULL, by_whom VARCHAR(80) NOT NULL, with_whom VARCHAR(80) NOT NULL, at TIMESTAMP(0) WITH TIME ZONE '
                .'NOT NULL, step VARCHAR(60) NOT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, version INT '
                .'DEFAULT 1 NOT NULL, case_id UUID NOT NULL, PRIMARY KEY (id))',
            'CREATE INDEX IDX_B62A52EBCF10D4F5 ON step_record (case_id)',
            'CREATE UNIQUE INDEX UNIQ_B62A52EBCF10D4F543B9FE3C ON step_record (case_id, step)',
            'CREATE TABLE verdict (cause_not_found BOOLEAN NOT NULL, responsibility VARCHAR(20) DEFAULT NULL, statement TEXT NOT '
                .'NULL, at_risk TEXT NOT NULL, reopened_because TEXT NOT NULL, signed_at TIMESTAMP(0) WITH TIME ZONE DEFAULT NULL, '
                .'second_at TIMESTAMP(0) WITH TIME ZONE DEFAULT NULL, snapshot JSONB DEFAULT NULL, snapshot_hash VARCHAR(64) DEFAULT '
                .'NULL, revision SMALLINT NOT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, version INT '
                .'DEFAULT 1 NOT NULL, origin_id UUID DEFAULT NULL, signed_by_id UUID DEFAULT NULL, second_by_id UUID DEFAULT NULL, '
                .'case_id UUID NOT NULL, PRIMARY KEY (id))',
            'CREATE INDEX IDX_23050A9356A273CC ON verdict (origin_id)',
            'CREATE INDEX IDX_23050A93D2EDD3FB ON verdict (signed_by_id)',
            'CREATE INDEX IDX_23050A939B0DE953 ON verdict (second_by_id)',
            'CREATE INDEX IDX_23050A93CF10D4F5 ON verdict (case_id)',
            'CREATE UNIQUE INDEX UNIQ_23050A93CF10D4F56D6315CC ON verdict (case_id, revision)',
            'ALTER TABLE arrival ADD CONSTRAINT FK_5BE55CB4CF10D4F5 FOREIGN KEY (case_id) REFERENCES case_file (id) ON DELETE '
                .'CASCADE NOT DEFERRABLE',
            'ALTER TABLE case_file ADD CONSTRAINT FK_D87ECA3DEEE62D0 FOREIGN KEY (holder_id) REFERENCES person (id)',
            'ALTER TABLE case_file ADD CONSTRAINT FK_D87ECA3B7D29B6C FOREIGN KEY (comeback_of_id) REFERENCES case_file (id)',
            'ALTER TABLE chain_link ADD CONSTRAINT FK_A3DB2D7778CED90B FOREIGN KEY (from_id) REFERENCES chain_node (id) ON '
                .'DELETE CASCADE NOT DEFERRABLE',
            'ALTER TABLE chain_link ADD CONSTRAINT FK_A3DB2D7730354A65 FOREIGN KEY (to_id) REFERENCES chain_node (id) ON DELETE '
                .'CASCADE NOT DEFERRABLE',
            'ALTER TABLE chain_link ADD CONSTRAINT FK_A3DB2D77CF10D4F5 FOREIGN KEY (case_id) REFERENCES case_file (id) ON DELETE '
                .'CASCADE NOT DEFERRABLE',
            'ALTER TABLE chain_node ADD CONSTRAINT FK_10085CC34323B5E7 FOREIGN KEY (finding_id) REFERENCES finding (id) ON '
                .'DELETE CASCADE NOT DEFERRABLE',
            'ALTER TABLE chain_node ADD CONSTRAINT FK_10085CC3EDAE188E FOREIGN KEY (complaint_id) REFERENCES complaint (id) ON '
                .'DELETE CASCADE NOT DEFERRABLE',
            'ALTER TABLE chain_node ADD CONSTRAINT FK_10085CC3CF10D4F5 FOREIGN KEY (case_id) REFERENCES case_file (id) ON DELETE '
                .'CASCADE NOT DEFERRABLE',
            'ALTER TABLE complaint ADD CONSTRAINT FK_5F2732B5CF10D4F5 FOREIGN KEY (case_id) REFERENCES case_file (id) ON DELETE '
                .'CASCADE NOT DEFERRABLE',
            'ALTER TABLE finding ADD CONSTRAINT FK_A7191336CF10D4F5 FOREIGN KEY (case_id) REFERENCES case_file (id) ON DELETE '
                .'CASCADE NOT DEFERRABLE',
            'ALTER TABLE mark ADD CONSTRAINT FK_6674F2717E9E4C8C FOREIGN KEY (photo_id) REFERENCES photo (id) ON DELETE CASCADE '
                .'NOT DEFERRABLE',
            'ALTER TABLE part_record ADD CONSTRAINT FK_A2A45F04CF10D4F5 FOREIGN KEY (case_id) REFERENCES case_file (id) ON '
                .'DELETE CASCADE NOT DEFERRABLE',
            'ALTER TABLE photo ADD CONSTRAINT FK_14B78418CF10D4F5 FOREIGN KEY (case_id) REFERENCES case_file (id) ON DELETE '
                .'CASCADE NOT DEFERRABLE',
            'ALTER TABLE photo ADD CONSTRAINT FK_14B78418EE45BDBF FOREIGN KEY (picture_id) REFERENCES picture (id) NOT DEFERRABLE',
            'ALTER TABLE reading ADD CONSTRAINT FK_C11AFC4177C81DA6 FOREIGN KEY (gauge_id) REFERENCES gauge (id)',
            'ALTER TABLE reading ADD CONSTRAINT FK_C11AFC41CF10D4F5 FOREIGN KEY (case_id) REFERENCES case_file (id) ON DELETE '
                .'CASCADE NOT DEFERRABLE',
            'ALTER TABLE report ADD CONSTRAINT FK_C42F7784CF10D4F5 FOREIGN KEY (case_id) REFERENCES case_file (id) ON DELETE '
                .'CASCADE NOT DEFERRABLE',
            'ALTER TABLE report ADD CONSTRAINT FK_C42F77841391DFBF FOREIGN KEY (verdict_id) REFERENCES verdict (id)',
            'ALTER TABLE statement ADD CONSTRAINT FK_C0DB5176168F0DA7 FOREIGN KEY (contradicts_id) REFERENCES statement (id) ON '
                .'DELETE SET NULL NOT DEFERRABLE',
            'ALTER TABLE statement ADD CONSTRAINT FK_C0DB5176CF10D4F5 FOREIGN KEY (case_id) REFERENCES case_file (id) ON DELETE '
                .'CASCADE NOT DEFERRABLE',
            'ALTER TABLE step_record ADD CONSTRAINT FK_B62A52EBCF10D4F5 FOREIGN KEY (case_id) REFERENCES case_file (id) ON '
                .'DELETE CASCADE NOT DEFERRABLE',
            'ALTER TABLE verdict ADD CONSTRAINT FK_23050A9356A273CC FOREIGN KEY (origin_id) REFERENCES chain_node (id) ON DELETE '
                .'SET NULL NOT DEFERRABLE',
            'ALTER TABLE verdict ADD CONSTRAINT FK_23050A93D2EDD3FB FOREIGN KEY (signed_by_id) REFERENCES person (id)',
            'ALTER TABLE verdict ADD CONSTRAINT FK_23050A939B0DE953 FOREIGN KEY (second_by_id) REFERENCES person (id)',
            'ALTER TABLE verdict ADD CONSTRAINT FK_23050A93CF10D4F5 FOREIGN KEY (case_id) REFERENCES case_file (id) ON DELETE '
                .'RESTRICT NOT DEFERRABLE',
        ] as $sql) {
            $this->addSql($sql);
        }
        $this->rules();
        $this->infrastructure();
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE '.implode(', ', self::TABLES).', sessions, messenger_messages, login_attempt CASCADE');
        $this->addSql('DROP FUNCTION signed_stays_signed(), audit_stays(), notify_messenger_messages() CASCADE');
        $this->addSql('DROP SEQUENCE case_number');
    }

    /** What must never be false, whoever writes. */
    private function rules(): void
    {
        foreach ([
            'ALTER TABLE finding ADD CONSTRAINT finding_grade CHECK (grade BETWEEN 0 AND 4)',
            "ALTER TABLE finding ADD CONSTRAINT finding_damage CHECK (kind <> 'damage' OR (mode IS NOT NULL AND grade > 0))",
            'ALTER TABLE mark ADD CONSTRAINT mark_grade CHECK (grade BETWEEN 0 AND 4)',
            "ALTER TABLE picture ADD CONSTRAINT picture_hash CHECK (hash ~ '^[0-9a-f]{64}$' AND bytes > 0 AND width > 0 AND height > 0)",
            'ALTER TABLE chain_link ADD CONSTRAINT link_joins_two CHECK (from_id <> to_id)',
            "ALTER TABLE chain_node ADD CONSTRAINT origin_has_a_kind CHECK (kind <> 'origin' OR origin IS NOT NULL)",
            'ALTER TABLE verdict ADD CONSTRAINT two_people_sign CHECK (second_by_id IS NULL OR (signed_by_id IS NOT NULL AND '
                .'second_by_id <> signed_by_id))',
            'ALTER TABLE verdict ADD CONSTRAINT signed_is_whole CHECK (second_at IS NULL OR (signed_at IS NOT NULL AND snapshot '
                .'IS NOT NULL AND snapshot_hash IS NOT NULL))',
            'ALTER TABLE report ADD CONSTRAINT report_percent CHECK (percent BETWEEN 0 AND 100)',
            'CREATE FUNCTION signed_stays_signed() RETURNS trigger LANGUAGE plpgsql AS $$ BEGIN IF OLD.second_at IS NOT NULL '
                ."THEN RAISE EXCEPTION 'a signed verdict is superseded, never changed'; END IF; RETURN COALESCE(NEW, OLD); END $$",
            'CREATE TRIGGER signed_stays_signed BEFORE UPDATE OR DELETE ON verdict FOR EACH ROW EXECUTE FUNCTION signed_stays_signed()',
            "CREATE FUNCTION audit_stays() RETURNS trigger LANGUAGE plpgsql AS $$ BEGIN RAISE EXCEPTION 'the audit trail is only "
                ."added to'; END $$",
            'CREATE TRIGGER audit_stays BEFORE UPDATE OR DELETE ON audit_entry FOR EACH ROW EXECUTE FUNCTION audit_stays()',
        ] as $sql) {
            $this->addSql($sql);
        }
    }

    /** Tables that are not entities: sessions, the queue, the log-in lock, the running case number. */
    private function infrastructure(): void
    {
        foreach ([
            'CREATE SEQUENCE case_number START 101',
            'CREATE TABLE sessions (sess_id VARCHAR(128) NOT NULL PRIMARY KEY, sess_data BYTEA NOT NULL, sess_lifetime INTEGER '
                .'NOT NULL, sess_time INTEGER NOT NULL)',
            'CREATE INDEX sessions_lifetime ON sessions (sess_lifetime)',
            'CREATE TABLE login_attempt (who VARCHAR(64) NOT NULL PRIMARY KEY, failures INTEGER NOT NULL, last_at TIMESTAMPTZ '
                .'NOT NULL, locked_until TIMESTAMPTZ)',
            'CREATE TABLE messenger_messages (id BIGSERIAL NOT NULL PRIMARY KEY, body TEXT NOT NULL, headers TEXT NOT NULL, '
                .'queue_name VARCHAR(190) NOT NULL, created_at TIMESTAMP(0) WITHOUT TIME ZONE NOT NULL, available_at TIMESTAMP(0) '
                .'WITHOUT TIME ZONE NOT NULL, delivered_at TIMESTAMP(0) WITHOUT TIME ZONE DEFAULT NULL)',
            'CREATE INDEX messenger_messages_next ON messenger_messages (queue_name, available_at, delivered_at, id)',
            'CREATE FUNCTION notify_messenger_messages() RETURNS TRIGGER LANGUAGE plpgsql AS $$ BEGIN PERFORM '
                .'pg_notify(\'messenger_messages\', NEW.queue_name::text); RETURN NEW; END; $$',
            'CREATE TRIGGER notify_trigger AFTER INSERT OR UPDATE ON messenger_messages FOR EACH ROW EXECUTE PROCEDURE '
                .'notify_messenger_messages()',
        ] as $sql) {
            $this->addSql($sql);
        }
    }
}
