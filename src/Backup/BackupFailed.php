<?php

declare(strict_types=1);

namespace Rigger\App\Backup;

use Rigger\App\Problem\Problem;

/** Why a backup could not be made or brought back, in an operator's words. */
final class BackupFailed
{
    public static function program(string $what, string $said): Problem
    {
        if (str_contains($said, 'No space left on device')) {
            return Problem::diskFull();
        }

        return new Problem(
            500,
            'backup_failed',
            'The backup failed',
            \sprintf('%s did not succeed, so nothing was changed. It said: %s', $what, mb_scrub(mb_substr(trim($said), -400))),
        );
    }

    public static function missing(string $name): Problem
    {
        return new Problem(404, 'not_found', 'Not there', \sprintf('There is no backup called %s.', $name));
    }

    public static function damaged(string $why): Problem
    {
        return Problem::at(
            'file',
            'bad_backup',
            \sprintf('This is no backup of Rigger that can be brought back: %s Nothing was changed.', $why),
        );
    }

    public static function newer(string $schema): Problem
    {
        return Problem::at(
            'file',
            'newer_backup',
            \sprintf('This backup was made by a newer Rigger (schema %s). Install that one first. Nothing was changed.', $schema),
        );
    }

    public static function noUpkeep(): Problem
    {
        return new Problem(
            409,
            'no_upkeep',
            'This does not fit what is there',
            'The database is a server of your own (DATABASE_URL). To bring a backup back, Rigger needs a role that may make '
                .'databases: name it with RIGGER_UPKEEP_URL.',
        );
    }

    public static function busy(): Problem
    {
        return new Problem(409, 'backup_busy', 'One at a time', 'A backup is being made or brought back just now. Wait until it is done.');
    }
}
