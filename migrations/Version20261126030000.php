<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Warranty policies, and what they ask of a case. */
final class Version20261126030000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE shop_policy (ended_at TIMESTAMP(0) WITH TIME ZONE DEFAULT NULL, policy VARCHAR(60) NOT NULL, text TEXT '
                .'NOT NULL, content JSON NOT NULL, by_whom VARCHAR(80) NOT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME '
                .'ZONE NOT NULL, PRIMARY KEY (id))'
        );
        $this->addSql('CREATE UNIQUE INDEX shop_policy_in_force ON shop_policy (policy) WHERE (ended_at IS NULL)');
        $this->addSql(
            'CREATE TABLE warranty_facts (delivered DATE DEFAULT NULL, fitted DATE DEFAULT NULL, failed DATE DEFAULT NULL, told '
                .'DATE DEFAULT NULL, photos_unaltered VARCHAR(10) DEFAULT NULL, hours_proven VARCHAR(10) DEFAULT NULL, oil_sample '
                .'VARCHAR(10) DEFAULT NULL, part_returned VARCHAR(10) DEFAULT NULL, service_record VARCHAR(10) DEFAULT NULL, '
                .'fitted_by_trained VARCHAR(10) DEFAULT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, version '
                .'INT DEFAULT 1 NOT NULL, case_id UUID NOT NULL, PRIMARY KEY (id))'
        );
        $this->addSql('CREATE UNIQUE INDEX UNIQ_B8D3E98ECF10D4F5 ON warranty_facts (case_id)');
        $this->addSql(
            'ALTER TABLE warranty_facts ADD CONSTRAINT FK_B8D3E98ECF10D4F5 FOREIGN KEY (case_id) REFERENCES case_file (id) ON '
                .'DELETE CASCADE NOT DEFERRABLE'
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE warranty_facts');
        $this->addSql('DROP TABLE shop_policy');
    }
}
