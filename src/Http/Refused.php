<?php

declare(strict_types=1);

namespace KindHeel\App\Http;

use Symfony\Component\HttpFoundation\JsonResponse;

/** The workshop's rules do not allow it now; the message says why. */
final class Refused extends \RuntimeException implements AnsweredError
{
    /** @param bool $overridable somebody who may can go on with a word why */
    private function __construct(string $message, public readonly string $kind, public readonly bool $overridable)
    {
        parent::__construct($message);
    }

    public function problem(): JsonResponse
    {
        return ProblemDocument::response(409, $this->getMessage(), $this->kind, more: ['overridable' => $this->overridable]);
    }

    public static function now(string $message): self
    {
        return new self($message, 'not-now', false);
    }

    public static function unlessOverridden(string $message): self
    {
        return new self($message, 'not-ready', true);
    }

    /** Somebody else was quicker. */
    public static function stale(string $message): self
    {
        return new self($message, 'changed-meanwhile', false);
    }
}
