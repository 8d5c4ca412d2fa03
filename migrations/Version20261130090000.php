<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** By what a unit is told from others, what was asked of whom, the numbers that fitted; which variant it is. */
final class Version20261130090000 extends AbstractMigration
{
    private const OF_A_CASE = 'by_whom VARCHAR(80) NOT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, '
        .'case_id UUID NOT NULL, by_person_id UUID DEFAULT NULL, PRIMARY KEY (id)';

    private const COLUMNS = [
        'case_file' => [
            'variants' => "JSON DEFAULT '[]' NOT NULL", 'repaired_on' => "VARCHAR(60) DEFAULT '' NOT NULL",
            'remanufactured' => "VARCHAR(200) DEFAULT '' NOT NULL", 'work_at' => 'VARCHAR(10) DEFAULT NULL',
            'work_at_because' => "VARCHAR(200) DEFAULT '' NOT NULL",
        ],
        'complaint' => [
            'ground' => 'VARCHAR(10) DEFAULT NULL', 'which' => "VARCHAR(120) DEFAULT '' NOT NULL",
            'along_with' => "VARCHAR(200) DEFAULT '' NOT NULL", 'located' => "VARCHAR(400) DEFAULT '' NOT NULL",
        ],
        'arrival' => ['came_as' => 'VARCHAR(15) DEFAULT NULL'],
        'content_check' => ['rated' => 'VARCHAR(10) DEFAULT NULL'],
        'kept_figure' => ['claim' => "VARCHAR(80) DEFAULT '' NOT NULL", 'claim_says' => "VARCHAR(200) DEFAULT '' NOT NULL"],
        'part_custody' => ['until' => 'DATE DEFAULT NULL'],
        'step_record' => ['older_marks' => "VARCHAR(200) DEFAULT '' NOT NULL"],
    ];

    /** What is signed for with the case; a number that fitted is told when it has, long after. */
    private const EVIDENCE = ['attempt', 'photo_pair', 'seen_feature', 'inquiry', 'earlier_work', 'stack_piece', 'lab_order', 'running_time', 'felt_size'];

    public function getDescription(): string
    {
        return 'Which unit it is';
    }

    public function up(Schema $schema): void
    {
        foreach (self::COLUMNS as $table => $columns) {
            foreach ($columns as $column => $type) {
                $this->addSql("ALTER TABLE $table ADD $column $type");
            }
        }
        $tables = [
            'seen_feature' => ['A4507161', 'value VARCHAR(80) NOT NULL, feature VARCHAR(60) NOT NULL'],
            'fitted_number' => ['155A5C08', 'part VARCHAR(60) NOT NULL, number VARCHAR(80) NOT NULL, supplier VARCHAR(120) NOT NULL'],
            'bench_thing' => [
                '46DBCF71',
                "item VARCHAR(160) NOT NULL, lent_by VARCHAR(120) DEFAULT '' NOT NULL, back_on DATE DEFAULT NULL, "
                    .'went_back_at TIMESTAMP(0) WITH TIME ZONE DEFAULT NULL',
            ],
            'felt_size' => [
                'E1198875',
                'part VARCHAR(60) NOT NULL, field VARCHAR(60) NOT NULL, guess VARCHAR(40) NOT NULL, way VARCHAR(10) DEFAULT NULL, '
                    .'against_good BOOLEAN NOT NULL',
            ],
            'joint_inspection' => ['3710939D', 'day DATE NOT NULL, present VARCHAR(400) NOT NULL, agreed TEXT NOT NULL, not_agreed TEXT NOT NULL'],
            'lab_order' => [
                '92E54550',
                'kind VARCHAR(10) NOT NULL, part VARCHAR(60) NOT NULL, sample VARCHAR(200) NOT NULL, taken VARCHAR(120) NOT NULL, '
                    .'laboratory VARCHAR(120) NOT NULL, sent VARCHAR(200) NOT NULL, due_on DATE DEFAULT NULL, '
                    ."report_number VARCHAR(80) DEFAULT '' NOT NULL, answered_on DATE DEFAULT NULL, read_values JSONB DEFAULT '{}' NOT NULL, "
                    ."fresh_values JSONB DEFAULT '{}' NOT NULL, says TEXT DEFAULT '' NOT NULL, rest VARCHAR(200) DEFAULT '' NOT NULL",
            ],
            'stack_piece' => [
                '1018CC40',
                'part VARCHAR(60) NOT NULL, nth SMALLINT NOT NULL, what VARCHAR(120) NOT NULL, place VARCHAR(60) NOT NULL, '
                    .'colour VARCHAR(60) NOT NULL, thickness VARCHAR(40) NOT NULL',
            ],
            'inquiry' => [
                '5A3903F0',
                "answer VARCHAR(400) DEFAULT '' NOT NULL, of_whom VARCHAR(120) NOT NULL, asked VARCHAR(300) NOT NULL",
            ],
        ];
        foreach ($tables as $table => [$key, $columns]) {
            $this->addSql(\sprintf('CREATE TABLE %s (%s, %s)', $table, $columns, self::OF_A_CASE));
            foreach ([['case_id', 'CF10D4F5', 'case_file', 'CASCADE'], ['by_person_id', 'B5BE2AA2', 'person', 'RESTRICT']] as [$column, $of, $other, $on]) {
                $this->addSql(\sprintf('CREATE INDEX IDX_%s%s ON %s (%s)', $key, $of, $table, $column));
                $this->addSql(\sprintf(
                    'ALTER TABLE %s ADD CONSTRAINT FK_%s%s FOREIGN KEY (%s) REFERENCES %s (id) ON DELETE %s NOT DEFERRABLE',
                    $table,
                    $key,
                    $of,
                    $column,
                    $other,
                    $on,
                ));
            }
        }
        $this->addSql(
            'CREATE TABLE earlier_work (what VARCHAR(200) NOT NULL, was VARCHAR(10) DEFAULT NULL, source VARCHAR(200) NOT NULL, '
                .'id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, case_id UUID NOT NULL, PRIMARY KEY (id))',
        );
        $this->addSql('CREATE INDEX IDX_8A1C2804CF10D4F5 ON earlier_work (case_id)');
        $this->addSql(
            'ALTER TABLE earlier_work ADD CONSTRAINT FK_8A1C2804CF10D4F5 FOREIGN KEY (case_id) REFERENCES case_file (id) '
                .'ON DELETE CASCADE NOT DEFERRABLE',
        );
        $this->addSql(
            'CREATE TABLE running_time (since VARCHAR(10) DEFAULT NULL, amount VARCHAR(60) NOT NULL, source VARCHAR(120) NOT NULL, '
                .'sure VARCHAR(10) DEFAULT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, case_id UUID NOT NULL, '
                .'PRIMARY KEY (id))',
        );
        $this->addSql('CREATE INDEX IDX_9211E5C9CF10D4F5 ON running_time (case_id)');
        $this->addSql(
            'ALTER TABLE running_time ADD CONSTRAINT FK_9211E5C9CF10D4F5 FOREIGN KEY (case_id) REFERENCES case_file (id) '
                .'ON DELETE CASCADE NOT DEFERRABLE',
        );
        $this->addSql('CREATE UNIQUE INDEX UNIQ_46DBCF71CF10D4F51F1B251E ON bench_thing (case_id, item)');
        $this->addSql('CREATE UNIQUE INDEX UNIQ_A4507161CF10D4F51FD77566 ON seen_feature (case_id, feature)');
        foreach (self::EVIDENCE as $table) {
            $this->addSql(
                "CREATE TRIGGER evidence_stays BEFORE INSERT OR UPDATE OR DELETE ON $table FOR EACH ROW EXECUTE FUNCTION evidence_stays('')"
            );
        }
    }

    public function down(Schema $schema): void
    {
        foreach (['attempt', 'photo_pair'] as $table) {
            $this->addSql("DROP TRIGGER evidence_stays ON $table");
        }
        foreach (['felt_size', 'joint_inspection', 'lab_order', 'stack_piece', 'bench_thing', 'inquiry', 'fitted_number', 'seen_feature'] as $table) {
            $this->addSql('DROP TABLE '.$table);
        }
        foreach (self::COLUMNS as $table => $columns) {
            foreach (array_keys($columns) as $column) {
                $this->addSql("ALTER TABLE $table DROP $column");
            }
        }
        $this->addSql('DROP TABLE earlier_work');
        $this->addSql('DROP TABLE running_time');
    }
}
