<?php

declare(strict_types=1);

namespace Rigger\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261128000002 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Data runs with their cables, and the cable in the van.';
    }

    public function up(Schema $schema): void
    {
        // With a default: undo puts rows back that were written before.
        $this->addSql("ALTER TABLE rig ADD van JSONB DEFAULT '[]' NOT NULL");
        // Runs begin at items, and items stand on runs: references are looked at when a change is complete.
        $this->addSql(<<<'SQL'
            CREATE TABLE data_run (
                id UUID PRIMARY KEY,
                rig_id UUID NOT NULL REFERENCES rig (id) ON DELETE CASCADE,
                name TEXT NOT NULL CHECK (name <> ''),
                splitter_id UUID DEFAULT NULL,
                output INT DEFAULT NULL CHECK (output BETWEEN 1 AND 64),
                universe INT DEFAULT NULL CHECK (universe >= 1),
                terminated BOOLEAN NOT NULL,
                ends TEXT NOT NULL,
                place INT NOT NULL
            )
            SQL);
        $this->addSql('CREATE INDEX data_run_rig ON data_run (rig_id)');
        $this->addSql(<<<'SQL'
            CREATE TABLE run_item (
                id UUID PRIMARY KEY,
                rig_id UUID NOT NULL REFERENCES rig (id) ON DELETE CASCADE,
                run_id UUID NOT NULL REFERENCES data_run (id) DEFERRABLE INITIALLY DEFERRED,
                place INT NOT NULL,
                fixture_id UUID DEFAULT NULL UNIQUE DEFERRABLE INITIALLY DEFERRED
                    REFERENCES patched_fixture (id) DEFERRABLE INITIALLY DEFERRED,
                splitter TEXT DEFAULT NULL,
                outputs INT DEFAULT NULL CHECK (outputs BETWEEN 1 AND 64),
                x DOUBLE PRECISION DEFAULT NULL,
                y DOUBLE PRECISION DEFAULT NULL,
                height DOUBLE PRECISION DEFAULT NULL,
                metres DOUBLE PRECISION DEFAULT NULL CHECK (metres >= 0),
                cable TEXT NOT NULL,
                plugs TEXT NOT NULL,
                ends TEXT NOT NULL,
                load DOUBLE PRECISION NOT NULL CHECK (load >= 0),
                CHECK ((fixture_id IS NULL) <> (splitter IS NULL))
            )
            SQL);
        $this->addSql('CREATE INDEX run_item_rig ON run_item (rig_id)');
        $this->addSql('CREATE INDEX run_item_run ON run_item (run_id)');
        $this->addSql('ALTER TABLE data_run ADD FOREIGN KEY (splitter_id) REFERENCES run_item (id) DEFERRABLE INITIALLY DEFERRED');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE data_run DROP splitter_id');
        $this->addSql('DROP TABLE run_item');
        $this->addSql('DROP TABLE data_run');
        $this->addSql('ALTER TABLE rig DROP van');
    }
}
