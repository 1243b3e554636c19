<?php

declare(strict_types=1);

namespace Rigger\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261127000001 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'A wastebasket for rigs, charts and desks; answers kept for requests that are made again; the schema each journal entry was written under.';
    }

    public function up(Schema $schema): void
    {
        foreach (['rig', 'desk', 'fixture_type'] as $table) {
            $this->addSql('ALTER TABLE '.$table.' ADD thrown_at TIMESTAMP(0)');
        }
        // A name is taken by what stands in the library, not by what lies in the wastebasket.
        $this->addSql('ALTER TABLE fixture_type DROP CONSTRAINT fixture_type_maker_model_key');
        $this->addSql('ALTER TABLE fixture_type ADD CONSTRAINT fixture_type_name EXCLUDE USING btree (maker WITH =, model WITH =) WHERE (thrown_at IS NULL) DEFERRABLE INITIALLY DEFERRED');
        $this->addSql('ALTER TABLE desk ADD CHECK (thrown_at IS NULL OR NOT on_shelf)');
        $this->addSql(<<<'SQL'
            CREATE TABLE answered_request (
                key UUID PRIMARY KEY, fingerprint TEXT NOT NULL, status INT, headers JSONB, body BYTEA, at TIMESTAMP(0) NOT NULL)
            SQL);
        $this->addSql('CREATE INDEX answered_request_at ON answered_request (at)');
        $this->addSql("ALTER TABLE change ADD schema_version TEXT NOT NULL DEFAULT '20261123000005'");
        $this->addSql('ALTER TABLE change ALTER schema_version DROP DEFAULT');
        // What is thrown away is not found in the library either.
        $this->addSql(<<<'SQL'
            CREATE FUNCTION library_hide() RETURNS TRIGGER LANGUAGE plpgsql AS $$
            BEGIN
                IF NEW.thrown_at IS NULL THEN PERFORM library_index(NEW.id);
                ELSE DELETE FROM library_mode WHERE type_id = NEW.id; DELETE FROM library_entry WHERE type_id = NEW.id; END IF;
                RETURN NULL;
            END $$
            SQL);
        // Undo can write revisions of a chart that lies in the wastebasket: it stays out of sight.
        $this->addSql(<<<'SQL'
            CREATE OR REPLACE FUNCTION library_follow() RETURNS TRIGGER LANGUAGE plpgsql AS $$
            DECLARE wanted UUID := CASE WHEN TG_OP = 'DELETE' THEN OLD.type_id ELSE NEW.type_id END;
            BEGIN
                IF NOT EXISTS (SELECT 1 FROM fixture_type WHERE id = wanted AND thrown_at IS NOT NULL) THEN PERFORM library_index(wanted); END IF;
                RETURN NULL;
            END $$
            SQL);
        $this->addSql('CREATE TRIGGER library_hide AFTER UPDATE OF thrown_at ON fixture_type FOR EACH ROW WHEN (OLD.thrown_at IS DISTINCT FROM NEW.thrown_at) EXECUTE FUNCTION library_hide()');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TRIGGER library_hide ON fixture_type');
        $this->addSql('DROP FUNCTION library_hide');
        $this->addSql(<<<'SQL'
            CREATE OR REPLACE FUNCTION library_follow() RETURNS TRIGGER LANGUAGE plpgsql AS $$
            BEGIN
                IF TG_OP = 'DELETE' THEN PERFORM library_index(OLD.type_id); ELSE PERFORM library_index(NEW.type_id); END IF;
                RETURN NULL;
            END $$
            SQL);
        $this->addSql('ALTER TABLE change DROP schema_version');
        $this->addSql('DROP TABLE answered_request');
        $this->addSql('ALTER TABLE fixture_type DROP CONSTRAINT fixture_type_name');
        $this->addSql('ALTER TABLE fixture_type ADD CONSTRAINT fixture_type_maker_model_key UNIQUE (maker, model) DEFERRABLE INITIALLY DEFERRED');
        foreach (['rig', 'desk', 'fixture_type'] as $table) {
            $this->addSql('ALTER TABLE '.$table.' DROP thrown_at');
        }
    }
}
