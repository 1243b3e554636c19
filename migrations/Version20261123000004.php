<?php

declare(strict_types=1);

namespace Rigger\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261123000004 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Units have number, groups, note, tape, lock, a spot on the stage plan, curves and reversal; rigs have beams and stands, and curves for a type.';
    }

    public function up(Schema $schema): void
    {
        foreach (explode(";\n", <<<'SQL'
            ALTER TABLE patched_fixture
                ADD number INT CHECK (number BETWEEN 1 AND 99999), ADD groups JSONB NOT NULL DEFAULT '[]', ADD note TEXT CHECK (note <> ''), ADD tape TEXT,
                ADD locked BOOLEAN NOT NULL DEFAULT FALSE, ADD proved_at TIMESTAMP(0), ADD x DOUBLE PRECISION, ADD y DOUBLE PRECISION, ADD height DOUBLE PRECISION,
                ADD curves JSONB NOT NULL DEFAULT '[]', ADD pan_reversed TEXT CHECK (pan_reversed IN ('unit', 'software')), ADD tilt_reversed TEXT CHECK (tilt_reversed IN ('unit', 'software')),
                ADD CHECK ((x IS NULL) = (y IS NULL)), ADD CHECK (proved_at IS NULL OR set_at IS NOT NULL);
            CREATE TABLE support (
                id UUID PRIMARY KEY, rig_id UUID NOT NULL REFERENCES rig (id) DEFERRABLE INITIALLY DEFERRED,
                kind TEXT NOT NULL CHECK (kind IN ('beam', 'stand')), name TEXT NOT NULL CHECK (name <> ''), height DOUBLE PRECISION NOT NULL,
                from_x DOUBLE PRECISION NOT NULL, from_y DOUBLE PRECISION NOT NULL, to_x DOUBLE PRECISION NOT NULL, to_y DOUBLE PRECISION NOT NULL, place INT NOT NULL);
            CREATE INDEX support_rig ON support (rig_id);
            CREATE TABLE type_curves (
                id UUID PRIMARY KEY, rig_id UUID NOT NULL REFERENCES rig (id) DEFERRABLE INITIALLY DEFERRED,
                type_id UUID NOT NULL REFERENCES fixture_type (id) DEFERRABLE INITIALLY DEFERRED, mode TEXT NOT NULL, curves JSONB NOT NULL,
                UNIQUE (rig_id, type_id, mode) DEFERRABLE INITIALLY DEFERRED)
            SQL) as $statement) {
            $this->addSql(trim($statement));
        }
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE type_curves, support');
        $this->addSql('ALTER TABLE patched_fixture DROP number, DROP groups, DROP note, DROP tape, DROP locked, DROP proved_at, DROP x, DROP y, DROP height, DROP curves, DROP pan_reversed, DROP tilt_reversed');
    }
}
