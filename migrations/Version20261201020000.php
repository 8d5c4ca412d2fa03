<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * What a repair took and what was charged, how long the user has run it since, and in the memory of the shop: who built it, what kind of
 * repair it was, which gauge read what, how long it stood at each stage, and why a claim was refused. All is remembered anew.
 */
final class Version20261201020000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What a repair took, how long a unit ran since, and who built it';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE handover ADD took VARCHAR(40) DEFAULT '' NOT NULL");
        $this->addSql("ALTER TABLE handover ADD charged VARCHAR(40) DEFAULT '' NOT NULL");
        $this->addSql("ALTER TABLE user_answer ADD ran VARCHAR(60) DEFAULT '' NOT NULL");
        $of = 'case_id UUID NOT NULL REFERENCES memory_case (case_id) ON DELETE CASCADE';
        $this->addSql("CREATE TABLE memory_made ($of, what VARCHAR(10) NOT NULL, value VARCHAR(120) NOT NULL, had BOOLEAN NOT NULL)");
        $this->addSql('CREATE INDEX memory_made_case ON memory_made (case_id)');
        $this->addSql('CREATE INDEX memory_made_value ON memory_made (what, lower(value), case_id)');
        $this->addSql("CREATE TABLE memory_stage ($of, stage VARCHAR(20) NOT NULL, days DOUBLE PRECISION NOT NULL)");
        $this->addSql('CREATE INDEX memory_stage_case ON memory_stage (case_id)');
        $this->addSql("ALTER TABLE memory_reading ADD gauge VARCHAR(120) DEFAULT '' NOT NULL");
        foreach (['km', 'km_since_repair', 'told_hours', 'told_km', 'offered_hours', 'took_hours'] as $column) {
            $this->addSql("ALTER TABLE memory_case ADD $column DOUBLE PRECISION");
        }
        $this->addSql('ALTER TABLE memory_case ADD charged BIGINT');
        $this->addSql("ALTER TABLE memory_case ADD claim_why TEXT DEFAULT '' NOT NULL");
        $this->addSql(
            'CREATE INDEX memory_case_newest ON memory_case (taken_at DESC, case_id DESC) INCLUDE (family, customer, model, waits) '
                .'WHERE NOT is_withdrawn',
        );
        foreach (['customer', 'model'] as $column) {
            $this->addSql(
                "CREATE INDEX memory_case_by_$column ON memory_case (lower($column), taken_at DESC, case_id DESC) WHERE NOT is_withdrawn",
            );
        }
        $this->addSql('ALTER TABLE shop_warning ALTER thing TYPE VARCHAR(125)');
        $this->addSql('SELECT memory_note(ARRAY(SELECT id FROM case_file))');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE handover DROP took');
        $this->addSql('ALTER TABLE handover DROP charged');
        $this->addSql('ALTER TABLE user_answer DROP ran');
        $this->addSql('DROP TABLE memory_made');
        $this->addSql('DROP TABLE memory_stage');
        $this->addSql('ALTER TABLE memory_reading DROP gauge');
        $this->addSql('DROP INDEX memory_case_newest');
        $this->addSql('DROP INDEX memory_case_by_customer');
        $this->addSql('DROP INDEX memory_case_by_model');
        $this->addSql('DELETE FROM shop_warning WHERE length(thing) > 60');
        $this->addSql('ALTER TABLE shop_warning ALTER thing TYPE VARCHAR(60)');
        foreach (['km', 'km_since_repair', 'told_hours', 'told_km', 'offered_hours', 'took_hours', 'charged', 'claim_why'] as $column) {
            $this->addSql("ALTER TABLE memory_case DROP $column");
        }
    }
}
