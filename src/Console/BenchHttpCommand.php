<?php

declare(strict_types=1);

namespace KindHeel\App\Console;

use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Row;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

/** Reads the API as several clients at once and reports how long it took; only on loopback, and it stops by itself. */
#[AsCommand('bench:http', 'Times every read of the API at 8 clients at once.')]
final readonly class BenchHttpCommand
{
    public function __construct(private Connection $connection)
    {
    }

    public function __invoke(
        SymfonyStyle $io,
        #[Option('Where the application listens on this machine.')]
        int $port = 8317,
        #[Option('Clients at once.')]
        int $clients = 8,
        #[Option('Requests for each path.')]
        int $requests = 400,
        #[Option('Who signs in.')]
        string $login = 'ida',
    ): int {
        $base = 'http://127.0.0.1:'.$port;
        $cookies = array_map(fn (): string => $this->signIn($base, $login), range(1, max(1, min(64, $clients))));
        $piece = Row::first($this->connection, 'SELECT piece_id FROM plan_step ORDER BY id DESC LIMIT 1')?->int('piece_id') ?? 1;
        $rows = [];
        foreach (['/api/session', '/api/bench', '/api/tickets', "/api/pieces/$piece", "/api/pieces/$piece/plan", '/api/ledger', "/api/ledger/$piece", '/api/words'] as $path) {
            $this->load($base.$path, $cookies, 40);
            $times = $this->load($base.$path, $cookies, max(1, min(5000, $requests)));
            sort($times);
            $rows[] = [$path, \sprintf('%.1f', $times[intdiv(\count($times), 2)]), \sprintf('%.1f', $times[(int) (0.95 * (\count($times) - 1))]), \sprintf('%.1f', $times[\count($times) - 1])];
        }
        $io->table(['read', 'median ms', 'p95 ms', 'worst ms'], $rows);

        return Command::SUCCESS;
    }

    /** @return non-empty-string the cookie */
    private function signIn(string $base, string $login): string
    {
        [$session, $cookie] = $this->talk($base.'/api/session', '', []);
        /** @var array{csrfToken: string} $document */
        $document = json_decode($session, true, flags: \JSON_THROW_ON_ERROR);
        [$answer, $cookie] = $this->talk($base.'/api/sign-in', $cookie, ['login' => $login, 'password' => 'lantern-'.$login], $document['csrfToken']);
        if (!str_contains($answer, '"person":{')) {
            throw new \RuntimeException('Nobody could be signed in: '.$answer);
        }

        return '' === $cookie ? throw new \RuntimeException('No cookie was set.') : $cookie;
    }

    /**
     * @param array<string, string> $body
     *
     * @return array{string, string} body and cookie
     */
    private function talk(string $url, string $cookie, array $body, string $token = ''): array
    {
        $headers = ['Cookie: '.$cookie, 'X-CSRF-Token: '.$token, 'Content-Type: application/json'];
        $answer = (string) file_get_contents($url, context: stream_context_create(['http' => [
            'method' => [] === $body ? 'GET' : 'POST',
            'header' => $headers,
            'content' => [] === $body ? '' : json_encode($body, \JSON_THROW_ON_ERROR),
            'ignore_errors' => true,
        ]]));
        foreach ($http_response_header as $line) {
            if (1 === preg_match('/^Set-Cookie: (kindheel=[^;]+)/i', $line, $found)) {
                $cookie = $found[1];
            }
        }

        return [$answer, $cookie];
    }

    /**
     * @param non-empty-list<non-empty-string> $cookies one for each client
     *
     * @return non-empty-list<float> milliseconds
     */
    private function load(string $url, array $cookies, int $requests): array
    {
        $multi = curl_multi_init();
        $times = [];
        $left = $requests;
        $begin = static function (string $cookie) use ($multi, $url, &$left): void {
            \assert('' !== $cookie);
            --$left;
            $handle = curl_init($url);
            \assert($handle instanceof \CurlHandle);
            curl_setopt_array($handle, [\CURLOPT_RETURNTRANSFER => true, \CURLOPT_COOKIE => $cookie, \CURLOPT_TIMEOUT => 20, \CURLOPT_ENCODING => 'gzip', \CURLOPT_PRIVATE => $cookie]);
            curl_multi_add_handle($multi, $handle);
        };
        foreach ($cookies as $cookie) {
            $begin($cookie);
        }
        do {
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.1);
            while (\is_array($done = curl_multi_info_read($multi))) {
                $handle = $done['handle'];
                \assert($handle instanceof \CurlHandle);
                if (200 !== curl_getinfo($handle, \CURLINFO_RESPONSE_CODE)) {
                    throw new \RuntimeException(\sprintf('%s answered %d: %s', $url, curl_getinfo($handle, \CURLINFO_RESPONSE_CODE), curl_error($handle).curl_multi_getcontent($handle)));
                }
                $times[] = 1000.0 * (float) curl_getinfo($handle, \CURLINFO_TOTAL_TIME);
                $cookie = curl_getinfo($handle, \CURLINFO_PRIVATE);
                curl_multi_remove_handle($multi, $handle);
                if ($left > 0) {
                    $begin(\is_string($cookie) && '' !== $cookie ? $cookie : $cookies[0]);
                    $running = 1;
                }
            }
        } while ($running > 0);

        return [] === $times ? [0.0] : $times;
    }
}
