<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Judgements that were changed or are seen otherwise; the picture that a spoken note speaks of; stages of a stack told apart. */
final class Version20261130140000 extends AbstractMigration
{
    private const WHICH_STAGE = 'Told before the stages of the stack were told apart: see which of them it is.';

    public function getDescription(): string
    {
        return 'How others judged it; which picture a note speaks of';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE finding ADD judged_before JSONB DEFAULT '[]' NOT NULL, ADD opinions JSONB DEFAULT '[]' NOT NULL");
        $this->addSql("ALTER TABLE part_record ADD sensed_by VARCHAR(80) DEFAULT '' NOT NULL, ADD sensed_before JSONB DEFAULT '[]' NOT NULL");
        $this->addSql('ALTER TABLE part_record ADD turning SMALLINT DEFAULT NULL, ADD heat SMALLINT DEFAULT NULL');
        $this->addSql('ALTER TABLE finding ADD how_moment VARCHAR(10) DEFAULT NULL');
        $this->addSql('ALTER TABLE complaint ADD moment VARCHAR(10) DEFAULT NULL');
        $this->addSql('ALTER TABLE clip ADD photo_id UUID DEFAULT NULL');
        $this->addSql('ALTER TABLE clip ADD CONSTRAINT clip_photo FOREIGN KEY (photo_id) REFERENCES photo (id) ON DELETE SET NULL');
        $this->addSql('CREATE INDEX IDX_AD2014677E9E4C8C ON clip (photo_id)');
        $this->addSql(
            "UPDATE finding f SET note = TRIM(f.note || ' ".self::WHICH_STAGE."') FROM case_file c WHERE c.id = f.case_id"
            ." AND c.family = 'stacked-gear-pump' AND f.part IN ('scavenge-gears', 'scavenge-bodies')"
            .' AND NOT EXISTS (SELECT 1 FROM verdict v WHERE v.case_id = c.id AND v.signed_at IS NOT NULL)'
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE clip DROP photo_id');
        $this->addSql('ALTER TABLE part_record DROP sensed_by, DROP sensed_before, DROP turning, DROP heat');
        $this->addSql('ALTER TABLE finding DROP judged_before, DROP opinions, DROP how_moment');
        $this->addSql('ALTER TABLE complaint DROP moment');
    }
}
