<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Cases that go out as bundles and come in from others, and the tokens with which programs read. */
final class Version20261201080000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Bundles out, cases brought in, tokens to read with';
    }

    public function up(Schema $schema): void
    {
        $key = 'id UUID NOT NULL PRIMARY KEY, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL';
        $time = 'TIMESTAMP(0) WITH TIME ZONE';
        $byWhom = 'by_whom VARCHAR(80) NOT NULL, by_person_id UUID DEFAULT NULL REFERENCES person (id) ON DELETE RESTRICT';
        $this->addSql(
            "CREATE TABLE bag_out ($key, numbers JSONB NOT NULL, with_places BOOLEAN NOT NULL, state VARCHAR(10) NOT NULL,
                doing VARCHAR(120) NOT NULL, percent SMALLINT NOT NULL, hash VARCHAR(64) DEFAULT NULL, bytes INT DEFAULT NULL,
                error TEXT NOT NULL, touched_at $time NOT NULL, $byWhom)",
        );
        $this->addSql(
            "CREATE TABLE brought_case ($key, number VARCHAR(20) NOT NULL, from_shop VARCHAR(120) NOT NULL, family VARCHAR(60) NOT NULL,
                unit VARCHAR(200) NOT NULL, serial VARCHAR(80) NOT NULL, serial_key VARCHAR(80) NOT NULL, signed_at $time DEFAULT NULL,
                info JSON NOT NULL, files JSONB NOT NULL, bytes BIGINT NOT NULL, digest CHAR(64) NOT NULL, $byWhom)",
        );
        $this->addSql(
            "CREATE TABLE api_token ($key, name VARCHAR(80) NOT NULL, hash VARCHAR(64) NOT NULL, scopes JSONB NOT NULL,
                until $time NOT NULL,
                used_at $time DEFAULT NULL, ended_at $time DEFAULT NULL, person_id UUID NOT NULL REFERENCES person (id))",
        );
        foreach ([
            'INDEX IDX_BC3A5E6FB5BE2AA2 ON bag_out (by_person_id)', 'INDEX IDX_92E1FC58B5BE2AA2 ON brought_case (by_person_id)',
            'UNIQUE INDEX UNIQ_92E1FC58D12A0B2 ON brought_case (digest)', 'INDEX IDX_92E1FC58618E2621 ON brought_case (serial_key)',
            'UNIQUE INDEX UNIQ_7BA2F5EBD1B862B8 ON api_token (hash)', 'INDEX IDX_7BA2F5EB217BBB47 ON api_token (person_id)',
        ] as $index) {
            $this->addSql("CREATE $index");
        }
        foreach (['INSERT' => 'NEW', 'UPDATE' => 'NEW', 'DELETE' => 'OLD'] as $act => $rows) {
            $this->addSql(\sprintf(
                'CREATE TRIGGER change_%s AFTER %s ON brought_case REFERENCING %s TABLE AS fresh
                    FOR EACH STATEMENT EXECUTE FUNCTION change_of_shop()',
                strtolower($act), $act, $rows,
            ));
        }
    }

    public function down(Schema $schema): void
    {
        foreach (['api_token', 'brought_case', 'bag_out'] as $table) {
            $this->addSql("DROP TABLE $table");
        }
    }
}
