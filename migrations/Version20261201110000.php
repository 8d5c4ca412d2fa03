<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Finds by damage, part and grade are read by an index in that order, whose rows belong together; what has gone out is counted by one. */
final class Version20261201110000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Indexes of the memory in the order in which it is asked';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('DROP INDEX memory_find_what');
        $this->addSql('CREATE INDEX memory_find_what ON memory_find (mode, part, grade, case_id)');
        $this->addSql('CREATE STATISTICS memory_find_together (mcv) ON mode, part, grade FROM memory_find');
        // With the column itself: of an expression alone nothing is read from the index.
        foreach (['customer' => 'model', 'model' => 'customer'] as $by => $other) {
            $this->addSql("DROP INDEX memory_case_by_$by");
            $this->addSql("CREATE INDEX memory_case_by_$by ON memory_case (lower($by), taken_at DESC, case_id DESC) "
                ."INCLUDE ($by, family, $other, waits) WHERE NOT is_withdrawn");
        }
        $this->addSql('DROP INDEX memory_case_taken');
        $this->addSql('CREATE INDEX memory_case_taken ON memory_case (taken_at DESC, case_id DESC) INCLUDE (family, customer, model, waits)');
        $this->textsTogether();
        // Names may go out of several cases in one transaction: what lists their tables goes with each.
        $this->addSql(<<<'SQL'
            DO $$ BEGIN EXECUTE replace(pg_get_functiondef('take_people_out(uuid)'::regprocedure), 'CREATE TEMPORARY TABLE of_this_case',
                'IF to_regclass(''pg_temp.of_this_case'') IS NOT NULL THEN DROP TABLE of_this_case; END IF; CREATE TEMPORARY TABLE of_this_case');
            END $$
            SQL);
        $this->addSql("CREATE INDEX memory_case_gone ON memory_case (taken_at DESC, case_id DESC) WHERE waits = 'out' AND NOT is_withdrawn");
    }

    /** What is asked for anywhere in a case is looked for in one row of it, that of all its texts; in small letters, kept so. */
    private function textsTogether(): void
    {
        $this->addSql('DROP INDEX memory_text_words');
        $this->addSql('DROP INDEX memory_text_letters');
        $this->addSql('UPDATE memory_text SET body = lower(body)');
        $this->addSql("INSERT INTO memory_text (case_id, source, body) SELECT case_id, 'all', string_agg(body, E'\\n' ORDER BY source) "
            .'FROM memory_text GROUP BY case_id');
        foreach (['' => "source <> 'all'", '_all' => "source = 'all'"] as $name => $where) {
            $this->addSql("CREATE INDEX memory_text{$name}_words ON memory_text USING gin (words) WHERE $where");
            $this->addSql("CREATE INDEX memory_text{$name}_letters ON memory_text USING gin (body gin_trgm_ops) WHERE $where");
        }
    }

    private function textsApart(): void
    {
        $this->addSql("DELETE FROM memory_text WHERE source = 'all'");
        foreach (['_words', '_letters', '_all_words', '_all_letters'] as $name) {
            $this->addSql("DROP INDEX memory_text$name");
        }
        $this->addSql('CREATE INDEX memory_text_words ON memory_text USING gin (words)');
        $this->addSql('CREATE INDEX memory_text_letters ON memory_text USING gin (lower(body) gin_trgm_ops)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP INDEX memory_case_gone');
        $this->textsApart();
        $this->addSql('DROP INDEX memory_case_taken');
        $this->addSql('CREATE INDEX memory_case_taken ON memory_case (taken_at DESC, case_id DESC)');
        foreach (['customer', 'model'] as $by) {
            $this->addSql("DROP INDEX memory_case_by_$by");
            $this->addSql("CREATE INDEX memory_case_by_$by ON memory_case (lower($by), taken_at DESC, case_id DESC) WHERE NOT is_withdrawn");
        }
        $this->addSql('DROP STATISTICS memory_find_together');
        $this->addSql('DROP INDEX memory_find_what');
        $this->addSql('CREATE INDEX memory_find_what ON memory_find (mode, grade, part, case_id)');
    }
}
