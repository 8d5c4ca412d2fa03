<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What a case taught is kept, and met again. */
final class Version20261129220000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Lessons';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE lesson (id UUID NOT NULL, case_id UUID NOT NULL, photo_id UUID DEFAULT NULL, by_person_id UUID DEFAULT NULL, '
                .'family VARCHAR(60) NOT NULL, at_what VARCHAR(12) NOT NULL, place VARCHAR(160) NOT NULL, for_which VARCHAR(8) NOT NULL, '
                .'named VARCHAR(160) NOT NULL, words VARCHAR(500) NOT NULL, source VARCHAR(200) NOT NULL, agreed_by VARCHAR(80) NOT NULL, '
                .'agreed_at TIMESTAMP(0) WITH TIME ZONE DEFAULT NULL, retired_by VARCHAR(80) NOT NULL, '
                .'retired_at TIMESTAMP(0) WITH TIME ZONE DEFAULT NULL, retired_why VARCHAR(500) NOT NULL, '
                .'made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, by_whom VARCHAR(80) NOT NULL, version INT DEFAULT 1 NOT NULL, '
                .'PRIMARY KEY (id), CONSTRAINT lesson_two_hands CHECK (agreed_at IS NULL OR lower(agreed_by) <> lower(by_whom)), '
                ."CONSTRAINT lesson_retired_why CHECK (retired_at IS NULL OR retired_why <> ''))",
        );
        $this->addSql('CREATE INDEX IDX_F87474F3A5E6215B ON lesson (family)');
        $this->addSql('CREATE INDEX IDX_F87474F3CF10D4F5 ON lesson (case_id)');
        $this->addSql('CREATE INDEX IDX_F87474F37E9E4C8C ON lesson (photo_id)');
        $this->addSql('CREATE INDEX IDX_F87474F3B5BE2AA2 ON lesson (by_person_id)');
        foreach ([
            'case_id' => 'case_file (id) ON DELETE CASCADE', 'photo_id' => 'photo (id) ON DELETE SET NULL',
            'by_person_id' => 'person (id) ON DELETE RESTRICT',
        ] as $column => $there) {
            $this->addSql("ALTER TABLE lesson ADD CONSTRAINT FK_lesson_$column FOREIGN KEY ($column) REFERENCES $there NOT DEFERRABLE");
        }
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE lesson');
    }
}
