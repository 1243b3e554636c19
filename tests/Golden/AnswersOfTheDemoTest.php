<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Golden;

use Rigger\App\Tests\Support\ApiTestCase;

/** What the front end's component tests are shown is what the application answers: the file they read is compared here. */
final class AnswersOfTheDemoTest extends ApiTestCase
{
    private const FILE = '/assets/testing/demo.json';

    public function testTheComponentTestsAreShownWhatTheApplicationAnswers(): void
    {
        $path = '/api/rigs/'.$this->demoRig();
        $rig = $this->ask('GET', $path);
        $spin = self::unit($rig, 'Spin L');
        $answers = [
            'rig' => $rig,
            'live' => $this->ask('POST', $path.'/live', ['commands' => []]),
            'lookLamps' => $this->ask('GET', $path.'/looks/lamps'),
            'types' => $this->ask('GET', '/api/types'),
            'chart' => $this->ask('GET', '/api/types/'.$spin['typeId']),
            'plan' => $this->ask('POST', $path.'/plan/preview', ['goal' => 'fewest', 'universes' => 1, 'spacing' => 'packed']),
            'wishes' => $this->ask('GET', $path.'/desk/wishes'),
        ];
        $text = (string) json_encode(
            $answers,
            \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION,
        );
        $known = [];
        $text = (string) preg_replace_callback(
            '/[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[0-9a-f]{4}-[0-9a-f]{12}/',
            static function (array $found) use (&$known): string {
                $known[$found[0]] ??= \count($known) + 1;

                return \sprintf('00000000-0000-7000-8000-%012d', $known[$found[0]]);
            },
            $text,
        )."\n";
        $file = \dirname(__DIR__, 2).self::FILE;
        if ('write' === getenv('RIGGER_GOLDEN')) {
            file_put_contents($file, $text);
        }

        // Not compared by PHPUnit, which would print all of both.
        self::assertTrue((string) file_get_contents($file) === $text, self::FILE.' is not what is answered: RIGGER_GOLDEN=write writes it.');
    }
}
