<?php

declare(strict_types=1);

namespace Rigger\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261127000002 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What undo and redo come to next is found at once, however old the rig is.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE INDEX change_done ON change (rig_id, number) WHERE undone_at IS NULL');
        $this->addSql('CREATE INDEX change_undone ON change (rig_id, number) WHERE undone_at IS NOT NULL AND NOT superseded');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP INDEX change_done');
        $this->addSql('DROP INDEX change_undone');
    }
}
