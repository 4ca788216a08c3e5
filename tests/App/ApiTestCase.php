<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KindHeel\App\Bench\BenchView;
use KindHeel\App\Bench\CallView;
use KindHeel\App\Bench\RackPieceView;
use KindHeel\App\Counter\TicketView;
use KindHeel\App\Database\Row;
use KindHeel\App\Database\Tables;
use KindHeel\App\Drying\RecordAir;
use KindHeel\App\People\Person;
use KindHeel\App\People\Role;
use KindHeel\App\Picture\Side;
use KindHeel\App\Piece\PieceView;
use KindHeel\App\Plan\PlanView;
use KindHeel\App\Security\SessionView;
use KindHeel\App\Workshop\WorkshopView;
use KindHeel\Core\Drying\Air;
use KindHeel\Core\Schedule\Urgency;
use KindHeel\Core\Treatment\Action;
use KindHeel\Tests\Support\Answered;
use KindHeel\Tests\Support\Counting;
use Symfony\Bundle\FrameworkBundle\KernelBrowser;
use Symfony\Bundle\FrameworkBundle\Test\WebTestCase;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Clock\MockClock;

/** The API as a client sees it, on an empty database with three people in it. */
abstract class ApiTestCase extends WebTestCase
{
    protected const PIECE = [
        'name' => 'The lamplighter’s shoes', 'kind' => 'low-shoe/derby', 'sizeEu' => 42, 'aim' => 'freshen', 'gloss' => 'satin',
        'shade' => 'chestnut',
    ];

    protected KernelBrowser $client;
    protected MockClock $clock;
    private ?string $token = null;

    protected function setUp(): void
    {
        $this->client = self::createClient();
        // One kernel for the whole story: its clock goes on between requests.
        $this->client->disableReboot();
        $clock = self::getContainer()->get(ClockInterface::class);
        $this->clock = $clock;
        $connection = $this->connection();
        Tables::empty($connection);
        $entities = self::getContainer()->get(EntityManagerInterface::class);
        $hash = password_hash('open sesame', \PASSWORD_BCRYPT, ['cost' => 4]);
        foreach ([['ida', Role::Owner], ['tomas', Role::Restorer], ['nell', Role::Restorer], ['wren', Role::Apprentice],
            ['cora', Role::Counter]] as [$login, $role]) {
            $person = new Person($login, ucfirst($login), $role);
            $person->setPasswordHash($hash);
            $entities->persist($person);
        }
        $entities->flush();
        self::getContainer()->get(RecordAir::class)->typed(Air::reference());
    }

    protected function connection(): Connection
    {
        return self::getContainer()->get(Connection::class);
    }

    /** How many rows, and entries of an index, the database has read until now. */
    protected function rowsRead(): int
    {
        return (int) array_sum($this->connection()->fetchAllKeyValue("SHOW SESSION STATUS LIKE 'Handler_read%'"));
    }

    protected function signIn(string $login = 'tomas', string $password = 'open sesame'): int
    {
        $this->client->getCookieJar()->clear();
        $this->token = null;

        return $this->ask('POST', '/api/sign-in', ['login' => $login, 'password' => $password]);
    }

    /**
     * @param array<string, mixed>|null $body
     * @param array<string, string>     $headers
     */
    protected function ask(string $method, string $path, ?array $body = null, array $headers = [], ?string $raw = null): int
    {
        $server = ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/json'];
        if ('GET' !== $method) {
            $server['HTTP_X_CSRF_TOKEN'] = $this->token();
            $server['HTTP_IDEMPOTENCY_KEY'] = bin2hex(random_bytes(8));
        }
        foreach ($headers as $name => $value) {
            $server['HTTP_'.strtoupper(str_replace('-', '_', $name))] = $value;
        }
        $this->client->request($method, $path, server: $server, content: $raw ?? (null === $body ? '' : json_encode($body, \JSON_THROW_ON_ERROR)));
        $status = $this->client->getResponse()->getStatusCode();
        if (200 === $status && 'GET' !== $method && \in_array($path, ['/api/sign-in', '/api/sign-out', '/api/password', '/api/hands', '/api/begin'], true)) {
            $this->token = $this->answered(SessionView::class)->csrfToken;
        }

        return $status;
    }

    protected function token(): string
    {
        return $this->token ??= $this->must(SessionView::class, 'GET', '/api/session')->csrfToken;
    }

    /**
     * The answer as the view that the API promises: what does not fit it fails here.
     *
     * @template T of object
     *
     * @param class-string<T>      $view
     * @param array<string, mixed> $body
     *
     * @return T
     */
    protected function must(string $view, string $method, string $path, array $body = [], int $status = 200): object
    {
        $got = $this->ask($method, $path, 'GET' === $method ? null : $body);
        self::assertSame($status, $got, $method.' '.$path.': '.$this->content());

        return $this->answered($view);
    }

    /**
     * A setting of the workshop is changed by somebody who has just looked.
     *
     * @param array<string, mixed> $body
     */
    protected function set(string $path, array $body): WorkshopView
    {
        return $this->must(WorkshopView::class, 'PUT', '/api/workshop'.$path, $body + ['version' => $this->must(
            WorkshopView::class,
            'GET',
            '/api/workshop'
        )->version]);
    }

    /** @param array<string, mixed> $body */
    protected function refused(int $status, string $method, string $path, array $body = [], ?string $raw = null): ToldProblem
    {
        $got = $this->ask($method, $path, 'GET' === $method ? null : $body, raw: $raw);
        self::assertSame($status, $got, $method.' '.$path.': '.$this->content());
        self::assertSame('application/problem+json', $this->client->getResponse()->headers->get('Content-Type'));
        $problem = $this->answered(ToldProblem::class);
        self::assertSame($status, $problem->status);
        self::assertMatchesRegularExpression('/^[\p{Lu}“].*[.?]$/u', $problem->detail, 'a sentence');
        self::assertStringNotContainsString('Exception', $this->content());
        self::assertStringNotContainsString('.php', $this->content());

        return $problem;
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $view
     *
     * @return T
     */
    protected function answered(string $view): object
    {
        return Answered::as($view, json_decode($this->content(), true, 512, \JSON_THROW_ON_ERROR));
    }

    protected function content(): string
    {
        return (string) $this->client->getResponse()->getContent();
    }

    /** @param \Closure(): mixed $act */
    protected function statements(\Closure $act): int
    {
        $before = Counting::$statements;
        $act();

        return Counting::$statements - $before;
    }

    protected function rows(string $table): int
    {
        return Row::first($this->connection(), 'SELECT COUNT(*) AS n FROM '.$table)?->int('n') ?? 0;
    }

    /** @return array<string, mixed> the body of a new ticket that is sound */
    protected function ticketBody(string $kind = 'low-shoe/derby', string $aim = 'freshen'): array
    {
        return [
            'customer' => 'The Lantern Players',
            'contact' => 'Mirela Sand',
            'wish' => 'Worn is right, muddy is not.',
            'promisedAt' => '2026-03-06T18:00',
            'pieces' => [['kind' => $kind, 'aim' => $aim] + self::PIECE],
        ];
    }

    /**
     * The body that marks one finding on one part.
     *
     * @param array<string, mixed> $finding with its `part` and `half`
     *
     * @return array<string, mixed>
     */
    protected static function found(int $version, array $finding): array
    {
        $at = ['part' => true, 'half' => true];

        return ['version' => $version, 'places' => [array_intersect_key($finding, $at)], 'findings' => [array_diff_key($finding, $at)]];
    }

    /** A pair of pigmented derbies, looked over and planned; its id. */
    protected function plannedPair(?string $promisedAt = null, string $aim = 'freshen', int $severity = 2): int
    {
        $ticket = $this->must(
            TicketView::class,
            'POST',
            '/api/tickets',
            (null === $promisedAt ? [] : ['promisedAt' => $promisedAt]) + $this->ticketBody(aim: $aim),
            201,
        );
        $id = $ticket->pieces[0]->id;
        $places = [];
        foreach (['left', 'right'] as $half) {
            foreach (['toe', 'vamp', 'quarter', 'counter', 'tongue', 'facing', 'topline'] as $part) {
                $places[] = ['part' => $part, 'half' => $half];
            }
        }
        $piece = $this->must(PieceView::class, 'PUT', "/api/pieces/$id/parts", [
            'version' => 1,
            'places' => $places,
            'material' => 'pigmented',
            'certainty' => 'known',
        ]);
        $piece = $this->must(PieceView::class, 'POST', "/api/pieces/$id/findings", self::found($piece->version, [
            'part' => 'toe',
            'half' => 'left',
            'kind' => 'scuff',
            'severity' => $severity,
            'lengthMm' => $severity > 3 ? 80.0 : 12.0,
            'widthMm' => $severity > 3 ? 40.0 : 4.0,
        ]));
        $this->must(PlanView::class, 'POST', "/api/pieces/$id/plan", ['version' => $piece->version]);
        $this->photographed($id);

        return $id;
    }

    /** All pictures of how a piece came in, as if they had been taken in passing: its step is there still, and can be ended. */
    protected function photographed(int $id): void
    {
        $kind = $this->must(PieceView::class, 'GET', "/api/pieces/$id")->kind;
        foreach ($kind->halves() as $half) {
            foreach (Side::set($kind) as $side) {
                $this->connection()->executeStatement(
                    'INSERT INTO picture (piece_id, moment, half, side, digest, width, height, by_id, at) SELECT ?, ?, ?, ?, ?, 4, 3, MIN(id), ? FROM person',
                    [$id, 'before', $half->value, $side->value, str_repeat('0', 64), $this->clock->now()->format('Y-m-d H:i:s')],
                );
            }
        }
    }

    /** The first step that calls for hands. */
    protected function nextCall(): CallView
    {
        return $this->must(BenchView::class, 'GET', '/api/bench')->calls[0];
    }

    /** Works on until a step with this title is in the hand; answers its call. */
    protected function workUntil(string $title): CallView
    {
        for ($i = 0; $i < 200; ++$i) {
            $bench = $this->must(BenchView::class, 'GET', '/api/bench');
            $call = $bench->calls[0] ?? null;
            if (null === $call) {
                $opens = array_filter(array_map(static fn (RackPieceView $p): ?string => $p->opensAt, $bench->rack));
                $this->clock->sleep(max(60, [] === $opens ? 60 : (int) strtotime(min($opens)) - $this->clock->now()->getTimestamp()));
                continue;
            }
            if (Urgency::Test !== $call->urgency && str_starts_with($call->step->title, $title)) {
                return $call;
            }
            $this->doCall($call);
        }
        self::fail('There was never a step “'.$title.'”.');
    }

    protected function doCall(CallView $call): void
    {
        $step = $call->step;
        if (Urgency::Test === $call->urgency) {
            $this->must(BenchView::class, 'POST', "/api/steps/{$step->id}/gate", ['version' => $step->version, 'answer' => 'passed']);

            return;
        }
        $bench = $this->must(BenchView::class, 'POST', "/api/steps/{$step->id}/start", ['version' => $step->version]);
        $this->clock->sleep((int) (60 * $step->minutes));
        $version = ['version' => $bench->calls[0]->step->version];
        if ($step->isLook) {
            $this->must(BenchView::class, 'POST', "/api/steps/{$step->id}/look", $version + ['enough' => true]);
        } else {
            $instead = \in_array($step->action, [Action::Photograph, Action::ReadColour], true) ? ['why' => 'The owner took them.'] : [];
            $this->must(BenchView::class, 'POST', "/api/steps/{$step->id}/done", $version + $instead);
        }
    }

    /**
     * @template T of object
     *
     * @param list<T>           $things
     * @param \Closure(T): bool $which
     *
     * @return T
     */
    protected static function firstOf(array $things, \Closure $which): object
    {
        foreach ($things as $thing) {
            if ($which($thing)) {
                return $thing;
            }
        }
        self::fail('There is none.');
    }
}
