<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Cases are found by parts of words, and by words that were written a little otherwise, through an index of their letters by threes. */
final class Version20261129010000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Cases are found by pg_trgm';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE EXTENSION IF NOT EXISTS pg_trgm');
        // The same expression as in CaseFileRepository::TOLD.
        $this->addSql(
            "CREATE INDEX case_file_told ON case_file USING gin ((lower(number || ' ' || unit_name || ' ' || maker || ' ' || model || ' ' "
                ."|| customer || ' ' || serial)) gin_trgm_ops)"
        );
        $this->addSql('CREATE INDEX case_file_serial_letters ON case_file USING gin (serial_key gin_trgm_ops)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP INDEX case_file_told');
        $this->addSql('DROP INDEX case_file_serial_letters');
    }
}
