<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What stood in templates and code is a setting of the shop. A shop that is at work keeps what it had; a new one begins with plain values. */
final class Version20261129000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Settings of the shop';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE shop_settings (id UUID NOT NULL, name VARCHAR(80) NOT NULL, address VARCHAR(400) NOT NULL, zone VARCHAR(40) NOT NULL, '
                .'currency VARCHAR(3) NOT NULL, units VARCHAR(10) NOT NULL, numbering VARCHAR(40) NOT NULL, logo VARCHAR(64) DEFAULT NULL, '
                .'logo_type VARCHAR(20) NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, PRIMARY KEY(id))'
        );
        $this->addSql(
            "INSERT INTO shop_settings (id, name, address, zone, currency, units, numbering, logo_type, made_at)
            SELECT gen_random_uuid(), CASE WHEN works THEN 'Ostrey Quay Works' ELSE 'Our workshop' END, '', 'UTC', 'EUR', 'mm',
                CASE WHEN works THEN 'OQ-{year}-{number}' ELSE 'W-{year}-{number}' END, '', now()
            FROM (SELECT EXISTS (SELECT 1 FROM person) AS works) known"
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE shop_settings');
    }
}
