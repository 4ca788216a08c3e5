<?php

declare(strict_types=1);

namespace KindHeel\App\Compute\Script;

use KindHeel\App\Compute\InputErrors;
use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;

/** JSON in on standard input, JSON out on standard output; 0 computed, 2 the input is wrong, 1 a fault of ours. */
#[AsCommand('compute', 'Calls a computation of the craft: JSON in, JSON out.')]
final readonly class ComputeCommand
{
    private const WRONG_INPUT = 2;
    private const FLAGS = \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR;

    public function __invoke(#[Argument('Such as dry.forecast.')] string $name): int
    {
        try {
            $computation = Computations::named($name) ?? throw new InputErrors([
                ['path' => '', 'message' => \sprintf('there is no computation “%s”; there are %s', $name, implode(', ', Computations::names()))],
            ]);
            fwrite(\STDOUT, json_encode($computation->compute($this->input()), self::FLAGS)."\n");

            return 0;
        } catch (InputErrors $wrong) {
            fwrite(\STDERR, json_encode(['errors' => $wrong->errors], self::FLAGS)."\n");

            return self::WRONG_INPUT;
        } catch (\Throwable $fault) {
            fwrite(
                \STDERR,
                json_encode(
                    ['errors' => [['path' => '', 'message' => 'a fault of the program: '.$fault->getMessage()]]],
                    self::FLAGS | \JSON_INVALID_UTF8_SUBSTITUTE,
                )."\n",
            );

            return 1;
        }
    }

    /** @throws InputErrors */
    private function input(): mixed
    {
        try {
            return json_decode((string) stream_get_contents(\STDIN), flags: \JSON_THROW_ON_ERROR);
        } catch (\JsonException $broken) {
            throw new InputErrors([['path' => '', 'message' => 'is not sound JSON: '.$broken->getMessage()]]);
        }
    }
}
