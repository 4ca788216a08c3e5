<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Bench\BenchView;
use KindHeel\App\Running\Measure;

/** What is watched from outside: on the machine, in the usual text, and true. */
final class MetricsTest extends ApiTestCase
{
    public function testEverythingIsSaidInTheUsualText(): void
    {
        $this->signIn('ida');
        $this->plannedPair();
        $this->doCall($this->nextCall());
        $call = $this->nextCall();
        $this->must(BenchView::class, 'POST', "/api/steps/{$call->step->id}/start", ['version' => $call->step->version]);
        $this->client->getCookieJar()->clear();

        self::assertSame(200, $this->ask('GET', '/metrics'));
        self::assertStringStartsWith('text/plain; version=0.0.4', (string) $this->client->getResponse()->headers->get('Content-Type'));
        $lines = explode("\n", rtrim($this->content()));
        $said = [];
        foreach ($lines as $line) {
            if (1 === preg_match('/^# (HELP|TYPE) kindheel_\w+ .+$/', $line)) {
                continue;
            }
            self::assertMatchesRegularExpression('/^kindheel_[a-z_]+(\{[a-z]+="[^"]*"\})? -?[\d.e+-]+$/', $line);
            [$name, $value] = explode(' ', $line);
            self::assertArrayNotHasKey($name, $said);
            $said[$name] = (float) $value;
        }
        self::assertSame([1.0, 1.0, 0.0], [$said['kindheel_ready'], $said['kindheel_steps_in_hand'], $said['kindheel_calls{urgency="missed"}']]);
        self::assertSame(1.0, $said['kindheel_pieces_on_the_bench']);
        self::assertGreaterThan(0.0, $said['kindheel_replanning_asked_total']);
        self::assertArrayHasKey('kindheel_messages{state="failed"}', $said);
        self::assertArrayHasKey('kindheel_request_seconds_bucket{le="+Inf"}', $said);
        self::assertStringNotContainsString('lamplighter', $this->content(), 'and nothing of anybody');
    }

    public function testNobodyReadsItThroughAProxyOrFromElsewhere(): void
    {
        self::assertSame(404, $this->ask('GET', '/metrics', headers: ['X-Forwarded-For' => '127.0.0.1']));
        $this->client->setServerParameter('REMOTE_ADDR', '192.0.2.7');
        self::assertSame(404, $this->ask('GET', '/metrics'));
    }

    public function testAMeasureIsALineForEachOfItsLabels(): void
    {
        self::assertSame(
            "# HELP kindheel_calls What is called.\n# TYPE kindheel_calls gauge\nkindheel_calls{urgency=\"open\"} 3\nkindheel_calls 0.5\n",
            (new Measure('calls', 'What is called.', 'gauge', ['{urgency="open"}' => 3, '' => 0.5]))->text(),
        );
    }
}
