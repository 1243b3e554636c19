<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** The cable at hand, and where runs begin. */
final readonly class VanView
{
    /**
     * @param list<float>   $lengths in metres, ascending
     * @param float         $slack   factor on each way of the stage plan
     * @param float         $spare   metres on top of it
     * @param SpotView|null $desk    where the desk's outputs are; null where nobody has said
     */
    public function __construct(public array $lengths, public float $slack, public float $spare, public ?SpotView $desk)
    {
    }
}
