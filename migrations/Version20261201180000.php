<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * What a question finds is looked up among all cases: in an index of what is asked for most, a twentieth as long as the table. The next
 * case of the same unit is found by its serial as it is, which an index of its parts finds slowly.
 */
final class Version20261201180000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Indexes of the memory by what is asked for most, and by serial';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE INDEX memory_case_to_find ON memory_case (case_id) '
            .'INCLUDE (taken_at, hours, since_repair, worst, is_comeback) WHERE NOT is_withdrawn');
        $this->addSql('CREATE INDEX memory_case_same ON memory_case (serial_key, taken_at) WHERE NOT is_withdrawn');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP INDEX memory_case_same');
        $this->addSql('DROP INDEX memory_case_to_find');
    }
}
