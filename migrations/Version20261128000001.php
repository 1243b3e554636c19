<?php

declare(strict_types=1);

namespace Rigger\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261128000001 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Slots held for others, units out of action, names of cells, and findings that somebody knows.';
    }

    public function up(Schema $schema): void
    {
        // With defaults: undo puts rows back that were written before.
        $this->addSql('ALTER TABLE patched_fixture ADD out_of_action BOOLEAN DEFAULT false NOT NULL');
        $this->addSql("ALTER TABLE patched_fixture ADD cell_names JSONB DEFAULT '{}' NOT NULL");
        $this->addSql(<<<'SQL'
            CREATE TABLE held_slots (
                id UUID PRIMARY KEY,
                rig_id UUID NOT NULL REFERENCES rig (id) ON DELETE CASCADE,
                name TEXT NOT NULL CHECK (name <> ''),
                universe INT NOT NULL CHECK (universe >= 1),
                first INT NOT NULL CHECK (first BETWEEN 1 AND 512),
                last INT NOT NULL CHECK (last BETWEEN first AND 512),
                place INT NOT NULL
            )
            SQL);
        $this->addSql('CREATE INDEX held_slots_rig ON held_slots (rig_id)');
        $this->addSql(<<<'SQL'
            CREATE TABLE known_finding (
                id UUID PRIMARY KEY,
                rig_id UUID NOT NULL REFERENCES rig (id) ON DELETE CASCADE,
                stage TEXT NOT NULL,
                code TEXT NOT NULL,
                units JSONB NOT NULL,
                link_id UUID DEFAULT NULL,
                look_id UUID DEFAULT NULL,
                note TEXT DEFAULT NULL
            )
            SQL);
        $this->addSql('CREATE INDEX known_finding_rig ON known_finding (rig_id)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE known_finding');
        $this->addSql('DROP TABLE held_slots');
        $this->addSql('ALTER TABLE patched_fixture DROP cell_names');
        $this->addSql('ALTER TABLE patched_fixture DROP out_of_action');
    }
}
