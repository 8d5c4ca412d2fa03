<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What was refused, who led before, what debris was dealt with, what figures say of a theory, why a point stays open. */
final class Version20261126020000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        foreach ([
            'cleaning' => ['D5126B28CF10D4F5', 'part VARCHAR(60) NOT NULL, by_whom VARCHAR(80) NOT NULL'],
            'lead' => [
                'BDE6D54DCF10D4F5',
                'spot VARCHAR(160) NOT NULL, name VARCHAR(200) NOT NULL, share DOUBLE PRECISION NOT NULL, because TEXT NOT NULL, '
                    .'seen JSON NOT NULL',
            ],
            'refusal' => [
                '31141BCECF10D4F5',
                'subject VARCHAR(400) NOT NULL, name VARCHAR(400) NOT NULL, reason TEXT NOT NULL, by_whom VARCHAR(80) NOT NULL',
            ],
        ] as $table => [$key, $columns]) {
            $this->addSql(
                "CREATE TABLE chain_$table ($columns, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, case_id UUID NOT NULL, PRIMARY KEY (id))"
            );
            $this->addSql("CREATE INDEX IDX_$key ON chain_$table (case_id)");
            $this->addSql(
                "ALTER TABLE chain_$table ADD CONSTRAINT FK_$key FOREIGN KEY (case_id) REFERENCES case_file (id) ON DELETE CASCADE NOT DEFERRABLE"
            );
        }
        $this->addSql('CREATE UNIQUE INDEX UNIQ_D5126B28CF10D4F5490F70C6 ON chain_cleaning (case_id, part)');
        $this->addSql('CREATE UNIQUE INDEX UNIQ_31141BCECF10D4F5FBCE3E7A ON chain_refusal (case_id, subject)');
        $this->addSql('ALTER TABLE chain_node ADD spot VARCHAR(160) DEFAULT NULL');
        $this->addSql('ALTER TABLE theory ADD stands BOOLEAN DEFAULT NULL');
        $this->addSql("ALTER TABLE theory ADD because TEXT DEFAULT '' NOT NULL");
        $this->addSql('ALTER TABLE theory ALTER because DROP DEFAULT');
        $this->addSql("ALTER TABLE verdict ADD despite JSON DEFAULT '[]' NOT NULL");
        $this->addSql('ALTER TABLE verdict ALTER despite DROP DEFAULT');
    }

    public function down(Schema $schema): void
    {
        foreach (['cleaning', 'lead', 'refusal'] as $table) {
            $this->addSql("DROP TABLE chain_$table");
        }
        $this->addSql('ALTER TABLE chain_node DROP spot');
        $this->addSql('ALTER TABLE theory DROP stands');
        $this->addSql('ALTER TABLE theory DROP because');
        $this->addSql('ALTER TABLE verdict DROP despite');
    }
}
