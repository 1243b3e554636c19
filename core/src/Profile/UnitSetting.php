<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

use Rigger\Core\Patch\AddressKeys;
use Rigger\Core\Patch\Span;

/** What a unit is like to set: its keys and signs, and how it keeps what is set. Nothing is computed from these words. */
final readonly class UnitSetting
{
    /**
     * @param list<string>     $buttons      as they are printed on it
     * @param list<Legend>     $letters      what the letters on its display mean
     * @param float|null       $saveSeconds  how long to hold or wait
     * @param float|null       $revertsAfter seconds after which it leaves the menu and forgets what was not saved
     * @param string|null      $remote       the entry that makes it listen to a desk
     * @param string|null      $byItself     the entry that makes it run by itself
     * @param string|null      $leader       the entry that makes it lead others without a desk
     * @param string|null      $follower     the entry that makes it follow a leader
     * @param string|null      $tenthSwitch  what the tenth switch does
     * @param list<Legend>     $lamps        what the patterns of its lamp mean
     * @param string|null      $curveByLevel what the level of the fader at the moment of pairing chooses
     * @param string|null      $powerOn      what it does at power-on
     * @param AddressKeys|null $keys         by which keys its address is stepped
     * @param int|null         $keysTop      the address after which it begins again at 1; null for 512
     */
    public function __construct(
        public array $buttons = [],
        public array $letters = [],
        public ?SaveAction $save = null,
        public ?float $saveSeconds = null,
        public ?float $revertsAfter = null,
        public ?string $remote = null,
        public ?string $byItself = null,
        public ?string $leader = null,
        public ?string $follower = null,
        public ?string $tenthSwitch = null,
        public array $lamps = [],
        public ?string $curveByLevel = null,
        public ?string $powerOn = null,
        public ?AddressKeys $keys = null,
        public ?int $keysTop = null,
    ) {
    }

    /** @return list<array{string, string}> what to say at the ladder, by what it is about */
    public function sentences(): array
    {
        $lines = [];
        if ([] !== $this->buttons) {
            $lines[] = ['Buttons', implode(', ', $this->buttons)];
        }
        if (null !== $this->keys) {
            $lines[] = ['Address keys', $this->keys->words($this->keysTop ?? Span::LAST_SLOT)];
        }
        foreach ($this->letters as $legend) {
            $lines[] = ['Display '.$legend->sign, $legend->meaning];
        }
        if (null !== $this->save) {
            $lines[] = ['To save', $this->save->words($this->saveSeconds)];
        }
        if (null !== $this->revertsAfter) {
            $lines[] = ['Reverts', \sprintf('after %s s without a key', Wording::number($this->revertsAfter))];
        }
        $entries = [
            'Listens to a desk' => $this->remote, 'Runs by itself' => $this->byItself, 'Leads others' => $this->leader,
            'Follows a leader' => $this->follower, 'Switch 10' => $this->tenthSwitch, 'Curve' => $this->curveByLevel,
            'At power-on' => $this->powerOn,
        ];
        foreach ($entries as $about => $words) {
            if (null !== $words) {
                $lines[] = [$about, $words];
            }
        }
        foreach ($this->lamps as $legend) {
            $lines[] = ['Lamp '.$legend->sign, $legend->meaning];
        }

        return $lines;
    }

    /**
     * @param list<Legend> $legends
     *
     * @return list<array{sign: string, meaning: string}>
     */
    private static function legends(array $legends): array
    {
        return array_map(static fn (Legend $legend): array => $legend->toArray(), $legends);
    }

    /** @return array<string, mixed>|\stdClass */
    public function toArray(): array|\stdClass
    {
        $document = array_filter([
            'buttons' => $this->buttons, 'letters' => self::legends($this->letters), 'save' => $this->save?->value,
            'saveSeconds' => $this->saveSeconds,
            'revertsAfter' => $this->revertsAfter, 'remote' => $this->remote, 'byItself' => $this->byItself, 'leader' => $this->leader,
            'follower' => $this->follower,
            'tenthSwitch' => $this->tenthSwitch, 'lamps' => self::legends($this->lamps), 'curveByLevel' => $this->curveByLevel,
            'powerOn' => $this->powerOn,
            'keys' => $this->keys?->value, 'keysTop' => $this->keysTop,
        ], static fn (mixed $value): bool => null !== $value && [] !== $value);

        return [] === $document ? new \stdClass() : $document;
    }
}
