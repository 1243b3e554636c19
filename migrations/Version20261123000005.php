<?php

declare(strict_types=1);

namespace Rigger\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261123000005 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'A description of a desk stays as it is: a changed one takes its name on the shelf. Units may be let take several buttons.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE desk ADD on_shelf BOOLEAN NOT NULL DEFAULT TRUE');
        $this->addSql('ALTER TABLE desk DROP CONSTRAINT desk_name_key');
        $this->addSql('CREATE UNIQUE INDEX desk_on_shelf ON desk (name) WHERE on_shelf');
        $this->addSql('CREATE INDEX desk_name ON desk (name)');
        $this->addSql('ALTER TABLE patched_fixture ADD takes_buttons INT CHECK (takes_buttons >= 2)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE patched_fixture DROP takes_buttons');
        $this->addSql('DROP INDEX desk_name, desk_on_shelf');
        $this->addSql('ALTER TABLE desk DROP on_shelf');
        $this->addSql('ALTER TABLE desk ADD CONSTRAINT desk_name_key UNIQUE (name)');
    }
}
