<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What a question finds is looked up among all cases: in an index of what is asked for most, an eighth as long as the table. */
final class Version20261201180000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'A narrow index of the cases that can be found';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE INDEX memory_case_to_find ON memory_case (case_id) '
            .'INCLUDE (taken_at, hours, since_repair, worst, is_comeback) WHERE NOT is_withdrawn');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP INDEX memory_case_to_find');
    }
}
