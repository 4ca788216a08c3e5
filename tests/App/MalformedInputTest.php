<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Bench\BenchView;
use KindHeel\App\Colour\RangeDocument;
use KindHeel\App\Database\Row;
use KindHeel\App\Job\StepStatus;
use KindHeel\App\Settings\SettingsVersion;
use KindHeel\Tests\Support\RandomInput;
use PHPUnit\Framework\Attributes\Group;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapQueryString;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\PropertyInfo\PropertyInfoExtractorInterface;
use Symfony\Component\Routing\RouterInterface;

/** Whatever is sent to whichever address, by whom: it is answered with a sentence, and never with a fault of ours. The same seed sends the same. */
#[Group('malformed')]
final class MalformedInputTest extends ApiTestCase
{
    /** `./check` sends ten thousand, by two of these side by side. */
    private const REQUESTS = 500;
    private const SEED = 20261128;
    private const PEOPLE = ['ida', 'ida', 'tomas', 'wren'];
    /** The workshop is laid out anew after so many. */
    private const ROUND = 1_000;

    private Randomizer $random;
    private RandomInput $input;
    /** @var list<array{method: string, path: string, body: class-string|null, query: list<string>}> */
    private array $routes = [];
    private int $piece = 0;

    public function testNothingThatIsSentIsAnsweredWithAFault(): void
    {
        $requests = (int) (getenv('FUZZ') ?: self::REQUESTS);
        $seed = (int) (getenv('FUZZ_SEED') ?: self::SEED);
        $this->random = new Randomizer(new Xoshiro256StarStar($seed));
        $properties = self::getContainer()->get('test.property_info');
        self::assertInstanceOf(PropertyInfoExtractorInterface::class, $properties);
        $this->input = new RandomInput($this->random, $properties);
        $this->routes = $this->routes();
        $faults = $statuses = $through = [];
        for ($n = 0; $n < $requests; ++$n) {
            if (0 === $n % self::ROUND) {
                $this->layOut();
            }
            if (0 === $n % 25) {
                $this->signIn(self::PEOPLE[$this->random->getInt(0, 3)]);
                $this->clock->sleep($this->random->getInt(1, 400));
            }
            [$route, $status, $sent] = $this->send();
            $this->asANewProcess();
            $through[$route] = ($through[$route] ?? 0) + ($status < 300 ? 1 : 0);
            $statuses[intdiv($status, 100)] = ($statuses[intdiv($status, 100)] ?? 0) + 1;
            if ($status >= 500) {
                $faults[] = \sprintf("request %d of seed %d: %d %s\n  %s", $n, $seed, $status, $sent, $this->why());
            }
        }
        if (getenv('FUZZ_SAYS')) {
            asort($through);
            fwrite(\STDERR, print_r($through, true).print_r($statuses, true));
        }
        self::assertSame([], \array_slice(array_unique($faults), 0, 20), \count($faults).' of '.$requests.' were answered with a fault');
        self::assertGreaterThan($requests / 12, $statuses[2] ?? 0, 'enough of them come through to what is behind the door');
        self::assertGreaterThan($requests / 4, $statuses[4] ?? 0);
    }

    public function testAFormIsNoSignIn(): void
    {
        $this->client->request('POST', '/api/sign-in', ['login' => 'ida', 'password' => 'open sesame'], server: ['HTTP_ACCEPT' => 'application/json']);
        self::assertContains($this->client->getResponse()->getStatusCode(), [400, 401, 415], $this->content());
        self::assertSame('application/problem+json', $this->client->getResponse()->headers->get('Content-Type'));
    }

    public function testNothingFailsWhenTheClockWasPutBackMeanwhile(): void
    {
        $this->random = new Randomizer(new Xoshiro256StarStar(1));
        $this->routes = $this->routes();
        $this->layOut();
        $this->signIn('tomas');
        for ($acts = 0; $acts < 30; ++$acts) {
            $step = ($this->must(BenchView::class, 'GET', '/api/bench')->calls[0] ?? null)?->step;
            $this->clock->sleep(600);
            if (null === $step) {
                continue;
            }
            $this->ask('POST', "/api/steps/$step->id/".(StepStatus::Running === $step->status ? 'done' : 'start'), ['version' => $step->version,
                'why' => 'Now.']);
        }
        self::assertGreaterThan(0, $this->connection()->fetchOne('SELECT COUNT(*) FROM plan_step WHERE full_at IS NOT NULL'), 'something dries');
        foreach (['-3 hours', '-40 days'] as $back) {
            $this->clock->modify($back);
            foreach ($this->routes as $route) {
                if ('GET' === $route['method']) {
                    $path = preg_replace_callback(
                        '/\{(\w+)\}/',
                        fn (array $m): string => $this->placed($route['path'], $m[1], sound: true),
                        $route['path']
                    ) ?? '';
                    $query = str_ends_with($path, 'what-if') ? '?do=fan' : (str_ends_with($path, '/fit') ? '?minutes=30' : '');
                    self::assertLessThan(500, $this->ask('GET', $path.$query), "$path, $back: ".$this->content());
                }
            }
            foreach ($this->must(BenchView::class, 'GET', '/api/bench')->calls as $call) {
                self::assertLessThan(500, $this->ask('POST', "/api/steps/{$call->step->id}/start", ['version' => $call->step->version]), $this->content());
            }
        }
    }

    public function testWhatIsNoneOfItsKindIsSaid(): void
    {
        $this->random = new Randomizer(new Xoshiro256StarStar(2));
        $this->layOut();
        $dye = $this->some("product WHERE kind = 'dye'");
        $pot = $this->some('pot');
        $version = Row::first($this->connection(), 'SELECT version FROM pot WHERE id = ?', [$pot])?->int('version');
        foreach ([
            ['POST', '/api/reader', ['what' => 'draw-down', 'product' => $dye, 'card' => 'white', 'dryUm' => 30.0]],
            ['PUT', "/api/pots/$pot/recipe", ['version' => $version, 'drops' => ['chestnut' => ['a']]]],
            ['POST', "/api/pots/$pot/again", ['version' => $version, 'drops' => ['chestnut' => 1.5]]],
            ['POST', "/api/pots/$pot/dabs", ['version' => $version, 'measured' => [['red', 'blue']]]],
            ['POST', "/api/pieces/$this->piece/readings", ['half' => 'left', 'part' => 'toe', 'spot' => 'sound', 'source' => 'typed', 'labs' => [['40', '2',
                '2']]]],
            ['POST', '/api/pictures/'.$this->some('picture').'/colour', ['at' => [0.5, 0.5], 'card' => [1, 2, 3]]],
            ['POST', "/api/pieces/$this->piece/plan", ['version' => 1, 'schools' => [['a']]]],
            ['POST', "/api/pieces/$this->piece/plan", ['version' => 1, 'exclude' => [['a']]]],
            ['POST', '/api/air', ['tempC' => 20.0, 'humidity' => 50, 'place' => "bench\0"]],
        ] as [$method, $path, $body]) {
            $this->refused('/api/reader' === $path ? 409 : 422, $method, $path, $body);
        }
    }

    private function layOut(): void
    {
        self::ensureKernelShutdown();
        $this->setUp();
        self::getContainer()->get(RangeDocument::class)->take((string) file_get_contents(__DIR__.'/../../demo/house-range.json'));
        $this->signIn('ida');
        $this->piece = $this->plannedPair();
        self::assertSame(201, $this->ask('POST', '/api/tickets', ['pieces' => [['kind' => 'bag/satchel', 'sizeEu' => null,
            'lengthMm' => 380] + self::PIECE]] + $this->ticketBody()), $this->content());
        $place = ['half' => 'left', 'part' => 'toe'];
        foreach ([['sound', 'typed', ['labs' => [[40.0, 10.0, 12.0]]]], ['damage', 'reader', ['measured' => [self::spectrum(0.5)]]]] as [$spot, $source,
            $read]) {
            $status = $this->ask('POST', "/api/pieces/$this->piece/readings", $place + ['spot' => $spot, 'source' => $source] + $read);
            self::assertSame(201, $status, $this->content());
        }
        foreach ([1, 2] as $pot) {
            self::assertSame(201, $this->ask('POST', '/api/pots', ['name' => 'Toe, chestnut', 'target' => $this->some('reading')]), $this->content());
        }
        foreach ($this->connection()->fetchFirstColumn("SELECT code FROM product WHERE kind = 'paint' LIMIT 3") as $code) {
            self::assertSame(200, $this->ask('POST', '/api/pots/'.$this->some('pot').'/drops', ['code' => $code, 'drops' => 5]), $this->content());
        }
        self::assertSame(201, $this->ask('POST', '/api/workshop/feeds', []), $this->content());
        self::assertSame(201, $this->upload("/api/pieces/$this->piece/pictures", ['moment' => 'before', 'half' => 'left'], sound: true), $this->content());
    }

    /** One kernel answers all of them here; what one left behind is not to be met by the next. */
    private function asANewProcess(): void
    {
        $doctrine = self::getContainer()->get('doctrine');
        $manager = $doctrine->getManager();
        \assert($manager instanceof EntityManagerInterface);
        $manager->isOpen() ? $manager->clear() : $doctrine->resetManager();
    }

    /** @return list<float> 31 bands */
    private static function spectrum(float $level): array
    {
        return array_map(static fn (int $band): float => round($level * (0.4 + 0.02 * $band), 4), range(0, 30));
    }

    private function some(string $table, string $column = 'id'): int|string
    {
        $found = $this->connection()->fetchFirstColumn("SELECT $column FROM $table");
        $one = [] === $found ? 1 : $found[$this->random->getInt(0, \count($found) - 1)];

        return \is_int($one) || \is_string($one) ? $one : 1;
    }

    /** @return array{string, int, string} the route, the answer's status, and what was sent */
    private function send(): array
    {
        $route = $this->routes[$this->random->getInt(0, \count($this->routes) - 1)];
        // What is only read has fewer ways to go wrong.
        if ('GET' === $route['method']) {
            $route = $this->routes[$this->random->getInt(0, \count($this->routes) - 1)];
        }
        $path = preg_replace_callback('/\{(\w+)\}/', fn (array $m): string => $this->placed($route['path'], $m[1]), $route['path']) ?? '';
        $query = [];
        foreach ($route['query'] as $name) {
            if (0 !== $this->random->getInt(0, 3)) {
                $value = 0 === $this->random->getInt(0, 1) ? $this->input->junk() : $this->random->getInt(0, 40);
                $query[$name] = $value instanceof \stdClass ? [] : $value;
            }
        }
        $path .= [] === $query ? '' : '?'.http_build_query($query);
        $body = $raw = null;
        $headers = 0 === $this->random->getInt(0, 4) ? ['Idempotency-Key' => (string) json_encode($this->input->junk(), \JSON_PARTIAL_OUTPUT_ON_ERROR)] : [];
        if ('GET' !== $route['method']) {
            $body = null === $route['body'] ? [] : $this->input->body($route['body'], $this->known($path));
            for ($spoil = max(0, $this->random->getInt(-1, 2)); $spoil > 0; --$spoil) {
                $body = $this->input->spoil($body);
            }
            $raw = (string) json_encode($body, \JSON_PARTIAL_OUTPUT_ON_ERROR);
            $raw = match ($this->random->getInt(0, 40)) {
                0 => substr($raw, 0, -1), 1 => '', 2 => "\xff\xfe".$raw, 3 => 'login=ida&password=open+sesame', 4 => str_repeat('[', 600), default => $raw,
            };
        }
        if (str_ends_with($route['path'], '/pictures') && 'POST' === $route['method'] && \is_array($body)) {
            return ['POST '.$route['path'], $this->upload($path, $body), 'POST '.$path.' '.json_encode($body, \JSON_PARTIAL_OUTPUT_ON_ERROR)];
        }
        $status = $this->ask($route['method'], $path, headers: $headers, raw: $raw);
        if (str_contains($path, 'sign-')) {
            $this->signIn('ida');
        }

        return [$route['method'].' '.$route['path'], $status, $route['method'].' '.$path.' '.substr(
            (string) $raw,
            0,
            700
        ).([] === $headers ? '' : ' '.json_encode($headers))];
    }

    /** @param array<array-key, mixed> $body */
    private function upload(string $path, array $body, bool $sound = false): int
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'fuzz');
        $picture = imagecreatetruecolor(40, 30);
        match ($sound ? 3 : $this->random->getInt(0, 3)) {
            0 => file_put_contents($file, $this->random->getBytes(200)),
            1 => file_put_contents($file, ''),
            2 => file_put_contents($file, "\xff\xd8\xff\xe0".$this->random->getBytes(60)),
            default => imagejpeg($picture, $file),
        };
        $fields = array_filter($body, static fn (mixed $v): bool => \is_scalar($v) || \is_array($v));
        $this->client->request('POST', $path, $fields, !$sound && 0 === $this->random->getInt(0, 4) ? [] : ['file' => new UploadedFile(
            $file,
            'a.jpg',
            test: true
        )], [
            'HTTP_ACCEPT' => 'application/json', 'HTTP_X_CSRF_TOKEN' => $this->token(), 'HTTP_IDEMPOTENCY_KEY' => bin2hex($this->random->getBytes(8)),
        ]);
        @unlink($file);

        return $this->client->getResponse()->getStatusCode();
    }

    /** What stands for a place in an address: mostly something that is there. */
    private function placed(string $path, string $name, bool $sound = false): string
    {
        $choices = ['0', '999999', '99999999999999999999', '-1', 'abc', '%00', '%FF', '1.5', '%20', '..%2f', 'a%0d%0ab', str_repeat('9', 300)];
        if (!$sound && 0 === $this->random->getInt(0, 9)) {
            return $choices[$this->random->getInt(0, \count($choices) - 1)];
        }
        $table = match (true) {
            \in_array($name, ['school', 'ground', 'digest', 'size', 'secret', 'path'], true) => null,
            'finding' === $name, 'trial' === $name, 'piece' === $name => $name,
            str_contains($path, '/pieces/') => 'piece',
            str_contains($path, '/steps/') => "(SELECT id FROM plan_step WHERE status <> 'done' ORDER BY piece_id, position LIMIT 4) AS next",
            default => [
                'pots' => 'pot', 'tickets' => 'ticket', 'pictures' => 'picture', 'readings' => 'reading', 'people' => 'person', 'days' => 'other_day',
                'feeds' => 'calendar_feed',
            ][explode('/', $path)[str_starts_with($path, '/api/workshop/') ? 3 : 2]] ?? null,
        };
        if (null !== $table) {
            return (string) $this->some($table);
        }

        return match ($name) {
            'school' => ['cleaning', 'wax', 'bases'][$this->random->getInt(0, 2)],
            'ground' => ['natural', 'pale', 'tan'][$this->random->getInt(0, 2)],
            'digest' => substr((string) $this->some('picture', 'digest'), 0, 12), 'size' => 'thumb', 'secret' => 'nobody', default => 'bench',
        };
    }

    /** @return array<string, mixed> */
    private function known(string $path): array
    {
        $at = explode('/', $path)[3] ?? '';
        $table = ['steps' => 'plan_step', 'pots' => 'pot'][explode('/', $path)[2] ?? ''] ?? 'piece';
        $version = Row::first($this->connection(), "SELECT version FROM $table WHERE id = ?", [(int) $at]);
        $drops = [];
        foreach ([1, 2] as $some) {
            $drops[(string) $this->some('product', 'code')] = $this->random->getInt(1, 9);
        }

        return [
            'version' => str_contains($path, '/workshop/') ? (new SettingsVersion($this->connection()))->current() : ($version?->int('version') ?? 1),
            'person' => $this->some('person'), 'kind' => ['findings' => 'scuff', 'reset' => 'hands'][basename($path)] ?? 'low-shoe/derby',
            'part' => str_ends_with($path, '/off') ? 'laces' : 'toe', 'half' => 'left',
            'white' => self::spectrum(0.85), 'black' => self::spectrum(0.05), 'overWhite' => self::spectrum(0.4), 'overBlack' => self::spectrum(0.3),
            'leather' => self::spectrum(0.5), 'dyed' => self::spectrum(0.2), 'measured' => [self::spectrum(0.3)], 'labs' => [[40.0, 12.0, 15.0]],
            'at' => str_contains($path, '/pictures/') ? [0.5, 0.5] : null, 'grey' => [0.2, 0.2], 'drops' => str_ends_with($path, '/drops') ? 2 : $drops,
            'code' => $this->some('product', 'code'), 'product' => $this->some('product'), 'dye' => $this->some("product WHERE kind = 'dye'"),
            'target' => $this->some('reading'),
            'ground' => $this->some('reading'), 'pot' => $this->some('pot'), 'piece' => $this->piece, 'swatch' => $this->some('swatch'),
            'exclude' => ['flammable'],
            'schools' => ['cleaning' => null], 'step' => $this->some('plan_step'), 'shifts' => [['from' => '09:00', 'until' => '12:00']], 'find' => 'shoes',
            'answer' => 'passed', 'minutes' => 30, 'what' => 'place', 'places' => str_ends_with($path, '/stations') ? 3 : [['part' => 'toe',
                'half' => 'left']], 'text' => "name;L;a;b\nheel;40,5;12,25;-3\n", 'tempC' => 21.0,
            'humidity' => 50, 'speedMs' => 0.2, 'why' => 'because', 'strokes' => [[[10, 10], [50, 60]]], 'signedBy' => 'M. Sand', 'coats' => 1, 'thinner' => 1,
            'day' => str_contains($path, '/people/') ? 2 : '2026-03-05', 'moment' => 'before', 'from' => str_ends_with(
                $path,
                '/copy'
            ) ? $this->some('piece') : '09:00',
            'was' => str_contains($path, '/tickets/') ? '2026-03-06T17:00:00Z' : null, 'off' => true, 'name' => 'Another', 'change' => 'drop',
            'severity' => 2, 'to' => $this->piece,
            'customer' => 'Mirela Sand', 'promisedAt' => '2026-03-06T18:00', 'login' => 'ida', 'password' => 'open sesame',
        ];
    }

    private function why(): string
    {
        $log = self::getContainer()->getParameter('kernel.logs_dir');
        $files = glob($log.'/test*.log') ?: [];
        $last = [] === $files ? [] : (file(end($files)) ?: []);

        return substr((string) end($last), 0, 400);
    }

    /** @return list<array{method: string, path: string, body: class-string|null, query: list<string>}> */
    private function routes(): array
    {
        $routes = [];
        foreach (self::getContainer()->get(RouterInterface::class)->getRouteCollection() as $route) {
            $controller = $route->getDefault('_controller');
            $body = null;
            $query = [];
            if (\is_string($controller) && str_contains($controller, '::')) {
                foreach ((new \ReflectionMethod($controller))->getParameters() as $parameter) {
                    $type = $parameter->getType();
                    $class = $type instanceof \ReflectionNamedType && class_exists($type->getName()) ? $type->getName() : null;
                    if ([] !== $parameter->getAttributes(MapRequestPayload::class)) {
                        $body = $class;
                    }
                    if ([] !== $parameter->getAttributes(MapQueryParameter::class)) {
                        $query[] = $parameter->getName();
                    }
                    if ([] !== $parameter->getAttributes(MapQueryString::class) && null !== $class) {
                        $query = array_map(static fn (\ReflectionProperty $p): string => $p->getName(), (new \ReflectionClass($class))->getProperties());
                    }
                }
            }
            foreach ($route->getMethods() as $method) {
                $routes[] = ['method' => $method, 'path' => $route->getPath(), 'body' => $body, 'query' => $query];
            }
        }

        return $routes;
    }
}
