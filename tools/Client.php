<?php

declare(strict_types=1);

/*
 * Many clients of the API at once in one process, for the tools that press the application: each signed in, each with one request under way.
 * Needs the PHP extension curl, which ./check brings in.
 */

/** @phpstan-type Answer array{status: int, body: mixed, ms: float, replayed: bool, raw: string} */
final class Client
{
    public string $cookie = '';
    public string $token = '';
    private ?CurlHandle $line = null;

    public function __construct(public readonly string $base, public readonly string $login)
    {
    }

    public function signIn(): void
    {
        for ($try = 0;; ++$try) {
            $answer = $this->ask('POST', '/api/sign-in', ['login' => $this->login, 'password' => 'lantern-'.$this->login]);
            if (200 === $answer['status']) {
                $this->token = (string) told($answer['body'], 'csrfToken');

                return;
            }
            if ($try > 60) {
                throw new RuntimeException('Nobody could be signed in: '.$answer['status'].' '.$answer['raw']);
            }
            sleep(1);
        }
    }

    /**
     * @param non-empty-string          $method
     * @param array<string, mixed>|null $body   a `file` in it is a picture, and the rest its form
     *
     * @return Answer status 0 when there was none
     */
    public function ask(string $method, string $path, ?array $body = null, ?string $key = null): array
    {
        // One line for all that a client asks, as a browser has it.
        $handle = $this->line ??= curl_init();
        curl_reset($handle);
        $headers = ['Accept: application/json', 'Expect:'];
        if ('' !== $this->cookie) {
            $headers[] = 'Cookie: '.$this->cookie;
        }
        if ('GET' !== $method) {
            array_push($headers, 'X-CSRF-Token: '.$this->token, 'Idempotency-Key: '.($key ?? bin2hex(random_bytes(12))));
            if (($body['file'] ?? null) instanceof CURLFile) {
                curl_setopt($handle, CURLOPT_POSTFIELDS, $body);
            } else {
                $headers[] = 'Content-Type: application/json';
                curl_setopt($handle, CURLOPT_POSTFIELDS, json_encode($body ?? new stdClass(), JSON_THROW_ON_ERROR));
            }
        }
        curl_setopt_array($handle, [
            CURLOPT_URL => $this->base.$path ?: '/', CURLOPT_CUSTOMREQUEST => $method, CURLOPT_HTTPHEADER => $headers, CURLOPT_RETURNTRANSFER => true,
            CURLOPT_HEADER => true, CURLOPT_TIMEOUT => 40,
        ]);

        $raw = (string) curl_exec($handle);
        $size = (int) curl_getinfo($handle, CURLINFO_HEADER_SIZE);
        $head = substr($raw, 0, $size);
        $content = substr($raw, $size);
        if (1 === preg_match('/^set-cookie: (kindheel=[^;]+)/mi', $head, $found)) {
            $this->cookie = $found[1];
        }

        return [
            'status' => (int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE), 'body' => json_decode($content, true), 'raw' => $content,
            'ms' => 1000.0 * curl_getinfo($handle, CURLINFO_TOTAL_TIME), 'replayed' => false !== stripos($head, 'idempotency-replayed: true'),
        ];
    }
}

/**
 * Each in a process of its own, side by side, until all have come to their end.
 *
 * @param list<Closure(): array<array-key, mixed>> $each
 *
 * @return list<array<array-key, mixed>> what each has to tell
 */
function together(array $each): array
{
    $children = [];
    foreach ($each as $one) {
        $told = (string) tempnam(sys_get_temp_dir(), 'kindheel-client');
        $pid = pcntl_fork();
        if (0 === $pid) {
            file_put_contents($told, json_encode($one(), JSON_THROW_ON_ERROR));
            // Without an end of its own: what the parent holds open is not to be closed.
            posix_kill((int) getmypid(), SIGKILL);
        }
        $children[$pid] = $told;
    }
    $all = [];
    foreach ($children as $pid => $told) {
        pcntl_waitpid($pid, $status);
        $all[] = (array) json_decode((string) file_get_contents($told), true);
        unlink($told);
    }

    return $all;
}

/** @param list<float> $times */
function share(array $times, float $share): float
{
    sort($times);

    return [] === $times ? NAN : $times[(int) floor($share * (count($times) - 1))];
}

/** A figure or a word somewhere in what was answered. */
function told(mixed $body, int|string ...$path): int|string
{
    foreach ($path as $key) {
        $body = is_array($body) ? $body[$key] ?? null : null;
    }

    return is_int($body) || is_string($body) ? $body : throw new RuntimeException('There is no '.implode('/', $path).' in the answer.');
}

/**
 * A pair of one's own, and a pot of one's own.
 *
 * @return array{piece: int|string, pot: int|string, ticket: int|string}
 */
function ownWork(Client $client, string $name, bool $planned = false): array
{
    $must = static function (int $status, string $path, array $body) use ($client): mixed {
        /** @var array<string, mixed> $body */
        $answer = $client->ask('POST', $path, $body);

        return $status === $answer['status'] ? $answer['body'] : throw new RuntimeException($path.': '.$answer['status'].' '.$answer['raw']);
    };
    $ticket = $must(201, '/api/tickets', [
        'customer' => $name, 'promisedAt' => (new DateTimeImmutable('+400 days'))->format('Y-m-d\T12:00'),
        'pieces' => [['name' => $name, 'kind' => 'low-shoe/derby', 'sizeEu' => 42, 'aim' => 'freshen', 'gloss' => 'satin', 'shade' => 'chestnut']],
    ]);
    $piece = told($ticket, 'pieces', 0, 'id');
    if ($planned) {
        $must(200, "/api/pieces/$piece/plan", ['version' => 1]);
    }
    $reading = told($must(201, "/api/pieces/$piece/readings", [
        'half' => 'left', 'part' => 'toe', 'spot' => 'sound', 'source' => 'reader',
        'measured' => [array_map(static fn (int $band): float => 0.1 + 0.01 * $band, range(0, 30))],
    ]), 'readings', 0, 'id');

    return ['piece' => $piece, 'pot' => told($must(201, '/api/pots', ['name' => $name, 'target' => $reading]), 'id'), 'ticket' => told($ticket, 'id')];
}

/** What a tool was given behind `--name`. */
function option(string $name, string $else): string
{
    /** @var list<string> $words */
    $words = $_SERVER['argv'];
    $at = array_search('--'.$name, $words, true);

    return false === $at ? $else : $words[$at + 1];
}

/** Where ./start answers: at the port that a tool was given first, or at the usual one. */
function demoAt(): string
{
    /** @var list<string> $words */
    $words = $_SERVER['argv'];

    return 'http://127.0.0.1:'.(ctype_digit($words[1] ?? '') ? $words[1] : '8317');
}

/** Where the demo's database answers whoever began ./start: the path of its socket. */
function demoSocket(): string
{
    $url = (parse_ini_file(dirname(__DIR__).'/.env.prod.local') ?: [])['DATABASE_URL'] ?? '';
    parse_str((string) parse_url(is_string($url) ? $url : '', PHP_URL_QUERY), $said);

    return is_string($said['unix_socket'] ?? null) ? $said['unix_socket'] : throw new RuntimeException('./start has not been here.');
}

function demoDatabase(): PDO
{
    return new PDO('mysql:unix_socket='.demoSocket().';dbname=kindheel;charset=utf8mb4', posix_getpwuid(posix_geteuid())['name'] ?? 'root', '');
}
