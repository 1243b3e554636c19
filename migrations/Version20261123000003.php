<?php

declare(strict_types=1);

namespace Rigger\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261123000003 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Units know their hanging position, and when somebody set them on the walk-round.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE patched_fixture ADD position TEXT CHECK (position <> ''), ADD set_at TIMESTAMP(0)");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE patched_fixture DROP position, DROP set_at');
    }
}
