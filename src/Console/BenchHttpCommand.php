<?php

declare(strict_types=1);

namespace KindHeel\App\Console;

use Doctrine\DBAL\Connection;
use KindHeel\App\Database\Row;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;
use Symfony\Contracts\HttpClient\HttpClientInterface;
use Symfony\Contracts\HttpClient\ResponseInterface;

/** Reads the API as several clients at once and reports how long it took; only on loopback, and it stops by itself. */
#[AsCommand('bench:http', 'Times every read of the API at 8 clients at once.')]
final readonly class BenchHttpCommand
{
    public function __construct(private Connection $connection, private HttpClientInterface $http)
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
        $piece = Row::first($this->connection, 'SELECT id FROM piece WHERE planned_from IS NOT NULL ORDER BY id DESC LIMIT 1')?->int('id') ?? 1;
        $rows = [];
        $paths = ['session', 'bench', 'tickets', "pieces/$piece", "pieces/$piece/plan", 'ledger', "ledger/$piece", 'words'];
        foreach (array_map(static fn (string $p): string => '/api/'.$p, $paths) as $path) {
            $this->load($base.$path, $cookies, 40);
            $times = $this->load($base.$path, $cookies, max(1, min(5000, $requests)));
            sort($times);
            $rows[] = [
                $path,
                \sprintf('%.1f', $times[intdiv(\count($times), 2)]),
                \sprintf('%.1f', $times[(int) (0.95 * (\count($times) - 1))]),
                \sprintf('%.1f', $times[\count($times) - 1]),
            ];
        }
        $io->table(['read', 'median ms', 'p95 ms', 'worst ms'], $rows);

        return Command::SUCCESS;
    }

    /** @return string the cookie */
    private function signIn(string $base, string $login): string
    {
        $answer = $this->http->request('POST', $base.'/api/sign-in', ['json' => ['login' => $login, 'password' => 'lantern-'.$login]]);
        if (200 !== $answer->getStatusCode()) {
            throw new \RuntimeException('Nobody could be signed in: '.$answer->getContent(false));
        }

        return self::cookie($answer) ?? throw new \RuntimeException('No cookie was set.');
    }

    private static function cookie(ResponseInterface $response): ?string
    {
        foreach ($response->getHeaders()['set-cookie'] ?? [] as $line) {
            if (1 === preg_match('/^(kindheel=[^;]+)/i', $line, $found)) {
                return $found[1];
            }
        }

        return null;
    }

    /**
     * @param non-empty-list<string> $cookies one for each client
     *
     * @return non-empty-list<float> milliseconds
     */
    private function load(string $url, array $cookies, int $requests): array
    {
        $begin = fn (string $cookie): ResponseInterface => $this->http->request('GET', $url, [
            'headers' => ['Cookie' => $cookie],
            'timeout' => 20,
            'user_data' => $cookie,
        ]);
        $under = array_map($begin, \array_slice($cookies, 0, $requests));
        $left = $requests - \count($under);
        $times = [];
        while ([] !== $under) {
            foreach ($this->http->stream($under) as $response => $chunk) {
                if (!$chunk->isLast()) {
                    continue;
                }
                if (200 !== $response->getStatusCode()) {
                    throw new \RuntimeException(\sprintf('%s answered %d: %s', $url, $response->getStatusCode(), $response->getContent(false)));
                }
                $took = $response->getInfo('total_time');
                $cookie = $response->getInfo('user_data');
                $times[] = 1000.0 * (is_numeric($took) ? (float) $took : 0.0);
                $under = array_values(array_filter($under, static fn (ResponseInterface $r): bool => $r !== $response));
                if ($left-- > 0) {
                    $under[] = $begin(\is_string($cookie) ? $cookie : $cookies[0]);
                }
                break;
            }
        }

        return [] === $times ? [0.0] : $times;
    }
}
