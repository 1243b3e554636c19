<?php

declare(strict_types=1);

namespace Rigger\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261128000005 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Circuits, what is plugged into them, and the power of units.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(<<<'SQL'
            CREATE TABLE circuit (
                id UUID PRIMARY KEY,
                rig_id UUID NOT NULL REFERENCES rig (id) ON DELETE CASCADE,
                name TEXT NOT NULL CHECK (name <> ''),
                amps DOUBLE PRECISION NOT NULL CHECK (amps > 0),
                fed_by_id UUID DEFAULT NULL REFERENCES circuit (id) DEFERRABLE INITIALLY DEFERRED CHECK (fed_by_id <> id),
                place INT NOT NULL
            )
            SQL);
        $this->addSql('CREATE INDEX circuit_rig ON circuit (rig_id)');
        $this->addSql('CREATE INDEX circuit_fed_by ON circuit (fed_by_id)');
        // With defaults: undo puts rows back that were written before.
        $this->addSql(<<<'SQL'
            ALTER TABLE patched_fixture
                ADD circuit_id UUID DEFAULT NULL REFERENCES circuit (id) DEFERRABLE INITIALLY DEFERRED,
                ADD supply JSONB DEFAULT '{}' NOT NULL
            SQL);
        $this->addSql('CREATE INDEX patched_fixture_circuit ON patched_fixture (circuit_id)');
        $this->addSql("ALTER TABLE rig ADD power JSONB DEFAULT '{}' NOT NULL");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE rig DROP power');
        $this->addSql('ALTER TABLE patched_fixture DROP circuit_id, DROP supply');
        $this->addSql('DROP TABLE circuit');
    }
}
