<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Papers that nobody was sent go after a time; tokens of gauges and stands end by themselves. */
final class Version20261201090000 extends AbstractMigration
{
    /** @param string $may when a row may go although it has its file */
    private static function stay(string $may): string
    {
        return <<<SQL
            CREATE OR REPLACE FUNCTION papers_stay() RETURNS trigger LANGUAGE plpgsql AS \$\$
            BEGIN
              IF (to_jsonb(OLD)->>TG_ARGV[0]) IS NOT NULL AND NOT ($may)
                  AND (TG_OP = 'DELETE' OR (to_jsonb(OLD)->>TG_ARGV[0]) IS DISTINCT FROM (to_jsonb(NEW)->>TG_ARGV[0])) THEN
                RAISE EXCEPTION 'a paper that was made stays the file that it was (%)', TG_TABLE_NAME;
              END IF;
              RETURN COALESCE(NEW, OLD);
            END \$\$
            SQL;
    }

    public function getDescription(): string
    {
        return 'Papers never sent go after a time; tokens of devices end';
    }

    public function up(Schema $schema): void
    {
        // A report of a case that nobody had signed, and papers of a claim that never left.
        $this->addSql(self::stay(<<<'SQL'
            TG_OP = 'DELETE' AND OLD.made_at < now() - interval '89 days' AND (
                (TG_TABLE_NAME = 'report' AND to_jsonb(OLD)->>'verdict_id' IS NULL)
                OR (TG_TABLE_NAME = 'claim_papers'
                    AND NOT EXISTS (SELECT FROM claim_move m WHERE m.claim_id = (to_jsonb(OLD)->>'claim_id')::uuid)))
            SQL));
        // What all nodes of a shop do once a day.
        $this->addSql('CREATE TABLE day_done (what VARCHAR(60) NOT NULL PRIMARY KEY, day DATE NOT NULL)');
        foreach (['gauge', 'test_stand'] as $table) {
            $this->addSql("ALTER TABLE $table ADD token_until TIMESTAMP(0) WITH TIME ZONE DEFAULT NULL");
            $this->addSql("UPDATE $table SET token_until = now() + interval '1 year' WHERE token_hash IS NOT NULL");
        }
    }

    public function down(Schema $schema): void
    {
        foreach (['gauge', 'test_stand'] as $table) {
            $this->addSql("ALTER TABLE $table DROP token_until");
        }
        $this->addSql('DROP TABLE day_done');
        $this->addSql(self::stay('false'));
    }
}
