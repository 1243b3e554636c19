<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Once;

use Rigger\App\Tests\Support\ApiTestCase;
use Symfony\Component\Uid\Uuid;

final class OnceTest extends ApiTestCase
{
    private function withKey(string $key): void
    {
        $this->headers = ['HTTP_IDEMPOTENCY_KEY' => $key];
    }

    public function testARepeatGetsTheFirstAnswerEvenWhenTheRigHasGoneOn(): void
    {
        $path = '/api/rigs/'.$this->demoRig();
        $move = ['do' => 'move-units', 'units' => [self::unit($this->ask('GET', $path), 'Haar')['id']]];
        $key = Uuid::v4()->toRfc4122();
        $this->withKey($key);
        $first = $this->changed($path, 1, $move + ['to' => '140']);
        $this->headers = [];
        $this->change($path, 2, $move + ['to' => '150']);
        $this->withKey($key);
        self::assertSame($first, $this->changed($path, 1, $move + ['to' => '140']));
        $this->headers = [];
        $now = $this->ask('GET', $path);
        self::assertSame([3, 150], [$now['version'], self::unit($now, 'Haar')['address']]);
    }

    public function testEveryKindOfWriteIsMadeOnce(): void
    {
        $rig = $this->demoRig();
        $path = '/api/rigs/'.$rig;
        $document = (array) json_decode((string) file_get_contents(\dirname(__DIR__, 2).'/demo/rigs/the-tidekeeper.json'), true);
        $writes = [
            ['POST', '/api/rigs', ['name' => 'Once', 'venue' => 'Quay']],
            ['POST', '/api/import', $document],
            ['POST', $path.'/changes', ['base' => 1, 'changes' => [['do' => 'rename-rig', 'name' => 'The Ebb']]]],
            ['POST', $path.'/changes', ['base' => 2, 'changes' => [['do' => 'undo']]]],
            ['POST', $path.'/changes', ['base' => 3, 'changes' => [['do' => 'redo']]]],
            [
                'POST',
                $path.'/changes',
                ['base' => 4, 'changes' => [['do' => 'begin-type', 'maker' => 'Skerry', 'model' => 'Mote', 'kind' => 'spot']]],
            ],
        ];
        foreach ($writes as [$method, $where, $body]) {
            $this->withKey(Uuid::v4()->toRfc4122());
            $first = $this->ask($method, $where, $body);
            $rigs = $this->ask('GET', '/api/rigs')['total'];
            $repeat = $this->ask($method, $where, $body);
            self::assertSame('true', $this->client->getResponse()->headers->get('Idempotent-Replay'), $where);
            self::assertSame($first, $repeat, $where);
            self::assertSame($rigs, $this->ask('GET', '/api/rigs')['total'], $where);
        }
        $this->headers = [];
        self::assertSame(5, $this->ask('GET', $path)['version']);
    }

    public function testARefusalIsNotKeptSoTheSameRequestMayFitLater(): void
    {
        $path = '/api/rigs/'.$this->demoRig();
        $this->withKey(Uuid::v4()->toRfc4122());
        $this->change($path, 2, ['do' => 'rename-rig', 'name' => 'The Ebb'], status: 409);
        $this->headers = [];
        $this->change($path, 1, ['do' => 'rename-rig', 'name' => 'The Flood']);
        self::assertSame(1, $this->ask('GET', $path.'/changes')['total']);
    }

    public function testAKeyBelongsToOneRequest(): void
    {
        $path = '/api/rigs/'.$this->demoRig();
        $this->withKey(Uuid::v4()->toRfc4122());
        $this->change($path, 1, ['do' => 'rename-rig', 'name' => 'The Ebb']);
        self::assertSame('key_reused', $this->change($path, 2, ['do' => 'rename-rig', 'name' => 'The Flood'], status: 422)['type']);
        $this->withKey('seven');
        self::assertSame(
            'bad_key',
            $this->change($path, 2, ['do' => 'rename-rig', 'name' => 'The Flood'], status: 422)['violations'][0]['code'],
        );
    }

    public function testARefusedWriteLeavesNothingBehind(): void
    {
        $path = '/api/rigs/'.$this->demoRig();
        $rig = $this->ask('GET', $path);
        $this->withKey(Uuid::v4()->toRfc4122());
        $this->change(
            $path,
            1,
            [
                ['do' => 'rename-unit', 'unit' => self::unit($rig, 'Haar')['id'], 'name' => 'Mist'],
                ['do' => 'move-units', 'units' => [self::unit($rig, 'Haar')['id']], 'to' => '600'],
            ],
            status: 422,
        );
        $this->headers = [];
        self::assertSame($rig, $this->ask('GET', $path));
    }
}
