<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Decisions against a limit carry the reason and what it was given for; decisions for the repair go on after the signatures. */
final class Version20261128150000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql(
            "ALTER TABLE part_record ADD despite TEXT DEFAULT '' NOT NULL, ADD despite_for JSONB DEFAULT '{}' NOT NULL, ADD "
                ."despite_by VARCHAR(80) DEFAULT '' NOT NULL, ADD hangs_on VARCHAR(200) DEFAULT '' NOT NULL"
        );
        $this->addSql(
            'CREATE TABLE part_decision (part VARCHAR(60) NOT NULL, by_whom VARCHAR(80) NOT NULL, disposition VARCHAR(20) '
                ."DEFAULT NULL, disposition_reason TEXT NOT NULL, despite TEXT DEFAULT '' NOT NULL, despite_for JSONB DEFAULT '{}' "
                ."NOT NULL, despite_by VARCHAR(80) DEFAULT '' NOT NULL, hangs_on VARCHAR(200) DEFAULT '' NOT NULL, id UUID NOT NULL, "
                .'made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, case_id UUID NOT NULL, PRIMARY KEY (id))'
        );
        $this->addSql('CREATE INDEX IDX_13FE3B37CF10D4F5 ON part_decision (case_id)');
        $this->addSql(
            'ALTER TABLE part_decision ADD CONSTRAINT FK_C18FA29ACF10D4F5 FOREIGN KEY (case_id) REFERENCES case_file (id) ON '
                .'DELETE CASCADE NOT DEFERRABLE'
        );
        $this->addSql("ALTER TABLE offer ADD unpriced JSONB DEFAULT '[]' NOT NULL");
        // What was read of a second part in a field of the first moves to a field of its own, as long as nothing is signed.
        foreach (
            [
                ['hydrostatic-transaxle', 'block-springs', 'length', 'motor', 'motor-length'],
                ['reversing-gearbox', 'pack-rings', 'thickness', 'astern', 'astern-thickness'],
                ['reversing-gearbox', 'piston-springs', 'length', 'astern', 'astern-length'],
            ] as [$family, $part, $field, $place, $own]
        ) {
            $which = "FROM reading r JOIN case_file c ON c.id = r.case_id WHERE c.family = '$family' AND c.signed_at IS NULL AND r.part = '$part' AND r.field = '$field' AND jsonb_exists(r.places, '$place')";
            $at = static fn (string $is): string => "(SELECT COALESCE(jsonb_agg(t ORDER BY i), '[]') FROM jsonb_array_elements(r.typed) WITH ORDINALITY AS a(t, i) WHERE (r.places->>(i::int - 1)) $is '$place')";
            $this->addSql(
                "INSERT INTO reading (id, made_at, version, case_id, part, field, typed, places, gauge_id, gauge_name, gauge_resolution, gauge_expanded, gauge_calibrated_on, gauge_due, zero, note, by_whom, at) SELECT gen_random_uuid(), r.made_at, 1, r.case_id, r.part, '$own', {$at('=')}, '[]', r.gauge_id, r.gauge_name, r.gauge_resolution, r.gauge_expanded, r.gauge_calibrated_on, r.gauge_due, r.zero, r.note, r.by_whom, r.at $which"
            );
            $this->addSql(
                "UPDATE reading SET typed = {$at('IS DISTINCT FROM')}, places = '[]' FROM (SELECT r.id AS chosen, r.typed, r.places $which) r WHERE reading.id = r.chosen"
            );
            $this->addSql(
                "DELETE FROM reading USING case_file c WHERE c.id = reading.case_id AND c.family = '$family' AND reading.part = '$part' AND reading.field = '$field' AND reading.typed = '[]'"
            );
        }
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE offer DROP unpriced');
        $this->addSql('DROP TABLE part_decision');
        $this->addSql('ALTER TABLE part_record DROP despite, DROP despite_for, DROP despite_by, DROP hangs_on');
    }
}
