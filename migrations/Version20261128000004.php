<?php

declare(strict_types=1);

namespace Rigger\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261128000004 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Receivers that several units share, their outputs, and when a receiver was paired.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(<<<'SQL'
            CREATE TABLE radio_receiver (
                id UUID PRIMARY KEY,
                rig_id UUID NOT NULL REFERENCES rig (id) ON DELETE CASCADE,
                link_id UUID NOT NULL REFERENCES radio_link (id) DEFERRABLE INITIALLY DEFERRED,
                label TEXT NOT NULL CHECK (label <> ''),
                setting TEXT DEFAULT NULL,
                paired_at TIMESTAMP(0) WITHOUT TIME ZONE DEFAULT NULL,
                place INT NOT NULL
            )
            SQL);
        $this->addSql('CREATE INDEX radio_receiver_rig ON radio_receiver (rig_id)');
        $this->addSql('CREATE INDEX radio_receiver_link ON radio_receiver (link_id)');
        // With defaults: undo puts rows back that were written before.
        $this->addSql(<<<'SQL'
            ALTER TABLE patched_fixture
                ADD shared_receiver_id UUID DEFAULT NULL REFERENCES radio_receiver (id) DEFERRABLE INITIALLY DEFERRED,
                ADD outputs JSONB DEFAULT NULL,
                ADD paired_at TIMESTAMP(0) WITHOUT TIME ZONE DEFAULT NULL,
                ADD CONSTRAINT one_receiver CHECK (shared_receiver_id IS NULL OR (link_id IS NULL AND receiver IS NULL AND paired_at IS NULL))
            SQL);
        $this->addSql('CREATE INDEX patched_fixture_receiver ON patched_fixture (shared_receiver_id)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE patched_fixture DROP shared_receiver_id, DROP outputs, DROP paired_at');
        $this->addSql('DROP TABLE radio_receiver');
    }
}
