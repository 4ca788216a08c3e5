<?php

declare(strict_types=1);

namespace KindHeel\Tests\App;

use KindHeel\App\Colour\Device\ColourReader;
use KindHeel\App\Colour\Device\DeviceFault;
use KindHeel\App\Colour\Device\DeviceLine;
use KindHeel\App\Colour\Device\LookAt;
use KindHeel\App\Colour\Device\StreamLine;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** What may hang at the other end of the reader's line. */
final class ColourDeviceTest extends TestCase
{
    public function testARealReaderAnswersOverASocket(): void
    {
        $address = 'unix://'.sys_get_temp_dir().'/kind-heel-reader-'.getmypid().'.sock';
        $code = <<<'PHP'
            $server = stream_socket_server($argv[1]);
            echo "open\n";
            $line = stream_socket_accept($server);
            $asked = json_decode(fgets($line), true);
            fwrite($line, json_encode(['ok' => 'read' === $asked['do'], 'start' => 380, 'step' => 20, 'values' => array_fill(0, 18, 0.25)])."\n");
            PHP;
        $reader = new Process([\PHP_BINARY, '-r', $code, '--', $address]);
        $reader->start();
        $reader->waitUntil(static fn (string $type, string $text): bool => str_contains($text, 'open'));
        $spectrum = (new ColourReader(new StreamLine($address)))->measure(LookAt::card('grey'));
        self::assertSame([380, 20, 0.25], [$spectrum->start, $spectrum->step, $spectrum->at(555.0)]);
        $reader->wait();
        $this->expectException(DeviceFault::class);
        (new ColourReader(new StreamLine($address)))->measure(LookAt::card('grey'));
    }

    /** @return iterable<string, array{string, string}> */
    public static function nonsense(): iterable
    {
        yield 'nothing' => ['', 'could not be understood'];
        yield 'no JSON' => ['READY', 'could not be understood'];
        yield 'its own sentence' => ['{"ok":false,"say":"The cap is on. Take it off."}', 'The cap is on'];
        yield 'no values' => ['{"ok":true,"start":400,"step":10}', 'could not be understood'];
        yield 'words for numbers' => ['{"ok":true,"start":400,"step":10,"values":["high"]}', 'no number'];
        yield 'too few bands' => ['{"ok":true,"start":400,"step":10,"values":[0.1,0.2]}', '680'];
        yield 'percent' => ['{"ok":true,"start":400,"step":10,"values":['.implode(',', array_fill(0, 31, 42)).']}', 'no sound spectrum'];
    }

    #[DataProvider('nonsense')]
    public function testNonsenseIsASentenceAndNoReading(string $answer, string $words): void
    {
        $line = new class($answer) implements DeviceLine {
            public function __construct(private readonly string $answer)
            {
            }

            public function ask(string $line): string
            {
                return $this->answer;
            }
        };
        $this->expectException(DeviceFault::class);
        $this->expectExceptionMessage($words);
        (new ColourReader($line))->measure(LookAt::card('white'));
    }
}
