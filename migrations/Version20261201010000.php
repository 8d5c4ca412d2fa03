<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * Every change of a case, and of what the shop has for all of them, leaves a row in `case_change`: what follows from both alone is kept
 * until there is another (decision 0050). Rows are added and never changed, so that two people on one case do not wait for each other.
 */
final class Version20261201010000 extends AbstractMigration
{
    /** Under which the changes of what the shop has for all cases stand. */
    private const SHOP = '00000000-0000-0000-0000-000000000000';

    private const OF_A_CASE = [
        'arrival', 'attempt', 'bench_thing', 'build_record', 'chain_cleaning', 'chain_lead', 'chain_link', 'chain_node', 'chain_refusal',
        'claim', 'clip', 'complaint', 'content_check', 'earlier_work', 'felt_size', 'finding', 'fitted_number', 'fitted_part', 'handover',
        'inquiry', 'joint_inspection', 'kept_figure', 'kit_piece', 'kit_tick', 'lab_order', 'limit_choice', 'live_run', 'offer',
        'opening', 'own_answer', 'part_custody', 'part_decision', 'part_record', 'photo', 'photo_pair', 'proof_record', 'reading',
        'repair_option', 'report', 'running_time', 'school_pick', 'seen_feature', 'stack_piece', 'stand_recording', 'statement',
        'step_record', 'theory', 'user_answer', 'verdict', 'warranty_facts', 'watch_tick', 'work_report',
    ];

    /** Tables that belong to something of a case, and by which column. */
    private const OF_A_THING = [
        'mark' => ['photo', 'photo_id'], 'photo_measure' => ['photo', 'photo_id'], 'claim_move' => ['claim', 'claim_id'],
        'claim_papers' => ['claim', 'claim_id'], 'offer_question' => ['offer', 'offer_id'],
    ];

    private const OF_THE_SHOP = [
        'gauge', 'lesson', 'memory_rate', 'price', 'proof_limit', 'shelf_size', 'shop_book', 'shop_limit', 'shop_policy', 'shop_rates', 'shop_settings',
        'shop_warning', 'shop_word', 'zero_check',
    ];

    public function getDescription(): string
    {
        return 'Changes of a case, by which what follows from it is kept';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE case_change (id UUID PRIMARY KEY DEFAULT gen_random_uuid(), case_id UUID NOT NULL)');
        $this->addSql('CREATE INDEX case_change_case ON case_change (case_id, id)');
        // What is kept of no case is the shop's.
        $this->addSql(str_replace('{shop}', self::SHOP, <<<'SQL'
            CREATE FUNCTION change_of_case() RETURNS trigger LANGUAGE plpgsql SECURITY DEFINER AS $$
                BEGIN
                    EXECUTE format('INSERT INTO case_change (case_id) SELECT DISTINCT COALESCE(%I, ''{shop}'') FROM fresh', TG_ARGV[0]);
                    RETURN NULL;
                END $$
            SQL));
        $this->addSql(<<<'SQL'
            CREATE FUNCTION change_of_thing() RETURNS trigger LANGUAGE plpgsql SECURITY DEFINER AS $$
                BEGIN
                    EXECUTE format(
                        'INSERT INTO case_change (case_id) SELECT DISTINCT p.case_id FROM fresh f JOIN %I p ON p.id = f.%I '
                            || 'WHERE p.case_id IS NOT NULL',
                        TG_ARGV[0], TG_ARGV[1]
                    );
                    RETURN NULL;
                END $$
            SQL);
        $this->addSql(str_replace('{shop}', self::SHOP, <<<'SQL'
            CREATE FUNCTION change_of_shop() RETURNS trigger LANGUAGE plpgsql SECURITY DEFINER AS $$
                BEGIN
                    INSERT INTO case_change (case_id) SELECT '{shop}' WHERE EXISTS (SELECT FROM fresh);
                    RETURN NULL;
                END $$
            SQL));
        foreach ([...array_fill_keys(self::OF_A_CASE, ["'case_id'"]), 'case_file' => ["'id'"]] as $table => $by) {
            $this->note($table, 'case', $by);
        }
        foreach (self::OF_A_THING as $table => [$thing, $by]) {
            $this->note($table, 'thing', ["'$thing'", "'$by'"]);
        }
        foreach (self::OF_THE_SHOP as $table) {
            $this->note($table, 'shop', []);
        }
    }

    public function down(Schema $schema): void
    {
        foreach ([...self::OF_A_CASE, 'case_file', ...array_keys(self::OF_A_THING), ...self::OF_THE_SHOP] as $table) {
            foreach (['insert', 'update', 'delete'] as $act) {
                $this->addSql("DROP TRIGGER IF EXISTS change_$act ON $table");
            }
        }
        foreach (['case', 'thing', 'shop'] as $of) {
            $this->addSql("DROP FUNCTION change_of_$of()");
        }
        $this->addSql('DROP TABLE case_change');
    }

    /** @param list<string> $told what the function is told, quoted */
    private function note(string $table, string $of, array $told): void
    {
        foreach (['INSERT' => 'NEW', 'UPDATE' => 'NEW', 'DELETE' => 'OLD'] as $act => $rows) {
            $this->addSql(\sprintf(
                'CREATE TRIGGER change_%s AFTER %s ON %s REFERENCING %s TABLE AS fresh FOR EACH STATEMENT EXECUTE FUNCTION change_of_%s(%s)',
                strtolower($act), $act, $table, $rows, $of, implode(', ', $told),
            ));
        }
    }
}
