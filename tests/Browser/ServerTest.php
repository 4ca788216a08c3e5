<?php

declare(strict_types=1);

namespace KindHeel\Tests\Browser;

use PHPUnit\Framework\TestCase;

/** The web server as a stranger meets it. */
final class ServerTest extends TestCase
{
    public function testWhoHoldsHundredsOfLinesAndSaysNothingShutsNobodyOut(): void
    {
        $address = (string) getenv('KINDHEEL_ADDRESS');
        $host = parse_url($address, \PHP_URL_HOST).':'.parse_url($address, \PHP_URL_PORT);
        $idle = [];
        for ($n = 0; $n < 600; ++$n) {
            $line = @stream_socket_client('tcp://'.$host, timeout: 2);
            self::assertIsResource($line, "line $n is taken");
            // Half of them begin to ask and stop.
            0 === $n % 2 || fwrite($line, "GET /api/session HTTP/1.1\r\nHost: ");
            $idle[] = $line;
        }
        $answer = @file_get_contents($address.'/api/session', context: stream_context_create(['http' => ['timeout' => 10]]));
        array_map(fclose(...), $idle);
        self::assertJson((string) $answer);
    }
}
