<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Line;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\OneOf;
use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Change\World;
use Rigger\Core\Input\InputError;
use Rigger\Core\Line\Radio\Surroundings;
use Rigger\Core\Position\Spot;
use Rigger\Core\Rig\Link;
use Rigger\Core\Rig\Rig;

/** Where a sender's aerial is, and what lies between it and its receivers; what is left out stays. */
final readonly class PlaceLink implements Change
{
    /**
     * @param string|null $place     open, seated or walls
     * @param string|null $obstacles what each takes in dB, as typed: "6 3"; empty for none
     * @param float|null  $x         metres to the right of centre, with y
     * @param float|null  $y         metres upstage of the edge
     */
    public function __construct(
        public string $link,
        #[OneOf(['open', 'seated', 'walls'], 'Say open, seated or walls.')] public ?string $place = null,
        public ?string $obstacles = null,
        #[Within(-Spot::FARTHEST, Spot::FARTHEST, 'Type metres, -200 to 200.')] public ?float $x = null,
        #[Within(-Spot::FARTHEST, Spot::FARTHEST, 'Type metres, -200 to 200.')] public ?float $y = null,
        #[Within(0, Spot::HIGHEST, 'Type metres above the floor, 0 to 60.')] public ?float $height = null,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $link = $rig->link($this->link);
        $spot = null === $this->x || null === $this->y ? $link->spot : new Spot($this->x, $this->y, $this->height ?? $link->spot?->height);
        $place = null === $this->place ? $link->place : Surroundings::from($this->place);
        $obstacles = null === $this->obstacles ? $link->obstacles : self::decibels($this->obstacles);

        return new Applied($rig->withLink($link->through($spot, $place, $obstacles)), match (true) {
            $spot !== $link->spot => \sprintf('Put the aerial of %s %s', $link->label, $spot?->words() ?? ''),
            $place !== $link->place => \sprintf('%s sends %s', $link->label, $place->words()),
            default => \sprintf('%d things stand in the way of %s', \count($obstacles), $link->label),
        });
    }

    /** @return list<float> */
    private static function decibels(string $text): array
    {
        $found = [];
        $parts = preg_split('/[\s;]+|,\s+/', trim($text), -1, \PREG_SPLIT_NO_EMPTY);
        foreach (false === $parts ? [] : $parts as $one) {
            if ('db' === strtolower($one)) {
                continue;
            }
            $number = str_replace(',', '.', $one);
            if (!is_numeric($number)) {
                throw InputError::because('wrong_type', 'obstacles', 'Type what each takes in dB, such as 6 3.');
            }
            if ((float) $number < 0 || (float) $number > 100) {
                throw InputError::because('out_of_range', 'obstacles', \sprintf('A thing in the way takes 0 to 100 dB, not %s.', $one));
            }
            $found[] = (float) $number;
        }
        if (\count($found) > Link::MOST_OBSTACLES) {
            throw InputError::because('out_of_range', 'obstacles', \sprintf('Type at most %d of them.', Link::MOST_OBSTACLES));
        }

        return $found;
    }
}
