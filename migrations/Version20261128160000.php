<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Signatures cover a document. First signatures of before were set under none: they hold no more. */
final class Version20261128160000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE verdict ADD voided TEXT DEFAULT '' NOT NULL, ADD report_hash VARCHAR(64) DEFAULT NULL");
        $this->addSql('ALTER TABLE statement ADD afterwards BOOLEAN DEFAULT false NOT NULL');
        $this->addSql(
            "UPDATE verdict SET voided = 'that of ' || COALESCE((SELECT name FROM person WHERE id = signed_by_id), 'somebody') "
                ."|| ', ' || to_char(signed_at, 'DD Mon YYYY HH24:MI') || ', was set under an earlier version of the program, which "
                ."kept no digest of what was signed.', signed_by_id = NULL, signed_at = NULL WHERE signed_at IS NOT NULL AND "
                .'second_at IS NULL'
        );
        $this->addSql('ALTER TABLE claim_papers ADD with_places BOOLEAN DEFAULT false NOT NULL');
        // Answers of customers that came after the signatures.
        $this->addSql(
            'UPDATE statement SET afterwards = true FROM case_file c WHERE c.id = statement.case_id AND c.signed_at IS NOT NULL '
                .'AND statement.made_at > c.signed_at'
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE verdict DROP voided, DROP report_hash');
        $this->addSql('ALTER TABLE statement DROP afterwards');
        $this->addSql('ALTER TABLE claim_papers DROP with_places');
    }
}
