<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Pieces of a kit that fits several units and came without a sheet; what was read up may be longer than a sentence. */
final class Version20261130150000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Pieces of kits without a sheet';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE kit_piece (id UUID NOT NULL, case_id UUID NOT NULL, by_person_id UUID DEFAULT NULL, kit VARCHAR(120) NOT NULL, '
                .'piece VARCHAR(120) NOT NULL, count SMALLINT NOT NULL, used SMALLINT DEFAULT NULL, why VARCHAR(300) NOT NULL, '
                .'made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, by_whom VARCHAR(80) NOT NULL, PRIMARY KEY (id), '
                .'CONSTRAINT kit_piece_used CHECK (used IS NULL OR used BETWEEN 0 AND count))',
        );
        $this->addSql('CREATE INDEX IDX_908C0263CF10D4F5 ON kit_piece (case_id)');
        $this->addSql('CREATE INDEX IDX_908C0263B5BE2AA2 ON kit_piece (by_person_id)');
        foreach (['case_id' => 'case_file (id) ON DELETE CASCADE', 'by_person_id' => 'person (id) ON DELETE RESTRICT'] as $column => $there) {
            $this->addSql("ALTER TABLE kit_piece ADD CONSTRAINT FK_kit_piece_$column FOREIGN KEY ($column) REFERENCES $there NOT DEFERRABLE");
        }
        $this->addSql('ALTER TABLE lesson ALTER words TYPE VARCHAR(1500)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE kit_piece');
        $this->addSql('ALTER TABLE lesson ALTER words TYPE VARCHAR(500)');
    }
}
