<?php

declare(strict_types=1);

namespace Rigger\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261128000006 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Whoever listens is told of each rig that changes, once that is committed.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(<<<'SQL'
            CREATE FUNCTION tell_rig_changed() RETURNS trigger LANGUAGE plpgsql AS $$
            BEGIN
                PERFORM pg_notify('rig_changed', COALESCE(NEW.id, OLD.id)::text);
                RETURN NULL;
            END
            $$
            SQL);
        $this->addSql('CREATE TRIGGER rig_changed AFTER UPDATE OR DELETE ON rig FOR EACH ROW EXECUTE FUNCTION tell_rig_changed()');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TRIGGER rig_changed ON rig');
        $this->addSql('DROP FUNCTION tell_rig_changed()');
    }
}
