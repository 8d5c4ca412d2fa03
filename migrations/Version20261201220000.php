<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * A question of words alone is answered from the texts: they know the day of their case, so that none of the thousands found has to be
 * looked up for it. Names that are completed are found one after the other in their index.
 */
final class Version20261201220000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The texts of the memory know the day of their case; indexes of the names of gauges and builders';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE memory_text ADD taken_at TIMESTAMPTZ');
        $this->addSql('UPDATE memory_text t SET taken_at = m.taken_at FROM memory_case m WHERE m.case_id = t.case_id');
        $this->addSql('CREATE INDEX memory_reading_gauge ON memory_reading (lower(gauge), case_id)');
        $this->addSql('DROP INDEX memory_made_value');
        $this->addSql('CREATE INDEX memory_made_value ON memory_made (what, had, lower(value), case_id)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP INDEX memory_reading_gauge');
        $this->addSql('DROP INDEX memory_made_value');
        $this->addSql('CREATE INDEX memory_made_value ON memory_made (what, lower(value), case_id)');
        $this->addSql('ALTER TABLE memory_text DROP taken_at');
    }
}
