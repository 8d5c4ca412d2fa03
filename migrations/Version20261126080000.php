<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Price lists, options and offers. */
final class Version20261126080000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE offer (tax SMALLINT NOT NULL, options JSONB NOT NULL, story TEXT NOT NULL, theory TEXT NOT NULL, '
                .'photos JSONB NOT NULL, pdf VARCHAR(64) DEFAULT NULL, revoked_at TIMESTAMP(0) WITH TIME ZONE DEFAULT NULL, chosen '
                .'VARCHAR(12) DEFAULT NULL, refused BOOLEAN NOT NULL, answered_by VARCHAR(120) NOT NULL, answer TEXT NOT NULL, '
                .'answered_at TIMESTAMP(0) WITH TIME ZONE DEFAULT NULL, valid_until DATE NOT NULL, by_whom VARCHAR(80) NOT NULL, id '
                .'UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, case_id UUID NOT NULL, PRIMARY KEY (id))'
        );
        $this->addSql('CREATE INDEX IDX_29D6873ECF10D4F5 ON offer (case_id)');
        $this->addSql(
            'CREATE TABLE offer_question (answer TEXT NOT NULL, answered_at TIMESTAMP(0) WITH TIME ZONE DEFAULT NULL, question '
                .'TEXT NOT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, offer_id UUID NOT NULL, PRIMARY KEY '
                .'(id))'
        );
        $this->addSql('CREATE INDEX IDX_CF8AF92C53C674EE ON offer_question (offer_id)');
        $this->addSql(
            'CREATE TABLE shop_rates (hour VARCHAR(40) NOT NULL, tax SMALLINT NOT NULL, hours_aday DOUBLE PRECISION NOT NULL, '
                .'by_whom VARCHAR(80) NOT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, PRIMARY KEY (id))'
        );
        $this->addSql(
            'CREATE TABLE price (family VARCHAR(60) NOT NULL, part VARCHAR(60) NOT NULL, upgrade BOOLEAN NOT NULL, price '
                .'VARCHAR(40) NOT NULL, days SMALLINT NOT NULL, supply VARCHAR(10) NOT NULL, number VARCHAR(80) NOT NULL, list '
                .'VARCHAR(80) NOT NULL, by_whom VARCHAR(80) NOT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, '
                .'PRIMARY KEY (id))'
        );
        $this->addSql('CREATE INDEX IDX_CAC822D9A5E6215B ON price (family)');
        $this->addSql(
            'CREATE TABLE repair_option (lines JSONB NOT NULL, life TEXT NOT NULL, risk TEXT NOT NULL, outside TEXT NOT NULL, '
                .'kind VARCHAR(12) NOT NULL, by_whom VARCHAR(80) NOT NULL, id UUID NOT NULL, made_at TIMESTAMP(0) WITH TIME ZONE NOT '
                .'NULL, version INT DEFAULT 1 NOT NULL, case_id UUID NOT NULL, PRIMARY KEY (id))'
        );
        $this->addSql('CREATE INDEX IDX_854630B7CF10D4F5 ON repair_option (case_id)');
        $this->addSql('CREATE UNIQUE INDEX UNIQ_854630B7CF10D4F53BC4BCD9 ON repair_option (case_id, kind)');
        $this->addSql(
            'ALTER TABLE offer ADD CONSTRAINT FK_29D6873ECF10D4F5 FOREIGN KEY (case_id) REFERENCES case_file (id) ON DELETE '
                .'CASCADE NOT DEFERRABLE'
        );
        $this->addSql(
            'ALTER TABLE offer_question ADD CONSTRAINT FK_CF8AF92C53C674EE FOREIGN KEY (offer_id) REFERENCES offer (id) ON '
                .'DELETE CASCADE NOT DEFERRABLE'
        );
        $this->addSql(
            'ALTER TABLE repair_option ADD CONSTRAINT FK_854630B7CF10D4F5 FOREIGN KEY (case_id) REFERENCES case_file (id) ON '
                .'DELETE CASCADE NOT DEFERRABLE'
        );
    }

    public function down(Schema $schema): void
    {
        foreach (['offer_question', 'offer', 'repair_option', 'price', 'shop_rates'] as $table) {
            $this->addSql('DROP TABLE '.$table);
        }
    }
}
