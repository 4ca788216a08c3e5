<?php

declare(strict_types=1);

/*
 * What clients do while everything goes wrong, and what must be there afterwards: for tools/storm and tools/cluster-story. An act is sent again, with its key,
 * until it has a definite answer, as the interface does.
 */

require_once __DIR__.'/Client.php';

/**
 * What one client was told: what was acknowledged, what never had a definite answer (open), and how often each status came.
 *
 * @phpstan-type Told array{
 *     pot: int|string, piece: int|string, drops: int, acts: int, tickets: list<string>, pictures: int,
 *     open: array{drops: int, tickets: list<string>, pictures: int}, statuses: array<int, int>, faults: list<string>
 * }
 */
final class Storm
{
    private const TRIES = 120;

    /** @var Told */
    private array $told;

    /** @param string $name by which its tickets are found again */
    public function __construct(private readonly Client $client, private readonly string $name, private readonly int $n)
    {
        $client->signIn();
        $own = ownWork($client, $name);
        $this->told = [
            'pot' => $own['pot'], 'piece' => $own['piece'], 'drops' => 0, 'acts' => 0, 'tickets' => [], 'pictures' => 0,
            'open' => ['drops' => 0, 'tickets' => [], 'pictures' => 0], 'statuses' => [], 'faults' => [],
        ];
    }

    /** @return list<self> clients that are signed in, each with a piece and a pot of its own */
    public static function clients(string $base, int $count = 16): array
    {
        // Another storm may have been here.
        $run = bin2hex(random_bytes(3));

        return array_map(static fn (int $n): self => new self(new Client($base, ['ida', 'tomas'][$n % 2]), "Storm $run-$n", $n), range(1, $count));
    }

    /** @return Told */
    public function work(float $seconds): array
    {
        $paints = [];
        foreach ((array) (((array) $this->client->ask('GET', '/api/colours')['body'])['products'] ?? []) as $product) {
            if (is_array($product) && 'paint' === ($product['kind'] ?? null)) {
                $paints[] = told($product, 'code');
            }
        }
        $paint = $paints[$this->n % count($paints)] ?? throw new RuntimeException('There is no paint.');
        for ($turn = 0, $until = microtime(true) + $seconds; microtime(true) < $until; ++$turn) {
            match ($turn % 12) {
                0 => $this->ticket($turn),
                6 => $this->picture(),
                default => $this->drop($paint, $turn),
            };
            usleep(250_000);
        }

        return $this->told;
    }

    private function ticket(int $turn): void
    {
        $name = $this->name.'-'.$turn;
        $status = $this->act('POST', '/api/tickets', [
            'customer' => $name, 'promisedAt' => (new DateTimeImmutable('+300 days'))->format('Y-m-d\T12:00'),
            'pieces' => [['name' => $name, 'kind' => 'low-shoe/derby', 'sizeEu' => 42, 'aim' => 'keep']],
        ]);
        if (201 === $status) {
            $this->told['tickets'][] = $name;
        } elseif (0 === $status) {
            $this->told['open']['tickets'][] = $name;
        } else {
            $this->told['faults'][] = "$status for a ticket";
        }
    }

    private function picture(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'storm');
        $image = imagecreatetruecolor(600, 400);
        for ($dot = 0; $dot < 3000; ++$dot) {
            imagesetpixel($image, random_int(0, 599), random_int(0, 399), random_int(0, 0xFFFFFF));
        }
        imagejpeg($image, $file, 95);
        $status = $this->act('POST', '/api/pieces/'.$this->told['piece'].'/pictures', [
            'moment' => 'before', 'half' => 'left', 'side' => 'outer-side', 'file' => new CURLFile($file, 'image/jpeg', 'a.jpg'),
        ]);
        unlink($file);
        if (201 === $status) {
            ++$this->told['pictures'];
        } elseif (0 === $status) {
            ++$this->told['open']['pictures'];
        } else {
            $this->told['faults'][] = "$status for a picture";
        }
    }

    private function drop(int|string $paint, int $turn): void
    {
        // In, and out again before the pot is full.
        $drops = $this->told['drops'] < 40 && 0 !== $turn % 3 ? 1 : ($this->told['drops'] > 5 ? -1 : 1);
        $status = $this->act('POST', '/api/pots/'.$this->told['pot'].'/drops', ['code' => $paint, 'drops' => $drops]);
        if (200 === $status) {
            $this->told['drops'] += $drops;
            ++$this->told['acts'];
        } elseif (0 === $status) {
            ++$this->told['open']['drops'];
        } else {
            $this->told['faults'][] = "$status for a drop";
        }
    }

    /**
     * Until there is a definite answer: the same key, again and again.
     *
     * @param non-empty-string     $method
     * @param array<string, mixed> $body
     *
     * @return int its status; 0 without one
     */
    private function act(string $method, string $path, array $body): int
    {
        $key = bin2hex(random_bytes(12));
        for ($try = 0; $try < self::TRIES; ++$try) {
            $answer = $this->client->ask($method, $path, $body, $key);
            $status = $answer['status'];
            $this->told['statuses'][$status] = ($this->told['statuses'][$status] ?? 0) + 1;
            if ($status >= 500 && !in_array($status, [503, 507], true)) {
                $this->told['faults'][] = $status.' '.$method.' '.$path.' '.substr($answer['raw'], 0, 200);
            }
            if (401 === $status || (is_array($answer['body']) && 'csrf' === ($answer['body']['type'] ?? ''))) {
                $this->client->signIn();
            } elseif (0 !== $status && $status < 500) {
                return $status;
            }
            usleep(500_000);
        }

        return 0;
    }

    /**
     * Every act that was acknowledged must be there exactly once, and every picture whole.
     *
     * @param list<Told>   $told   by each client
     * @param list<string> $faults that are known already
     *
     * @return bool whether all is as it must be; it prints what is not
     */
    public static function verdict(Client $client, array $told, array $faults): bool
    {
        $statuses = [];
        $acknowledged = $lost = $twice = $open = 0;
        foreach ($told as $one) {
            array_push($faults, ...$one['faults']);
            foreach ($one['statuses'] as $status => $times) {
                $statuses[$status] = ($statuses[$status] ?? 0) + $times;
            }
            $acknowledged += $one['acts'] + count($one['tickets']) + $one['pictures'];
            $open += $one['open']['drops'] + $one['open']['pictures'] + count($one['open']['tickets']);
            $pictures = self::listed($client, '/api/pieces/'.$one['piece'].'/pictures', 'pictures');
            foreach ([
                [$one['drops'], $one['open']['drops'], (int) told($client->ask('GET', '/api/pots/'.$one['pot'])['body'], 'total')],
                [$one['pictures'], $one['open']['pictures'], count($pictures)],
            ] as [$said, $maybe, $there]) {
                $lost += max(0, $said - $there - $maybe);
                $twice += max(0, $there - $said - $maybe);
            }
            foreach ($pictures as $picture) {
                $file = $client->ask('GET', (string) told($picture, 'full'));
                if (200 !== $file['status'] || strlen($file['raw']) < 1000) {
                    $faults[] = 'a picture that was acknowledged is empty: '.json_encode($picture).' '.$file['status'];
                }
            }
            foreach ([...$one['tickets'], ...$one['open']['tickets']] as $name) {
                $found = self::listed($client, '/api/tickets?find='.rawurlencode($name), 'tickets');
                $there = count(array_filter($found, static fn (mixed $t): bool => is_array($t) && $name === ($t['customer'] ?? null)));
                $lost += in_array($name, $one['tickets'], true) ? max(0, 1 - $there) : 0;
                $twice += max(0, $there - 1);
            }
        }
        ksort($statuses);
        foreach ($statuses as $status => $times) {
            printf("  %s: %d\n", 0 === $status ? 'no answer' : $status, $times);
        }
        printf("%d acts acknowledged: %d lost, %d done twice, %d without a definite answer\n", $acknowledged, $lost, $twice, $open);
        foreach (array_slice(array_unique($faults), 0, 12) as $fault) {
            echo "  FAULT $fault\n";
        }

        return 0 === $lost + $twice + count($faults);
    }

    /** @return array<mixed> */
    private static function listed(Client $client, string $path, string $name): array
    {
        $body = $client->ask('GET', $path)['body'];

        return is_array($body) && is_array($body[$name] ?? null) ? $body[$name] : throw new RuntimeException($path.' does not say '.$name);
    }
}
