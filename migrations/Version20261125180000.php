<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Figures at the bench: figures kept with a case, zero checks, chosen limits, gauges that send, adjusters as found, duty. */
final class Version20261125180000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        foreach ([
            'CREATE TABLE gauge_shot (value VARCHAR(40) NOT NULL, battery_low BOOLEAN NOT NULL, id UUID NOT NULL, made_at '
                .'TIMESTAMP(0) WITH TIME ZONE NOT NULL, gauge_id UUID NOT NULL, PRIMARY KEY (id))',
            'CREATE INDEX IDX_59319E5377C81DA6 ON gauge_shot (gauge_id)',
            'CREATE INDEX IDX_59319E5398817E56 ON gauge_shot (made_at)',
            'CREATE TABLE kept_figure (part VARCHAR(60) NOT NULL, figure VARCHAR(60) NOT NULL, formula SMALLINT NOT NULL, '
                .'question VARCHAR(200) NOT NULL, typed JSONB NOT NULL, results JSONB NOT NULL, notes JSONB NOT NULL, remark '
                .'VARCHAR(300) NOT NULL, by_whom VARCHAR(80) NOT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT '
                .'NULL, case_id UUID NOT NULL, PRIMARY KEY (id))',
            'CREATE INDEX IDX_BC0DB89CCF10D4F5 ON kept_figure (case_id)',
            'CREATE TABLE limit_choice (chosen VARCHAR(60) NOT NULL, reason VARCHAR(300) NOT NULL, by_whom VARCHAR(80) NOT NULL, '
                .'part VARCHAR(60) NOT NULL, field VARCHAR(60) NOT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT '
                .'NULL, case_id UUID NOT NULL, PRIMARY KEY (id))',
            'CREATE INDEX IDX_24230A61CF10D4F5 ON limit_choice (case_id)',
            'CREATE UNIQUE INDEX UNIQ_24230A61CF10D4F5490F70C65BF54558 ON limit_choice (case_id, part, field)',
            'CREATE TABLE zero_check (typed VARCHAR(40) NOT NULL, by_whom VARCHAR(80) NOT NULL, id UUID NOT NULL, made_at '
                .'TIMESTAMP(0) WITH TIME ZONE NOT NULL, gauge_id UUID NOT NULL, PRIMARY KEY (id))',
            'CREATE INDEX IDX_80EAF20177C81DA6 ON zero_check (gauge_id)',
            'CREATE INDEX IDX_80EAF20177C81DA698817E56 ON zero_check (gauge_id, made_at)',
            'ALTER TABLE gauge_shot ADD CONSTRAINT FK_59319E5377C81DA6 FOREIGN KEY (gauge_id) REFERENCES gauge (id) ON DELETE '
                .'CASCADE NOT DEFERRABLE',
            'ALTER TABLE kept_figure ADD CONSTRAINT FK_BC0DB89CCF10D4F5 FOREIGN KEY (case_id) REFERENCES case_file (id) ON '
                .'DELETE CASCADE NOT DEFERRABLE',
            'ALTER TABLE limit_choice ADD CONSTRAINT FK_24230A61CF10D4F5 FOREIGN KEY (case_id) REFERENCES case_file (id) ON '
                .'DELETE CASCADE NOT DEFERRABLE',
            'ALTER TABLE zero_check ADD CONSTRAINT FK_80EAF20177C81DA6 FOREIGN KEY (gauge_id) REFERENCES gauge (id) ON DELETE '
                .'CASCADE NOT DEFERRABLE',
            "ALTER TABLE case_file ADD duty VARCHAR(60) DEFAULT '' NOT NULL",
            'ALTER TABLE case_file ALTER duty DROP DEFAULT',
            'ALTER TABLE case_file ADD signed_at TIMESTAMP(0) WITH TIME ZONE DEFAULT NULL',
            "UPDATE case_file SET signed_at = (SELECT max(second_at) FROM verdict WHERE case_id = case_file.id) WHERE stage = 'signed'",
            "ALTER TABLE part_record ADD duty VARCHAR(60) DEFAULT '' NOT NULL",
            'ALTER TABLE part_record ALTER duty DROP DEFAULT',
            'ALTER TABLE gauge ADD kind VARCHAR(20) DEFAULT NULL',
            "ALTER TABLE gauge ADD range_from VARCHAR(40) DEFAULT '' NOT NULL",
            'ALTER TABLE gauge ALTER range_from DROP DEFAULT',
            "ALTER TABLE gauge ADD range_to VARCHAR(40) DEFAULT '' NOT NULL",
            'ALTER TABLE gauge ALTER range_to DROP DEFAULT',
            'ALTER TABLE gauge ADD calibration_due DATE DEFAULT NULL',
            "ALTER TABLE gauge ADD bench VARCHAR(40) DEFAULT '' NOT NULL",
            'ALTER TABLE gauge ALTER bench DROP DEFAULT',
            'ALTER TABLE gauge ADD token_hash VARCHAR(64) DEFAULT NULL',
            'CREATE UNIQUE INDEX UNIQ_2BF40E2AB3BC57DA ON gauge (token_hash)',
            "ALTER TABLE reading ADD places JSONB DEFAULT '[]' NOT NULL",
            'ALTER TABLE reading ALTER places DROP DEFAULT',
            'ALTER TABLE reading ADD gauge_due DATE DEFAULT NULL',
            "ALTER TABLE step_record ADD adjusters JSONB DEFAULT '{}' NOT NULL",
            'ALTER TABLE step_record ALTER adjusters DROP DEFAULT',
            "ALTER TABLE step_record ADD left_out JSONB DEFAULT '[]' NOT NULL",
            'ALTER TABLE step_record ALTER left_out DROP DEFAULT',
            'CREATE TABLE watch_tick (state VARCHAR(10) NOT NULL, by_whom VARCHAR(80) NOT NULL, watch VARCHAR(60) NOT NULL, id '
                .'UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, case_id UUID NOT NULL, PRIMARY KEY (id))',
            'CREATE INDEX IDX_474C389FCF10D4F5 ON watch_tick (case_id)',
            'CREATE UNIQUE INDEX UNIQ_474C389FCF10D4F5500B4A26 ON watch_tick (case_id, watch)',
            'ALTER TABLE watch_tick ADD CONSTRAINT FK_WATCH FOREIGN KEY (case_id) REFERENCES case_file (id) ON DELETE CASCADE '
                .'NOT DEFERRABLE',
            'CREATE TABLE shop_limit (new VARCHAR(40) NOT NULL, min VARCHAR(40) NOT NULL, max VARCHAR(40) NOT NULL, source '
                .'VARCHAR(200) NOT NULL, by_whom VARCHAR(80) NOT NULL, family VARCHAR(60) NOT NULL, part VARCHAR(60) NOT NULL, field '
                .'VARCHAR(60) NOT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, version INT DEFAULT 1 NOT '
                .'NULL, PRIMARY KEY (id))',
            'ALTER TABLE shop_limit ADD ended_at TIMESTAMP(0) WITH TIME ZONE DEFAULT NULL',
            'CREATE INDEX IDX_B880B232A5E6215B490F70C65BF54558 ON shop_limit (family, part, field)',
            'ALTER TABLE step_record ADD minutes SMALLINT DEFAULT NULL',
            'CREATE TABLE content_check (found VARCHAR(200) NOT NULL, differs BOOLEAN NOT NULL, by_whom VARCHAR(80) NOT NULL, '
                .'part VARCHAR(60) NOT NULL, what VARCHAR(120) NOT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT '
                .'NULL, case_id UUID NOT NULL, PRIMARY KEY (id))',
            'CREATE INDEX IDX_D74DF8C1CF10D4F5 ON content_check (case_id)',
            'CREATE UNIQUE INDEX UNIQ_D74DF8C1CF10D4F5490F70C6BAE63262 ON content_check (case_id, part, what)',
            'ALTER TABLE content_check ADD CONSTRAINT FK_CONTENTC FOREIGN KEY (case_id) REFERENCES case_file (id) ON DELETE '
                .'CASCADE NOT DEFERRABLE',
            'CREATE TABLE shop_word (family VARCHAR(60) NOT NULL, part VARCHAR(60) NOT NULL, word VARCHAR(60) NOT NULL, id UUID '
                .'NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, PRIMARY KEY (id))',
            'CREATE UNIQUE INDEX UNIQ_203936AA5E6215B490F70C6 ON shop_word (family, part)',
            'CREATE TABLE school_pick (side VARCHAR(60) NOT NULL, by_whom VARCHAR(80) NOT NULL, family VARCHAR(60) NOT NULL, '
                .'choice VARCHAR(60) NOT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, case_id UUID DEFAULT '
                .'NULL, PRIMARY KEY (id))',
            'CREATE INDEX IDX_D8E5D076CF10D4F5 ON school_pick (case_id)',
            'CREATE UNIQUE INDEX UNIQ_D8E5D076A5E6215BC1AB5A92CF10D4F5 ON school_pick (family, choice, case_id)',
            'ALTER TABLE school_pick ADD CONSTRAINT FK_SCHOOLC FOREIGN KEY (case_id) REFERENCES case_file (id) ON DELETE CASCADE '
                .'NOT DEFERRABLE',
            "CREATE FUNCTION notify_gauge_shot() RETURNS trigger LANGUAGE plpgsql AS \$\$ BEGIN PERFORM pg_notify('gauge_shot', "
                .'NEW.id::text); RETURN NEW; END $$',
            'CREATE TRIGGER notify_gauge_shot AFTER INSERT ON gauge_shot FOR EACH ROW EXECUTE FUNCTION notify_gauge_shot()',
            "ALTER TABLE limit_choice ADD CONSTRAINT choice_has_a_reason CHECK (btrim(reason) <> '')",
        ] as $sql) {
            $this->addSql($sql);
        }
    }

    public function down(Schema $schema): void
    {
        foreach ([
            'DROP FUNCTION notify_gauge_shot() CASCADE',
            'ALTER TABLE gauge_shot DROP CONSTRAINT FK_59319E5377C81DA6',
            'ALTER TABLE kept_figure DROP CONSTRAINT FK_BC0DB89CCF10D4F5',
            'ALTER TABLE limit_choice DROP CONSTRAINT FK_24230A61CF10D4F5',
            'ALTER TABLE zero_check DROP CONSTRAINT FK_80EAF20177C81DA6',
            'DROP TABLE watch_tick',
            'DROP TABLE shop_limit',
            'ALTER TABLE step_record DROP minutes',
            'DROP TABLE content_check',
            'DROP TABLE school_pick',
            'DROP TABLE shop_word',
            'DROP TABLE gauge_shot',
            'DROP TABLE kept_figure',
            'DROP TABLE limit_choice',
            'DROP TABLE zero_check',
            'ALTER TABLE case_file DROP duty',
            'ALTER TABLE case_file DROP signed_at',
            'ALTER TABLE part_record DROP duty',
            'DROP INDEX UNIQ_2BF40E2AB3BC57DA',
            'ALTER TABLE gauge DROP kind',
            'ALTER TABLE gauge DROP range_from',
            'ALTER TABLE gauge DROP range_to',
            'ALTER TABLE gauge DROP calibration_due',
            'ALTER TABLE gauge DROP bench',
            'ALTER TABLE gauge DROP token_hash',
            'ALTER TABLE reading DROP places',
            'ALTER TABLE reading DROP gauge_due',
            'ALTER TABLE step_record DROP adjusters',
            'ALTER TABLE step_record DROP left_out',
        ] as $sql) {
            $this->addSql($sql);
        }
    }
}
