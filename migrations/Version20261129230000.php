<?php

declare(strict_types=1);

namespace Japhrex\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** A user reads what was done in his units, and answers how his unit runs. */
final class Version20261129230000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What a user is told, and what he answers';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE handover ADD units VARCHAR(10) DEFAULT 'mm' NOT NULL, ADD pdf VARCHAR(64) DEFAULT NULL");
        $this->addSql(
            'CREATE TABLE user_answer (id UUID NOT NULL, case_id UUID NOT NULL, photo_id UUID DEFAULT NULL, says VARCHAR(10) NOT NULL, '
                .'leaks BOOLEAN NOT NULL, noise BOOLEAN NOT NULL, words VARCHAR(2000) NOT NULL, name VARCHAR(120) NOT NULL, '
                .'made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, PRIMARY KEY (id))',
        );
        $this->addSql('CREATE INDEX IDX_BF8F5118CF10D4F5 ON user_answer (case_id)');
        $this->addSql('CREATE INDEX IDX_BF8F51187E9E4C8C ON user_answer (photo_id)');
        $this->addSql(
            'ALTER TABLE user_answer ADD CONSTRAINT FK_user_answer_case FOREIGN KEY (case_id) REFERENCES case_file (id) '
                .'ON DELETE CASCADE NOT DEFERRABLE',
        );
        $this->addSql(
            'ALTER TABLE user_answer ADD CONSTRAINT FK_user_answer_photo FOREIGN KEY (photo_id) REFERENCES photo (id) '
                .'ON DELETE SET NULL NOT DEFERRABLE',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE user_answer');
        $this->addSql('ALTER TABLE handover DROP units, DROP pdf');
    }
}
