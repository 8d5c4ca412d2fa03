<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * Who did something is the person, and the name as it was then. What was done before is given to the one person of that name; where two
 * have it, or nobody has, the name alone is known and stays alone.
 */
final class Version20261129020000 extends AbstractMigration
{
    /** Tables with a name in `by_whom`, and what their key and index are called. */
    private const DONE = [
        'build_record' => 'CA69E6EB5BE2AA2', 'chain_cleaning' => 'D5126B28B5BE2AA2', 'chain_link' => 'A3DB2D77B5BE2AA2',
        'chain_node' => '10085CC3B5BE2AA2', 'chain_refusal' => '31141BCEB5BE2AA2', 'claim' => 'A769DE27B5BE2AA2',
        'claim_move' => 'A131A05CB5BE2AA2', 'claim_papers' => '7017C974B5BE2AA2', 'clip' => 'AD201467B5BE2AA2',
        'content_check' => 'D74DF8C1B5BE2AA2', 'finding' => 'A7191336B5BE2AA2', 'handover' => '8019E0D4B5BE2AA2',
        'kept_figure' => 'BC0DB89CB5BE2AA2', 'kit_tick' => 'EB963AAFB5BE2AA2', 'limit_choice' => '24230A61B5BE2AA2',
        'live_run' => '4CB8176CB5BE2AA2', 'mark' => '6674F271B5BE2AA2', 'offer' => '29D6873EB5BE2AA2',
        'part_custody' => 'CD6DA48DB5BE2AA2', 'part_decision' => '13FE3B37B5BE2AA2', 'phone_pass' => '2D748636B5BE2AA2',
        'photo' => '14B78418B5BE2AA2', 'photo_measure' => 'B5E70EA8B5BE2AA2', 'price' => 'CAC822D9B5BE2AA2',
        'proof_record' => 'B308B371B5BE2AA2', 'reading' => 'C11AFC41B5BE2AA2', 'reference' => 'AEA34913B5BE2AA2',
        'repair_option' => '854630B7B5BE2AA2', 'report' => 'C42F7784B5BE2AA2', 'school_pick' => 'D8E5D076B5BE2AA2',
        'shop_book' => 'A17454AB5BE2AA2', 'shop_limit' => 'B880B232B5BE2AA2', 'shop_policy' => '75DF2394B5BE2AA2',
        'shop_rates' => '83C2F16EB5BE2AA2', 'stand_recording' => 'D47F3423B5BE2AA2', 'step_record' => 'B62A52EBB5BE2AA2',
        'theory' => 'F3908B38B5BE2AA2', 'watch_tick' => '474C389FB5BE2AA2', 'zero_check' => '80EAF201B5BE2AA2',
    ];

    private const REASONED = ['part_decision' => '13FE3B377790F016', 'part_record' => 'A2A45F047790F016'];

    public function getDescription(): string
    {
        return 'Who did something is the person, and the name as it was then';
    }

    public function up(Schema $schema): void
    {
        foreach (self::DONE as $table => $key) {
            $this->person($table, 'by_person_id', $key, "regexp_replace(t.by_whom, '^phone of ', '')");
        }
        foreach (self::REASONED as $table => $key) {
            $this->person($table, 'despite_person_id', $key, 't.despite_by');
        }
        $this->addSql("ALTER TABLE verdict ADD signed_as VARCHAR(80) DEFAULT '' NOT NULL, ADD second_as VARCHAR(80) DEFAULT '' NOT NULL");
        $this->addSql("ALTER TABLE work_report ADD signed_as VARCHAR(80) DEFAULT '' NOT NULL");
        $this->put('verdict', 'UPDATE verdict t SET signed_as = p.name FROM person p WHERE p.id = t.signed_by_id');
        $this->put('verdict', 'UPDATE verdict t SET second_as = p.name FROM person p WHERE p.id = t.second_by_id');
        $this->put('work_report', 'UPDATE work_report t SET signed_as = p.name FROM person p WHERE p.id = t.signed_by_id');
    }

    public function down(Schema $schema): void
    {
        foreach (array_keys(self::DONE) as $table) {
            $this->addSql("ALTER TABLE $table DROP COLUMN by_person_id");
        }
        foreach (array_keys(self::REASONED) as $table) {
            $this->addSql("ALTER TABLE $table DROP COLUMN despite_person_id");
        }
        $this->addSql('ALTER TABLE verdict DROP COLUMN signed_as, DROP COLUMN second_as');
        $this->addSql('ALTER TABLE work_report DROP COLUMN signed_as');
    }

    private function person(string $table, string $column, string $key, string $name): void
    {
        $this->addSql("ALTER TABLE $table ADD $column UUID DEFAULT NULL");
        $this->put(
            $table,
            "UPDATE $table t SET $column = p.id FROM person p WHERE p.name = $name "
                .'AND NOT EXISTS (SELECT 1 FROM person o WHERE o.name = p.name AND o.id <> p.id)',
        );
        $this->addSql(
            "ALTER TABLE $table ADD CONSTRAINT FK_$key FOREIGN KEY ($column) REFERENCES person (id) ON DELETE RESTRICT NOT DEFERRABLE"
        );
        $this->addSql("CREATE INDEX IDX_$key ON $table ($column)");
    }

    /** What was signed stands under triggers: it says the same as before, and who stands behind the name. */
    private function put(string $table, string $update): void
    {
        $this->addSql("ALTER TABLE $table DISABLE TRIGGER USER");
        $this->addSql($update);
        $this->addSql("ALTER TABLE $table ENABLE TRIGGER USER");
    }
}
