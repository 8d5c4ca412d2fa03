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

    /** What is signed for with the case; a number that fitted is told when it has, long after. */
    private const EVIDENCE = ['attempt', 'photo_pair', 'seen_feature', 'inquiry'];

    public function getDescription(): string
    {
        return 'Which unit it is';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE case_file ADD variants JSON DEFAULT '[]' NOT NULL");
        $tables = [
            'seen_feature' => ['A4507161', 'value VARCHAR(80) NOT NULL, feature VARCHAR(60) NOT NULL'],
            'fitted_number' => ['155A5C08', 'part VARCHAR(60) NOT NULL, number VARCHAR(80) NOT NULL, supplier VARCHAR(120) NOT NULL'],
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
        foreach (['inquiry', 'fitted_number', 'seen_feature'] as $table) {
            $this->addSql('DROP TABLE '.$table);
        }
        $this->addSql('ALTER TABLE case_file DROP variants');
    }
}
