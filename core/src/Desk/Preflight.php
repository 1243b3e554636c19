<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

/** What to look at on a desk before anyone blames a lamp, in the order in which a hand finds it. */
final class Preflight
{
    /**
     * @return list<PreflightItem>
     */
    public static function of(Desk $desk): array
    {
        $keys = $desk->manual->keys;
        $master = $keys->of('master');
        $all = Master::All === $desk->manual->master;
        $items = [];
        if ($desk->manual->hasMaster()) {
            $items[] = new PreflightItem('master', \sprintf('%s is up', $master), $all
                ? 'At 0 every lamp is dark, whatever the faders say.'
                : 'It takes dimmers alone: at 0 a unit without a dimmer still shows its colours.');
        }
        if ($desk->crossfades()) {
            $items[] = new PreflightItem(
                'cross',
                \sprintf('Cross fader %s is at full, %s at 0', $keys->of('crossA'), $keys->of('crossB')),
                'Half-way both rows mix; with both at 0 the stage is dark.',
            );
        }
        if ($desk->manual->hasMaster()) {
            $items[] = new PreflightItem(
                'blackout',
                'Blackout' === $keys->of('blackout') ? 'Blackout is off' : \sprintf('Blackout is off (%s)', $keys->of('blackout')),
                'Its lamp is the one that is overlooked: press it once and watch the stage.',
            );
        }
        if (Layout::Preset === $desk->layout) {
            $said = $desk->wide ? 'The desk is set to one wide row' : 'The desk is set to two presets';
            $items[] = new PreflightItem('wide', $said, $desk->wide
                ? \sprintf(
                    'As two presets the second row would drive 1 to %d again, not %d to %d.',
                    $desk->faders,
                    $desk->faders + 1,
                    2 * $desk->faders,
                )
                : 'As one wide row the second row would drive other addresses.');
        }
        if (Layout::Buttons === $desk->layout) {
            $items[] = new PreflightItem(
                'buttons',
                \sprintf('No %s is lit but the one you work on', mb_strtolower($keys->of('button'))),
                'Faders move every unit whose button is down.',
            );
        }
        if ($desk->pages > 1 && Layout::Zones !== $desk->layout) {
            $items[] = new PreflightItem(
                'page',
                \sprintf('%s %s is lit', $keys->of('page'), $keys->page(1)),
                'Turning the page leaves the caps where they are: each fader takes over when it is moved.',
            );
        }
        if (null !== $desk->banks && $desk->banks > 1) {
            $items[] = new PreflightItem(
                'bank',
                \sprintf('%s 1 is chosen', $keys->of('bank')),
                'The same scene key stores and plays another scene in another bank.',
            );
        }
        if (null !== $desk->banks) {
            $items[] = new PreflightItem('program', \sprintf('%s is off', $keys->of('program')), null === $desk->manual->afterProgram
                ? 'In program mode the faders write, they do not play.'
                : \sprintf('When it is left, %s.', $desk->manual->afterProgram->sentence($keys)));
        }
        if (($desk->chases ?? 0) > 0) {
            $items[] = new PreflightItem(
                'chase',
                \sprintf('No %s runs', mb_strtolower($keys->of('chase'))),
                'A running chase writes over what the faders hold.',
            );
        }
        if (null !== $desk->fade && $desk->fade[1] > 0) {
            $items[] = new PreflightItem(
                'fade',
                \sprintf('The fade time is at %s s', (string) json_encode($desk->fade[0])),
                \sprintf('At %s s a desk that works looks dead.', (string) json_encode($desk->fade[1])),
            );
        }
        if (true === $desk->manual->hasRadio) {
            $items[] = new PreflightItem(
                'radio',
                'The built-in sender is on, under the name that the receivers are set to',
                'Two senders of one name fight; a unit in reach of neither keeps its last values.',
            );
        }

        return $items;
    }
}
