<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Everything that ./start begins is kept alive, counted, and cleared away when it was killed. */
final class SupervisionTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    public function testWhateverRunsIsStartedAgainAndNothingThatRunsForDaysIsCompiled(): void
    {
        $programs = self::programs();
        self::assertSame(['database', 'php', 'nginx', 'hygrometer', 'plan-ahead', 'air-watch', 'housekeeping', 'workshops', 'post'], array_keys($programs));
        foreach ($programs as $name => $settings) {
            self::assertSame('true', $settings['autorestart'] ?? '', $name);
            self::assertGreaterThan(1000, (int) ($settings['startretries'] ?? 0), $name.' is never given up');
            self::assertDoesNotMatchRegularExpression('/jit=(?!disable)/', $settings['command'] ?? '', $name);
        }
        $stopping = array_sum(array_map(static fn (array $p): int => (int) ($p['stopwaitsecs'] ?? 10), array_intersect_key(
            $programs,
            ['database' => 0, 'php' => 0, 'plan-ahead' => 0],
        )));
        self::assertLessThanOrEqual(8, $stopping, 'one group after the other, all is stopped within ten seconds');
    }

    public function testWhatTheWebServerAnswersItselfSaysItsOwnStatus(): void
    {
        $conf = (string) file_get_contents(self::ROOT.'/tools/nginx.conf');
        self::assertSame(3, preg_match_all('/error_page ([\d ]+?)(?: =(\d+))? \/([\w-]+\.problem);/', $conf, $pages, \PREG_SET_ORDER));
        $answered = [];
        foreach ($pages as [, $for, $as, $file]) {
            $body = json_decode((string) file_get_contents(self::ROOT.'/public/'.$file), true);
            self::assertIsArray($body);
            self::assertSame((int) ('' === $as ? $for : $as), $body['status'], $file);
            self::assertStringContainsString("location = /$file { internal; }", $conf);
            $answered[$for] = $body['status'];
        }
        self::assertEqualsCanonicalizing([413 => 413, 500 => 507, '502 503 504' => 503], $answered);
    }

    public function testWhatTheSupervisorTellsIsKeptForEachProcess(): void
    {
        $file = sys_get_temp_dir().'/kindheel-states-'.bin2hex(random_bytes(4)).'.json';
        $event = static function (string $state, string $process): string {
            $body = \sprintf('processname:%s groupname:%s from_state:STOPPED tries:0', $process, $process);

            return \sprintf("ver:3.0 server:s serial:1 pool:states poolserial:1 eventname:PROCESS_STATE_%s len:%d\n%s", $state, \strlen($body), $body);
        };
        $listener = new Process(['php', 'tools/process-states.php', $file], self::ROOT);
        $listener->setInput(implode('', [
            $event('STARTING', 'nginx'), $event('RUNNING', 'nginx'), $event('EXITED', 'nginx'), $event('STARTING', 'nginx'), $event('RUNNING', 'nginx'),
            $event('STARTING', 'air-watch'), $event('BACKOFF', 'air-watch'), $event('RUNNING', 'states'),
        ]));
        self::assertSame(0, $listener->run());
        self::assertSame(9, substr_count($listener->getOutput(), "READY\n"));
        self::assertSame(8, substr_count($listener->getOutput(), "RESULT 2\nOK"));
        $said = json_decode((string) file_get_contents($file), true);
        unlink($file);
        self::assertIsArray($said);
        $told = array_map(static fn (mixed $one): array => \is_array($one) ? [$one['state'] ?? '', $one['starts'] ?? 0] : [], $said);
        self::assertSame(['air-watch' => ['backoff', 1], 'nginx' => ['running', 2]], $told);
    }

    public function testWhatAKilledServerLeftIsEndedAndNothingElse(): void
    {
        $folder = sys_get_temp_dir().'/kindheel-group-'.bin2hex(random_bytes(4));
        mkdir($folder);
        // A leader that dies and leaves a worker behind, as a killed master does; beside it one of another name in the same group, and one in another.
        $script = <<<'SH'
            . tools/lib.sh
            setsid bash -c 'sleep 77 & exec -a leader sleep 78' > /dev/null 2>&1 &
            leader=$!; sleep 0.3
            printf '%s' "$leader" > "$1/server.pid"
            setsid sleep 79 > /dev/null 2>&1 & other=$!
            kill -9 "$leader"; wait "$leader" 2>/dev/null || true
            printf 'left %s\n' "$(members_of "$leader" sleep | wc -l)"
            clear_group "$1/server.pid" mysql
            printf 'of another name %s\n' "$(members_of "$leader" | wc -l)"
            clear_group "$1/server.pid" sleep; sleep 0.2
            printf 'cleared %s\n' "$(members_of "$leader" | wc -l)"
            kill -0 "$other" && printf 'the other lives\n'; kill "$other"
            clear_group "$1/nowhere.pid" sleep && printf 'nothing to clear\n'
            SH;
        $process = new Process(['bash', '-c', $script, 'group', $folder], self::ROOT);
        $process->run();
        exec('rm -rf '.escapeshellarg($folder));
        self::assertSame("left 1\nof another name 1\ncleared 0\nthe other lives\nnothing to clear\n", $process->getOutput(), $process->getErrorOutput());
    }

    /** @return array<string, array<string, string>> settings of each program, in the order of the file */
    private static function programs(): array
    {
        $programs = [];
        $now = null;
        foreach (file(self::ROOT.'/tools/supervisor.conf', \FILE_IGNORE_NEW_LINES) ?: [] as $line) {
            if (str_starts_with($line, '[')) {
                $now = 1 === preg_match('/^\[program:(.+)\]$/', $line, $found) ? $found[1] : null;
            } elseif (null !== $now && str_contains($line, '=')) {
                [$key, $value] = explode('=', $line, 2);
                $programs[$now][$key] = $value;
            }
        }

        return $programs;
    }
}
