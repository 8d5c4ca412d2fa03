<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * Whether this is a shop or the demo, people who come and go, links by which they choose a password, their second factor, where they
 * are signed in, and what is written down of all that.
 */
final class Version20261201030000 extends AbstractMigration
{
    /** Log-ins of the demo: a database that has them all began with it. */
    private const DEMO = "'desk', 'bench', 'analyst', 'second', 'viewer'";

    public function getDescription(): string
    {
        return 'People, links, second factors, sessions, and what is written down of them';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE shop_settings ADD kind VARCHAR(10) DEFAULT 'new' NOT NULL");
        $this->addSql('ALTER TABLE shop_settings ADD code_to_sign BOOLEAN DEFAULT false NOT NULL');
        $this->addSql(
            'UPDATE shop_settings SET kind = CASE (SELECT count(*) FROM person WHERE username IN ('.self::DEMO.'))'
                ." WHEN 5 THEN 'demo' ELSE CASE WHEN EXISTS (SELECT FROM person) THEN 'shop' ELSE 'new' END END",
        );
        $this->addSql("ALTER TABLE person ADD mail VARCHAR(180) DEFAULT '' NOT NULL");
        $this->addSql('ALTER TABLE person ADD disabled_at TIMESTAMP(0) WITH TIME ZONE DEFAULT NULL');
        $key = 'id UUID NOT NULL PRIMARY KEY, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL';
        $time = 'TIMESTAMP(0) WITH TIME ZONE';
        $this->addSql(
            "CREATE TABLE password_link ($key, hash VARCHAR(64) NOT NULL, until $time NOT NULL, used_at $time DEFAULT NULL,
                person_id UUID NOT NULL REFERENCES person (id), by_whom VARCHAR(80) NOT NULL,
                by_person_id UUID DEFAULT NULL REFERENCES person (id) ON DELETE RESTRICT)",
        );
        $this->addSql(
            "CREATE TABLE second_factor ($key, sealed TEXT NOT NULL, step BIGINT NOT NULL,
                person_id UUID NOT NULL REFERENCES person (id))",
        );
        $this->addSql(
            "CREATE TABLE signed_in ($key, hash VARCHAR(64) NOT NULL, address VARCHAR(45) NOT NULL, agent VARCHAR(200) NOT NULL,
                seen_at $time NOT NULL, ended_at $time DEFAULT NULL, person_id UUID NOT NULL REFERENCES person (id))",
        );
        foreach ([
            'UNIQUE INDEX UNIQ_A4F99EBAD1B862B8 ON password_link (hash)', 'INDEX IDX_A4F99EBA217BBB47 ON password_link (person_id)',
            'INDEX IDX_A4F99EBAB5BE2AA2 ON password_link (by_person_id)', 'UNIQUE INDEX UNIQ_2F213AD1B862B8 ON signed_in (hash)',
            'INDEX IDX_2F213A217BBB47 ON signed_in (person_id)', 'UNIQUE INDEX UNIQ_1806C29E217BBB47 ON second_factor (person_id)',
        ] as $index) {
            $this->addSql("CREATE $index");
        }
        $this->addSql(
            'CREATE TABLE security_event (id BIGSERIAL NOT NULL PRIMARY KEY, at TIMESTAMPTZ NOT NULL DEFAULT now(), kind VARCHAR(20) NOT NULL,
                person_id UUID DEFAULT NULL REFERENCES person (id), who VARCHAR(80) NOT NULL, address VARCHAR(45) NOT NULL,
                detail VARCHAR(300) NOT NULL)',
        );
        $this->addSql('CREATE INDEX security_event_kind ON security_event (kind, id)');
        $this->addSql('CREATE INDEX security_event_person ON security_event (person_id, id)');
    }

    public function down(Schema $schema): void
    {
        foreach (['security_event', 'signed_in', 'second_factor', 'password_link'] as $table) {
            $this->addSql("DROP TABLE $table");
        }
        $this->addSql('ALTER TABLE person DROP disabled_at');
        $this->addSql('ALTER TABLE person DROP mail');
        $this->addSql('ALTER TABLE shop_settings DROP code_to_sign');
        $this->addSql('ALTER TABLE shop_settings DROP kind');
    }
}
