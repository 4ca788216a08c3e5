<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use Doctrine\DBAL\Connection;
use KindHeel\App\Air\RecordAir;
use KindHeel\App\People\Person;
use KindHeel\App\People\Role;
use KindHeel\Core\Drying\Air;
use KindHeel\Tests\Support\Counting;
use Symfony\Bundle\FrameworkBundle\KernelBrowser;
use Symfony\Bundle\FrameworkBundle\Test\WebTestCase;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Clock\MockClock;

/** The API as a client sees it, on an empty database with three people in it. */
abstract class ApiTestCase extends WebTestCase
{
    protected KernelBrowser $client;
    protected MockClock $clock;
    /** @var array<string, string> */
    private array $tokens = [];

    protected function setUp(): void
    {
        $this->client = self::createClient();
        // One kernel for the whole story: its clock goes on between requests.
        $this->client->disableReboot();
        $clock = self::getContainer()->get(ClockInterface::class);
        \assert($clock instanceof MockClock);
        $this->clock = $clock;
        $connection = $this->connection();
        foreach (['ledger_entry', 'plan_step', 'finding', 'piece_part', 'piece', 'ticket', 'air_reading', 'remembered_answer', 'sign_in_failure', 'sessions', 'person'] as $table) {
            $connection->executeStatement('DELETE FROM '.$table);
        }
        $entities = self::getContainer()->get('doctrine')->getManager();
        $hash = password_hash('open sesame', \PASSWORD_BCRYPT, ['cost' => 4]);
        foreach ([['ida', Role::Owner], ['tomas', Role::Restorer], ['nell', Role::Restorer], ['wren', Role::Apprentice]] as [$login, $role]) {
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

    protected function signIn(string $login = 'tomas', string $password = 'open sesame'): int
    {
        $this->client->getCookieJar()->clear();
        $this->tokens = [];

        return $this->ask('POST', '/api/sign-in', ['login' => $login, 'password' => $password])[0];
    }

    /**
     * @param array<string, mixed>|null $body
     * @param array<string, string>     $headers
     *
     * @return array{int, array<string, mixed>} status and document
     */
    protected function ask(string $method, string $path, ?array $body = null, array $headers = [], ?string $raw = null): array
    {
        $server = ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/json'];
        if ('GET' !== $method) {
            $server['HTTP_X_CSRF_TOKEN'] = $this->token();
        }
        foreach ($headers as $name => $value) {
            $server['HTTP_'.strtoupper(str_replace('-', '_', $name))] = $value;
        }
        $this->client->request($method, $path, server: $server, content: $raw ?? (null === $body ? '' : json_encode($body, \JSON_THROW_ON_ERROR)));
        $response = $this->client->getResponse();
        if (200 === $response->getStatusCode() && \in_array($path, ['/api/session', '/api/sign-in', '/api/sign-out'], true)) {
            $this->tokens = ['csrf' => json_decode((string) $response->getContent(), true)['csrfToken']];
        }

        return [$response->getStatusCode(), json_decode((string) $response->getContent(), true) ?? []];
    }

    /**
     * @param array<string, mixed> $body
     *
     * @return array<string, mixed> the document of an answer that must be good
     */
    protected function must(string $method, string $path, array $body = [], int $status = 200): array
    {
        [$got, $document] = $this->ask($method, $path, 'GET' === $method ? null : $body);
        self::assertSame($status, $got, $method.' '.$path.': '.json_encode($document, \JSON_UNESCAPED_UNICODE));

        return $document;
    }

    /**
     * @param array<string, mixed> $body
     *
     * @return array<string, mixed> the problem document of a refusal
     */
    protected function refused(int $status, string $method, string $path, array $body = [], ?string $raw = null): array
    {
        [$got, $document] = $this->ask($method, $path, 'GET' === $method ? null : $body, raw: $raw);
        self::assertSame($status, $got, $method.' '.$path.': '.json_encode($document, \JSON_UNESCAPED_UNICODE));
        self::assertSame('application/problem+json', $this->client->getResponse()->headers->get('Content-Type'));
        self::assertSame($status, $document['status']);
        self::assertMatchesRegularExpression('/^[\p{Lu}“].*[.?]$/u', $document['detail'], 'a sentence');
        self::assertStringNotContainsString('Exception', (string) $this->client->getResponse()->getContent());
        self::assertStringNotContainsString('.php', (string) $this->client->getResponse()->getContent());

        return $document;
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
        return (int) $this->connection()->fetchOne('SELECT COUNT(*) FROM '.$table);
    }

    /** @return array<string, mixed> the body of a new ticket that is sound */
    protected function ticketBody(string $kind = 'derby', string $aim = 'freshen'): array
    {
        return [
            'customer' => 'The Lantern Players',
            'contact' => 'Mirela Sand',
            'wish' => 'Worn is right, muddy is not.',
            'promisedAt' => '2026-03-06T18:00',
            'pieces' => [['name' => 'The lamplighter’s shoes', 'kind' => $kind, 'sizeEu' => 42, 'aim' => $aim, 'gloss' => 'satin', 'shade' => 'chestnut']],
        ];
    }

    /** A pair of pigmented derbies, looked over and planned; its id. */
    protected function plannedPair(): int
    {
        $ticket = $this->must('POST', '/api/tickets', $this->ticketBody(), 201);
        $id = $ticket['pieces'][0]['id'];
        $places = [];
        foreach (['left', 'right'] as $half) {
            foreach (['toe', 'vamp', 'quarter', 'counter', 'tongue', 'facing', 'topline'] as $part) {
                $places[] = ['part' => $part, 'half' => $half];
            }
        }
        $piece = $this->must('PUT', "/api/pieces/$id/parts", ['version' => 1, 'places' => $places, 'material' => 'pigmented', 'certainty' => 'known']);
        $piece = $this->must('POST', "/api/pieces/$id/findings", ['version' => $piece['version'], 'part' => 'toe', 'half' => 'left', 'kind' => 'scuff', 'severity' => 2, 'lengthMm' => 12.0, 'widthMm' => 4.0]);
        $this->must('POST', "/api/pieces/$id/plan", ['version' => $piece['version']]);

        return $id;
    }

    /** @return array<string, mixed> the first step that calls for hands */
    protected function nextCall(): array
    {
        return $this->must('GET', '/api/bench')['calls'][0];
    }

    /** Works on until a step with this title is in the hand; answers its call. @return array<string, mixed> */
    protected function workUntil(string $title): array
    {
        for ($i = 0; $i < 200; ++$i) {
            $bench = $this->must('GET', '/api/bench');
            $call = $bench['calls'][0] ?? null;
            if (null === $call) {
                $this->clock->sleep(60);
                continue;
            }
            if ('test' !== $call['urgency'] && str_starts_with($call['step']['title'], $title)) {
                return $call;
            }
            $this->doCall($call);
        }
        self::fail('There was never a step “'.$title.'”.');
    }

    /** @param array<string, mixed> $call */
    protected function doCall(array $call): void
    {
        $step = $call['step'];
        if ('test' === $call['urgency']) {
            $this->must('POST', "/api/steps/{$step['id']}/gate", ['version' => $step['version'], 'answer' => 'passed']);

            return;
        }
        $bench = $this->must('POST', "/api/steps/{$step['id']}/start", ['version' => $step['version']]);
        $this->clock->sleep(60 * $step['minutes']);
        $this->must('POST', "/api/steps/{$step['id']}/done", ['version' => $bench['calls'][0]['step']['version']]);
    }

    private function token(): string
    {
        if (!isset($this->tokens['csrf'])) {
            $this->ask('GET', '/api/session');
        }

        return $this->tokens['csrf'];
    }
}
