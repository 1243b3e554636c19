<?php

declare(strict_types=1);

/** Compares what was acknowledged with what the rigs' journals hold. */
final class Verdict
{
    public int $kept = 0;
    public int $lost = 0;
    public int $doubled = 0;
    /** @var list<string> */
    public array $wrong = [];

    /**
     * @param list<array{rig: string, what: string, token: string, version: int}> $acknowledged
     * @param list<string>                                                        $rigs
     * @param bool $isWhole whether nobody wrote since: then there may be nothing else either
     */
    public static function of(Client $client, array $acknowledged, array $rigs, bool $isWhole = true): self
    {
        $verdict = new self();
        foreach ($rigs as $rig) {
            $journal = [];
            for ($page = 1, $total = 1; count($journal) < $total; ++$page) {
                [$status, $answer] = $client->patiently('GET', '/api/rigs/'.$rig.'/changes?page='.$page, until: microtime(true) + 60);
                if (200 !== $status || [] === $answer['changes']) {
                    break;
                }
                $total = $answer['total'];
                array_push($journal, ...$answer['changes']);
            }
            $count = array_count_values(array_map(
                static fn (array $row): string => (string) preg_replace('/^Renamed the rig to /', '', $row['sentence']),
                $journal,
            ));
            $mine = array_filter($acknowledged, static fn (array $row): bool => $row['rig'] === $rig);
            $edits = array_filter($mine, static fn (array $row): bool => 'edit' === $row['what']);
            foreach ($edits as $edit) {
                $found = $count[$edit['token']] ?? 0;
                $verdict->kept += min(1, $found);
                $verdict->lost += 0 === $found ? 1 : 0;
                $verdict->doubled += max(0, $found - 1);
            }
            $undone = count(array_filter($journal, static fn (array $row): bool => $row['undone']));
            $undos = count($mine) - count($edits);
            $verdict->kept += min($undone, $undos);
            $verdict->lost += max(0, $undos - $undone);
            if ($isWhole) {
                $verdict->doubled += max(0, $undone - $undos) + max(0, count($journal) - count($edits));
                [, $now] = $client->patiently('GET', '/api/rigs/'.$rig.'/version');
                if ($now['version'] !== 1 + count($mine)) {
                    $verdict->wrong[] = sprintf('A rig is at version %d after %d acknowledged changes.', $now['version'], count($mine));
                }
            }
        }

        return $verdict;
    }
}
