<?php

declare(strict_types=1);

namespace Rigger\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261123000001 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Venues, the library, rigs with patch, radio links and looks, and the journal.';
    }

    public function up(Schema $schema): void
    {
        // Constraints are checked at commit: undo puts rows back in the order of the journal, not of the tables.
        foreach (explode(";\n", <<<'SQL'
            CREATE TABLE venue (id UUID PRIMARY KEY, name TEXT NOT NULL UNIQUE);
            CREATE TABLE fixture_type (
                id UUID PRIMARY KEY, maker TEXT NOT NULL, model TEXT NOT NULL,
                UNIQUE (maker, model) DEFERRABLE INITIALLY DEFERRED);
            CREATE TABLE fixture_revision (
                id UUID PRIMARY KEY, type_id UUID NOT NULL REFERENCES fixture_type (id) DEFERRABLE INITIALLY DEFERRED,
                number INT NOT NULL CHECK (number >= 1), chart JSONB NOT NULL,
                UNIQUE (type_id, number) DEFERRABLE INITIALLY DEFERRED);
            CREATE TABLE desk (id UUID PRIMARY KEY, name TEXT NOT NULL UNIQUE, document JSONB NOT NULL);
            CREATE TABLE rig (
                id UUID PRIMARY KEY, venue_id UUID NOT NULL REFERENCES venue (id), desk_id UUID REFERENCES desk (id),
                name TEXT NOT NULL CHECK (name <> ''), version INT NOT NULL CHECK (version >= 1));
            CREATE INDEX rig_venue ON rig (venue_id);
            CREATE TABLE radio_link (
                id UUID PRIMARY KEY, rig_id UUID NOT NULL REFERENCES rig (id) DEFERRABLE INITIALLY DEFERRED,
                kit TEXT NOT NULL, label TEXT NOT NULL CHECK (label <> ''), name TEXT NOT NULL, place INT NOT NULL);
            CREATE INDEX radio_link_rig ON radio_link (rig_id);
            CREATE TABLE patched_fixture (
                id UUID PRIMARY KEY, rig_id UUID NOT NULL REFERENCES rig (id) DEFERRABLE INITIALLY DEFERRED,
                revision_id UUID NOT NULL REFERENCES fixture_revision (id) DEFERRABLE INITIALLY DEFERRED,
                link_id UUID REFERENCES radio_link (id) DEFERRABLE INITIALLY DEFERRED,
                mode TEXT NOT NULL, name TEXT NOT NULL CHECK (name <> ''), universe INT NOT NULL CHECK (universe BETWEEN 1 AND 63999),
                address INT NOT NULL CHECK (address BETWEEN 1 AND 512), place INT NOT NULL, receiver TEXT);
            CREATE INDEX patched_fixture_rig ON patched_fixture (rig_id);
            CREATE INDEX patched_fixture_revision ON patched_fixture (revision_id);
            CREATE TABLE look (
                id UUID PRIMARY KEY, rig_id UUID NOT NULL REFERENCES rig (id) DEFERRABLE INITIALLY DEFERRED,
                name TEXT NOT NULL CHECK (name <> ''), bank INT NOT NULL CHECK (bank >= 1), number INT NOT NULL CHECK (number >= 1),
                UNIQUE (rig_id, bank, number) DEFERRABLE INITIALLY DEFERRED);
            CREATE TABLE look_cell (
                id UUID PRIMARY KEY, look_id UUID NOT NULL REFERENCES look (id) DEFERRABLE INITIALLY DEFERRED,
                fixture_id UUID NOT NULL REFERENCES patched_fixture (id) DEFERRABLE INITIALLY DEFERRED,
                channel_values JSONB NOT NULL, UNIQUE (look_id, fixture_id) DEFERRABLE INITIALLY DEFERRED);
            CREATE INDEX look_cell_fixture ON look_cell (fixture_id);
            CREATE TABLE change (
                id UUID PRIMARY KEY, rig_id UUID NOT NULL REFERENCES rig (id) DEFERRABLE INITIALLY DEFERRED,
                number INT NOT NULL, sentence TEXT NOT NULL, at TIMESTAMP(0) NOT NULL, changed_rows JSONB NOT NULL,
                undone_at TIMESTAMP(0), superseded BOOLEAN NOT NULL, last_version INT NOT NULL, UNIQUE (rig_id, number))
            SQL) as $statement) {
            $this->addSql(trim($statement));
        }
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE change, look_cell, look, patched_fixture, radio_link, rig, desk, fixture_revision, fixture_type, venue');
    }
}
