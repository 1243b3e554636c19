<?php

declare(strict_types=1);

namespace Rigger\App\Playback;

use Doctrine\DBAL\Exception as DatabaseException;
use Psr\Log\LoggerInterface;
use React\EventLoop\LoopInterface;
use Rigger\App\Problem\Problem;
use Rigger\Core\Playback\Seat;
use Rigger\Core\Playback\State;

/** Every seat that is taken, by rig. */
final class Seats
{
    /** A window that has not come back for a day does not come back. */
    private const KEPT_SECONDS = 86400.0;
    private const MOST = 2000;
    private const RETRY_SECONDS = 0.5;

    /** @var array<string, RunningSeat> by rig and id, the one taken last at the end */
    private array $seats = [];
    /** @var array<string, RunningSeat> the one that drives the output, by rig */
    private array $driving = [];

    public function __construct(
        private readonly RigsAtHand $rigs,
        private readonly Clock $clock,
        private readonly LoggerInterface $logger,
        private readonly LoopInterface $loop,
        private readonly Output $output,
    ) {
        $loop->addPeriodicTimer(60.0, $this->forget(...));
    }

    /**
     * The seat of this name, taken now if nobody has it.
     *
     * @param State|null $state where things stood in the window that takes it, before this process was there
     *
     * @throws Problem not_found, thrown_away, too_many
     */
    public function take(string $rigId, string $id, ?State $state): RunningSeat
    {
        $key = $rigId.'/'.$id;
        if (!isset($this->seats[$key])) {
            $this->makePlace();
            $this->seats[$key] = new RunningSeat($id, $rigId, Seat::take($this->rigs->get($rigId), $state), $this->loop, $this->clock);
        }

        return $this->seats[$key];
    }

    /** @throws Problem no_such_seat */
    public function get(string $rigId, string $id): RunningSeat
    {
        return $this->seats[$rigId.'/'.$id]
            ?? throw new Problem(404, 'no_such_seat', 'Nobody sits there', 'This seat is not taken any more: take it again.');
    }

    /** @return list<RunningSeat> at which somebody sits */
    public function at(string $rigId): array
    {
        return array_values(array_filter(
            $this->seats,
            static fn (RunningSeat $seat): bool => $seat->rigId === $rigId && $seat->hasWindows(),
        ));
    }

    /** One seat at a time drives the output of a rig: whoever asks last. */
    public function drive(RunningSeat $seat, bool $isDriving): void
    {
        $before = $this->driving[$seat->rigId] ?? null;
        unset($this->driving[$seat->rigId]);
        if (null !== $before && ($before !== $seat || !$isDriving)) {
            $before->drive(null);
        }
        if ($isDriving) {
            $this->driving[$seat->rigId] = $seat;
            $seat->drive($this->output->of($seat->rigId, $this->rigs->get($seat->rigId)->universe));
        }
    }

    /** A rig is another: whoever sits at it goes on in that one. */
    public function changed(string $rigId): void
    {
        if (!$this->rigs->isAtHand($rigId)) {
            return;
        }
        $mine = array_filter($this->seats, static fn (RunningSeat $seat): bool => $seat->rigId === $rigId);
        try {
            $rig = $this->rigs->fresh($rigId);
            foreach ($mine as $seat) {
                $seat->under($rig);
            }
        } catch (Problem) {
            foreach ($mine as $key => $seat) {
                unset($this->seats[$key], $this->driving[$rigId]);
                $seat->end();
            }
        } catch (DatabaseException $away) {
            $this->logger->warning('A rig that changed could not be read; trying again: {why}', ['why' => $away->getMessage()]);
            $this->loop->addTimer(self::RETRY_SECONDS, fn () => $this->changed($rigId));
        }
    }

    /** Whatever may have changed is read anew. */
    public function changedAll(): void
    {
        foreach (array_unique(array_map(static fn (RunningSeat $seat): string => $seat->rigId, $this->seats)) as $rigId) {
            $this->changed($rigId);
        }
    }

    private function forget(): void
    {
        foreach ($this->seats as $key => $seat) {
            if ($seat->emptyFor() > self::KEPT_SECONDS) {
                $this->remove($key);
            }
        }
    }

    private function makePlace(): void
    {
        if (\count($this->seats) < self::MOST) {
            return;
        }
        foreach ($this->seats as $key => $seat) {
            if (!$seat->hasWindows()) {
                $this->remove($key);

                return;
            }
        }
        throw new Problem(503, 'too_many', 'Too many windows', 'So many windows are open that no more can follow. Close some.');
    }

    private function remove(string $key): void
    {
        $seat = $this->seats[$key];
        if (($this->driving[$seat->rigId] ?? null) === $seat) {
            $this->drive($seat, false);
        }
        unset($this->seats[$key]);
    }
}
