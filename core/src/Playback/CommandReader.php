<?php

declare(strict_types=1);

namespace Rigger\Core\Playback;

use Rigger\Core\Change\Shape;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Playback\Command\ClearFaders;
use Rigger\Core\Playback\Command\GoToStep;
use Rigger\Core\Playback\Command\LetGo;
use Rigger\Core\Playback\Command\MoveFaders;
use Rigger\Core\Playback\Command\RecallLook;
use Rigger\Core\Playback\Command\RunWalk;
use Rigger\Core\Playback\Command\SendInstead;
use Rigger\Core\Playback\Command\SetBlackout;
use Rigger\Core\Playback\Command\SetCross;
use Rigger\Core\Playback\Command\SetMaster;
use Rigger\Core\Playback\Command\TryFader;
use Rigger\Core\Playback\Command\WalkDesk;

/** Commands as JSON: {"do": "move-faders", "slots": {"1": 255}}; the word is the class's name. */
final class CommandReader
{
    public const ALL = [
        MoveFaders::class, SetMaster::class, SetCross::class, SetBlackout::class, ClearFaders::class, RecallLook::class,
        TryFader::class, WalkDesk::class, GoToStep::class, RunWalk::class, LetGo::class, SendInstead::class,
    ];
    /** In one request. */
    public const MOST = 1000;

    /**
     * @return list<Command>
     *
     * @throws InputError
     */
    public static function readAll(Members $in, string $member): array
    {
        return $in->each($member, self::read(...), self::MOST);
    }

    /** @throws InputError */
    public static function read(mixed $document, string $path): Command
    {
        $in = Members::open($document, $path);
        $classes = self::byWord();

        return Shape::read($classes[$in->choice('do', array_keys($classes))], $in, ['do']);
    }

    /** @return array<string, class-string<Command>> */
    private static function byWord(): array
    {
        return array_combine(array_map(Shape::word(...), self::ALL), self::ALL);
    }
}
