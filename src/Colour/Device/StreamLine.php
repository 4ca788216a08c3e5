<?php

declare(strict_types=1);

namespace KindHeel\App\Colour\Device;

/** A line to a real instrument: a serial device (`/dev/ttyUSB0`) or a socket (`tcp://127.0.0.1:7000`). */
final readonly class StreamLine implements DeviceLine
{
    private const SECONDS = 5;
    private const LONGEST = 65536;

    public function __construct(private string $address)
    {
    }

    public function ask(string $line): string
    {
        $stream = str_contains($this->address, '://') ? @stream_socket_client($this->address, timeout: self::SECONDS) : @fopen($this->address, 'r+');
        if (false === $stream) {
            throw new DeviceFault('The colour reader does not answer. Is it switched on and plugged in?');
        }
        try {
            stream_set_timeout($stream, self::SECONDS);
            fwrite($stream, $line."\n");
            $answer = fgets($stream, self::LONGEST);

            return false === $answer ? throw new DeviceFault('The colour reader took too long. Read again.') : $answer;
        } finally {
            fclose($stream);
        }
    }
}
