<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Golden;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Edits as an operator makes them, chosen by a seed from what the rig shows just then; as changes for its door. */
final class Steps
{
    private const KINDS = [
        'move', 'move', 'move', 'together', 'rename', 'mode', 'swap', 'position', 'number', 'groups', 'note', 'tape', 'turn', 'lock', 'set',
        'proved', 'add', 'twin', 'remove', 'add-link', 'connect', 'receiver', 'remove-link', 'record', 'again', 'rename-look', 'store',
        'steady', 'remove-look', 'curve', 'straight', 'put', 'place', 'line-up', 'support', 'fewest', 'fresh', 'repair', 'repair', 'repair',
        'desk', 'undo', 'undo', 'redo', 'rename-rig', 'hold', 'change-hold', 'release', 'out', 'know', 'know', 'look-again', 'cell',
        'add-run', 'put-on-run', 'put-on-run', 'cable', 'split', 'take-off', 'remove-run', 'van', 'air', 'house', 'pair', 'run', 'run', 'remote',
        'add-receiver', 'put-behind', 'correct', 'circuit', 'circuit', 'outlet', 'plug', 'plug', 'battery', 'tape-wire', 'evening',
    ];
    private const NOBODY = '00000000-0000-7000-8000-000000000000';

    private readonly Randomizer $chance;
    /** @var list<string> */
    private readonly array $order;
    private int $made = 0;

    /**
     * @param array<string, string> $desks id by name
     * @param string                $kit   id of a radio kit
     */
    public function __construct(int $seed, private readonly array $desks, private readonly string $kit)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
        // Each kind once, in a shuffled order, then by chance.
        $this->order = array_values($this->chance->shuffleArray(self::KINDS));
    }

    /**
     * @param array<string, mixed> $rig the view
     *
     * @return array{string, list<array<string, mixed>>|array<string, mixed>} what kind, and changes; for a plan, what is wished
     */
    public function next(array $rig): array
    {
        $kind = $this->order[$this->made] ?? self::KINDS[$this->chance->getInt(0, \count(self::KINDS) - 1)];
        ++$this->made;

        return [$kind, match ($kind) {
            'fewest' => ['goal' => 'fewest', 'spacing' => 'packed', 'universes' => 10],
            'fresh' => ['goal' => 'fresh', 'spacing' => 'stride', 'universes' => 20],
            'repair' => $this->repair($rig),
            default => [$this->change($kind, $rig)],
        }];
    }

    /**
     * @param array<string, mixed> $rig
     *
     * @return array<string, mixed>
     */
    private function change(string $kind, array $rig): array
    {
        $made = $this->made;
        $look = $rig['looks'][0]['id'] ?? self::NOBODY;
        $link = $rig['links'][0]['id'] ?? self::NOBODY;
        $hold = $rig['holds'][0]['id'] ?? self::NOBODY;
        $run = $rig['runs'][$made % max(1, \count($rig['runs']))] ?? ['id' => self::NOBODY, 'items' => []];
        $item = $run['items'][$made % max(1, \count($run['items']))]['id'] ?? self::NOBODY;

        return match ($kind) {
            'move' => [
                'do' => 'move-units',
                'units' => [$this->unit($rig)],
                'to' => $this->chance->getInt(1, 3) > 1 ? (string) $this->chance->getInt(1, 512) : '2/'.$this->chance->getInt(1, 512),
            ],
            'together' => ['do' => 'move-units', 'units' => $this->two($rig), 'to' => '1.'.\sprintf('%03d', $this->chance->getInt(1, 480))],
            'rename' => ['do' => 'rename-unit', 'unit' => $this->unit($rig), 'name' => 'Unit of '.$made],
            'mode' => $this->mode($rig),
            'swap' => $this->swap($rig),
            'position' => ['do' => 'hang-unit', 'unit' => $this->unit($rig), 'position' => ['front beam, right', 'floor', ''][$made % 3]],
            'number' => ['do' => 'number-unit', 'unit' => $this->unit($rig), 'number' => ['12', '5', '', 'x'][$made % 4]],
            'groups' => ['do' => 'group-unit', 'unit' => $this->unit($rig), 'groups' => 'Storm, Movers'],
            'note' => ['do' => 'note-unit', 'unit' => $this->unit($rig), 'note' => 'Lens is loose'],
            'tape' => ['do' => 'tape-unit', 'unit' => $this->unit($rig), 'tape' => 'sage'],
            'turn' => [
                'do' => 'turn-unit',
                'unit' => self::head($rig),
                'direction' => 'pan',
                'reversed' => ['unit', 'software', ''][$made % 3],
            ],
            'lock' => ['do' => 'lock-unit', 'unit' => $this->unit($rig), 'isLocked' => true],
            'set' => ['do' => 'tick-unit', 'unit' => $this->unit($rig), 'isSet' => true],
            'proved' => ['do' => 'prove-unit', 'unit' => $this->unit($rig), 'isProved' => true],
            'add' => $this->add($rig),
            'twin' => $this->twin($rig),
            'remove' => ['do' => 'remove-unit', 'unit' => $this->unit($rig)],
            'add-link' => ['do' => 'add-link', 'kit' => $this->kit, 'label' => 'Sender '.$made],
            'connect' => ['do' => 'connect-unit', 'unit' => $this->unit($rig), 'link' => $link, 'receiver' => null],
            'receiver' => ['do' => 'connect-unit', 'unit' => $this->unit($rig), 'link' => $link, 'receiver' => 'Elder'],
            'add-run' => ['do' => 'add-run', 'units' => $this->two($rig)],
            'put-on-run' => ['do' => 'put-on-run', 'run' => $run['id'], 'units' => $this->two($rig)],
            'cable' => ['do' => 'change-items', 'items' => [$item], 'metres' => (string) ($made % 30), 'cable' => 'microphone'],
            'split' => ['do' => 'split-run', 'item' => $item],
            'take-off' => ['do' => 'take-off-run', 'items' => [$item]],
            'remove-run' => ['do' => 'remove-run', 'run' => $run['id']],
            'air' => ['do' => 'place-link', 'link' => $link, 'place' => 'walls', 'obstacles' => '9 '.$made],
            'run' => [
                'do' => 'run-units', 'units' => $this->two($rig), 'state' => ['leader', 'follower', 'desk', 'alone'][$made % 4],
            ],
            'remote' => ['do' => 'hear-remote', 'units' => $this->two($rig), 'hears' => 0 !== $made % 3],
            'add-receiver' => ['do' => 'add-receiver', 'link' => $link, 'label' => 'Box '.$made, 'units' => [$this->unit($rig)]],
            'put-behind' => ['do' => 'put-behind', 'unit' => $this->unit($rig), 'receiver' => $rig['links'][0]['receivers'][0]['id'] ?? 'none'],
            'circuit' => ['do' => 'add-circuit', 'amps' => 6 + $made % 12, 'units' => $this->two($rig)],
            'outlet' => ['do' => 'add-circuit', 'amps' => 10, 'fedBy' => $rig['power']['circuits'][0]['id'] ?? self::NOBODY],
            'plug' => [
                'do' => 'plug-units', 'units' => $this->two($rig), 'circuit' => $rig['power']['circuits'][0]['id'] ?? self::NOBODY,
            ],
            'battery' => [
                'do' => 'fit-battery', 'unit' => $this->unit($rig), 'chemistry' => 'lead', 'ampHours' => 1 + $made % 9, 'volts' => 12,
            ],
            'tape-wire' => [
                'do' => 'wire-tape', 'unit' => $this->unit($rig), 'volts' => 12, 'wattsPerMetre' => 14.4, 'metres' => 5,
                'wireMetres' => $made % 20, 'mm2' => 1.5,
            ],
            'evening' => ['do' => 'plan-power', 'hours' => 1 + $made % 4, 'interval' => 0.5],
            'correct' => ['do' => 'correct-outputs', 'unit' => $this->unit($rig), 'seen' => [1, 3, 2]],
            'pair' => ['do' => 'pair-unit', 'unit' => $this->unit($rig)],
            'house' => ['do' => 'hear-house', 'channels' => ['1', '6 11', ''][$made % 3]],
            'van' => ['do' => 'load-van', 'lengths' => '4 8 '.(10 + $made), 'x' => 0, 'y' => -6],
            'remove-link' => ['do' => 'remove-link', 'link' => $link],
            'record' => [
                'do' => 'record-look',
                'name' => 'Look '.$made,
                'bank' => 1 + $made % 3,
                'number' => 1 + $made % 9,
                'slots' => $this->slots(),
            ],
            'again' => ['do' => 'record-again', 'look' => $look, 'slots' => $this->slots()],
            'rename-look' => ['do' => 'rename-look', 'look' => $look, 'name' => 'Named '.$made],
            'store' => ['do' => 'store-look', 'look' => $look, 'bank' => 4, 'number' => $made],
            'steady' => ['do' => 'steady-look', 'look' => $look],
            'remove-look' => ['do' => 'remove-look', 'look' => $look],
            'curve' => [
                'do' => 'bend-channel',
                'unit' => $this->unit($rig),
                'channel' => 1,
                'forType' => 0 === $made % 2,
                'curve' => ['channel' => 1, 'shape' => 'square', 'min' => 20, 'max' => 255, 'bound' => 'clamp'],
            ],
            'straight' => [
                'do' => 'bend-channel',
                'unit' => $this->unit($rig),
                'channel' => 1,
                'forType' => 0 === $made % 2,
                'curve' => null,
            ],
            'put' => [
                'do' => 'put-units',
                'units' => $this->two($rig),
                'x' => $this->chance->getInt(-40, 40) / 10,
                'y' => $this->chance->getInt(0, 60) / 10,
            ],
            'place' => ['do' => 'place-unit', 'unit' => $this->unit($rig), 'x' => 1.5, 'y' => 2.25, 'height' => 3.5],
            'line-up' => [
                'do' => 'line-up-units',
                'units' => array_column(\array_slice($rig['units'], 0, 6), 'id'),
                'how' => ['row', 'column', 'spread'][$made % 3],
            ],
            'support' => [
                'do' => 'add-support',
                'kind' => 'beam',
                'name' => 'Beam '.$made,
                'height' => 4.0,
                'fromX' => -4.0,
                'fromY' => 1.0,
                'toX' => 4.0,
                'toY' => 1.0,
            ],
            'desk' => ['do' => 'choose-desk', 'desk' => $this->desks[['Rowlock 12', 'Capstan 4', 'Skiff 24'][$made % 3]]],
            'hold' => ['do' => 'hold-slots', 'universe' => 1, 'from' => 10 * $made, 'to' => 10 * $made + 5, 'name' => 'House '.$made],
            'change-hold' => ['do' => 'change-hold', 'hold' => $hold, 'universe' => 2, 'from' => 1, 'to' => 9, 'name' => 'Bar'],
            'release' => ['do' => 'release-slots', 'hold' => $hold],
            'out' => ['do' => 'put-out', 'unit' => $this->unit($rig), 'isOut' => $this->chance->getInt(1, 3) > 1],
            'know' => self::know($rig),
            'look-again' => ['do' => 'look-again', 'known' => array_column($rig['findings'], 'knownId')[0] ?? self::NOBODY],
            'cell' => ['do' => 'name-cell', 'unit' => self::withCells($rig), 'cell' => 2, 'name' => 'Window '.$made],
            'rename-rig' => ['do' => 'rename-rig', 'name' => 'Rig '.$made],
            default => ['do' => $kind],
        };
    }

    /** @param array<string, mixed> $rig */
    private function unit(array $rig): string
    {
        return $rig['units'][$this->chance->getInt(0, \count($rig['units']) - 1)]['id'];
    }

    /**
     * The first finding that somebody may know.
     *
     * @param array<string, mixed> $rig
     *
     * @return array<string, mixed>
     */
    private static function know(array $rig): array
    {
        foreach ($rig['findings'] as $one) {
            if (true === $one['isKnowable']) {
                return [
                    'do' => 'accept-finding', 'stage' => $one['stage'], 'code' => $one['code'], 'units' => $one['unitIds'],
                    'link' => $one['linkId'], 'look' => $one['lookId'], 'note' => 'as it is meant',
                ];
            }
        }

        return ['do' => 'undo'];
    }

    /** @param array<string, mixed> $rig */
    private static function withCells(array $rig): string
    {
        foreach ($rig['units'] as $unit) {
            if ([] !== $unit['cells']) {
                return $unit['id'];
            }
        }

        return self::NOBODY;
    }

    /**
     * @param array<string, mixed> $rig
     *
     * @return list<string>
     */
    private function two(array $rig): array
    {
        return array_values(array_unique([$this->unit($rig), $this->unit($rig)]));
    }

    /** @param array<string, mixed> $rig */
    private static function head(array $rig): string
    {
        foreach ($rig['units'] as $unit) {
            if ([] !== $unit['turns']) {
                return $unit['id'];
            }
        }

        return $rig['units'][0]['id'];
    }

    /**
     * @param array<string, mixed> $rig
     *
     * @return array<string, mixed>
     */
    private function mode(array $rig): array
    {
        $unit = $rig['units'][$this->chance->getInt(0, \count($rig['units']) - 1)];
        $modes = [
            'Drum 6' => ['five', 'nine', 'two'],
            'Spin 40' => ['eleven', 'sixteen'],
            'Batten 8' => ['four', 'eight', 'cells'],
        ][$unit['model']] ?? ['nine', 'four'];

        return ['do' => 'set-mode', 'units' => [$unit['id']], 'mode' => $modes[$this->chance->getInt(0, \count($modes) - 1)]];
    }

    /**
     * @param array<string, mixed> $rig
     *
     * @return array<string, mixed>
     */
    private function swap(array $rig): array
    {
        $type = $rig['types'][$this->chance->getInt(0, \count($rig['types']) - 1)];
        $mode = [
            'Drum 6' => 'five',
            'Spin 40' => 'eleven',
            'Batten 8' => 'cells',
            'Tape Driver' => 'three',
            'Quad Pack' => 'four',
            'Pail 7' => 'nine',
        ][$type['model']] ?? 'two';

        return [
            'do' => 'swap-type',
            'unit' => $this->unit($rig),
            'type' => $type['typeId'],
            'mode' => $mode,
            'makesRoom' => 1 === $this->made % 2,
        ];
    }

    /**
     * @param array<string, mixed> $rig
     *
     * @return array<string, mixed>
     */
    private function add(array $rig): array
    {
        $one = $rig['units'][$this->chance->getInt(0, \count($rig['units']) - 1)];

        return [
            'do' => 'add-units',
            'type' => $one['typeId'],
            'mode' => $one['mode'],
            'count' => 1 + $this->made % 3,
            'name' => 'Drum',
            'spacing' => ['packed', 'round', 'buttons', 'stride'][$this->made % 4],
            'together' => 1 + $this->made % 2,
        ];
    }

    /**
     * @param array<string, mixed> $rig
     *
     * @return array<string, mixed>
     */
    private function twin(array $rig): array
    {
        $one = $rig['units'][$this->chance->getInt(0, \count($rig['units']) - 1)];

        return [
            'do' => 'add-units',
            'twinOf' => $one['id'],
            'type' => $one['typeId'],
            'mode' => $one['mode'],
            'count' => 1,
            'name' => $one['name'],
        ];
    }

    /** @return array<int, int> */
    private function slots(): array
    {
        $slots = [];
        for ($at = 1; $at <= 512; $at += $this->chance->getInt(1, 9)) {
            $slots[$at] = $this->chance->getInt(0, 255);
        }

        return $slots;
    }

    /**
     * Any button of any finding.
     *
     * @param array<string, mixed> $rig
     *
     * @return list<array<string, mixed>>
     */
    private function repair(array $rig): array
    {
        $buttons = [];
        foreach ($rig['findings'] as $finding) {
            foreach ([$finding['repair'], ...$finding['others']] as $one) {
                if (null !== $one) {
                    $buttons[] = $one['changes'];
                }
            }
        }

        return [] === $buttons ? [['do' => 'undo']] : $buttons[$this->chance->getInt(0, \count($buttons) - 1)];
    }
}
