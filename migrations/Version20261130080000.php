<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Two pictures that are evidence side by side. */
final class Version20261130080000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Pairs of pictures';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE photo_pair (words VARCHAR(300) NOT NULL, by_whom VARCHAR(80) NOT NULL, id UUID NOT NULL, '
                .'made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, case_id UUID NOT NULL, left_photo_id UUID NOT NULL, '
                .'right_photo_id UUID NOT NULL, by_person_id UUID DEFAULT NULL, PRIMARY KEY (id))',
        );
        foreach (
            [
                ['case_id', 'CF10D4F5', 'case_file', 'CASCADE'], ['left_photo_id', 'DA585AE4', 'photo', 'CASCADE'],
                ['right_photo_id', 'ACF414C3', 'photo', 'CASCADE'], ['by_person_id', 'B5BE2AA2', 'person', 'RESTRICT'],
            ] as [$column, $key, $table, $on]
        ) {
            $this->addSql(\sprintf('CREATE INDEX IDX_886BAC9D%s ON photo_pair (%s)', $key, $column));
            $this->addSql(\sprintf(
                'ALTER TABLE photo_pair ADD CONSTRAINT FK_886BAC9D%s FOREIGN KEY (%s) REFERENCES %s (id) ON DELETE %s NOT DEFERRABLE',
                $key,
                $column,
                $table,
                $on,
            ));
        }
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE photo_pair');
    }
}
